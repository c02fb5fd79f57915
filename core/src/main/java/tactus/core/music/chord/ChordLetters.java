package tactus.core.music.chord;

import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.NoteSchool;

/** The names of chords inside a text, whose roots and basses are written in the letters of a school: {@code G | H7}, {@code G/H}. */
public final class ChordLetters {

    private static final Pattern NAME = Pattern.compile("(?<![\\p{L}\\d/#@])[A-H][^\\s|,;:\\[\\]()@]*");

    private ChordLetters() {}

    /** {@code text}, typed in the letters of {@code school}, in international ones; what is no chord stays as it is. */
    public static String international(String text, NoteSchool school) {
        return changed(text, school, NoteSchool.INTERNATIONAL);
    }

    /** {@code text}, which has international letters, in those of {@code school}. */
    public static String written(String text, NoteSchool school) {
        return changed(text, NoteSchool.INTERNATIONAL, school);
    }

    private static String changed(String text, NoteSchool from, NoteSchool to) {
        if (from == to) return text;
        UnaryOperator<String> letters = note -> note(note, from, to);
        return NAME.matcher(text)
                .replaceAll(found ->
                        Matcher.quoteReplacement(isChord(found, from) ? name(found.group(), letters) : found.group()));
    }

    private static boolean isChord(MatchResult found, NoteSchool school) {
        try {
            ChordName.parse(found.group().replaceAll("[._]+$", ""), school);
            return true;
        } catch (Refusal none) {
            return false;
        }
    }

    private static String name(String name, UnaryOperator<String> letters) {
        int bass = name.lastIndexOf('/') + 1;
        boolean hasBass = bass > 1 && bass < name.length() && Character.isUpperCase(name.charAt(bass));
        return hasBass
                ? letters.apply(name.substring(0, bass)) + letters.apply(name.substring(bass))
                : letters.apply(name);
    }

    /** {@code text} with the note that it begins with in other letters. */
    private static String note(String text, NoteSchool from, NoteSchool to) {
        int length = NoteName.lengthIn(text, 0, from);
        return to.written(NoteName.at(text, 0, from)) + text.substring(length);
    }
}
