package tactus.core.laid.performance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteName;

/** A chord's name as it is said: {@code F#m7/E} as "F sharp minor 7 over E" (common practice). */
final class ChordSpeech {

    private static final Pattern PART = Pattern.compile("maj|m|sus|add|dim|aug|no|b|#|\\+|\\d+");

    private static final Map<String, String> SAID = Map.of(
            "maj",
            "major",
            "m",
            "minor",
            "dim",
            "diminished",
            "aug",
            "augmented",
            "+",
            "augmented",
            "b",
            "flat",
            "#",
            "sharp");

    private ChordSpeech() {}

    /** The words, each one that the voice knows. */
    static List<String> of(ChordName name) {
        var words = new ArrayList<>(note(name.root()));
        Matcher parts = PART.matcher(name.quality().toString());
        while (parts.find()) words.add(SAID.getOrDefault(parts.group(), parts.group()));
        if (name.isSlash()) {
            words.add("over");
            words.addAll(note(name.bass()));
        }
        return words;
    }

    private static List<String> note(NoteName note) {
        var words = new ArrayList<String>();
        words.add(String.valueOf(note.letter()));
        for (int i = 0; i < Math.abs(note.alter()); i++) words.add(note.alter() > 0 ? "sharp" : "flat");
        return words;
    }
}
