package tactus.formats.musicxml;

import static tactus.formats.musicxml.MusicXmlReader.children;
import static tactus.formats.musicxml.MusicXmlReader.number;
import static tactus.formats.musicxml.MusicXmlReader.text;

import java.util.Map;
import java.util.Optional;
import org.w3c.dom.Element;
import tactus.core.music.chord.ChordName;

/** Reads a chord symbol: root, kind (value list {@code kind-value}), degrees, bass. */
final class KindReader {

    private static final Map<String, String> KINDS = Map.ofEntries(
            Map.entry("major", ""),
            Map.entry("minor", "m"),
            Map.entry("augmented", "aug"),
            Map.entry("diminished", "dim"),
            Map.entry("dominant", "7"),
            Map.entry("major-seventh", "maj7"),
            Map.entry("minor-seventh", "m7"),
            Map.entry("diminished-seventh", "dim7"),
            Map.entry("augmented-seventh", "aug7"),
            Map.entry("half-diminished", "m7b5"),
            Map.entry("major-minor", "mmaj7"),
            Map.entry("major-sixth", "6"),
            Map.entry("minor-sixth", "m6"),
            Map.entry("dominant-ninth", "9"),
            Map.entry("major-ninth", "maj9"),
            Map.entry("minor-ninth", "m9"),
            Map.entry("dominant-11th", "11"),
            Map.entry("minor-11th", "m11"),
            Map.entry("dominant-13th", "13"),
            Map.entry("suspended-second", "sus2"),
            Map.entry("suspended-fourth", "sus4"),
            Map.entry("power", "5"));

    /** More than double sharps and flats have no name. */
    private static final int MOST_ALTERED = 2;

    private KindReader() {}

    static Optional<ChordName> name(Element harmony) {
        String root = note(harmony, "root");
        if (root.isEmpty()) return Optional.empty();
        String bass = note(harmony, "bass");
        String slash = bass.isEmpty() ? "" : "/" + bass;
        Element kind = MusicXmlReader.at(harmony, "kind");
        String said = kind == null ? "" : kind.getAttribute("text");
        String quality = KINDS.getOrDefault(text(harmony, "kind"), said) + degrees(harmony);
        return ChordName.find(root + quality + slash)
                .or(() -> ChordName.find(root + said + slash))
                .or(() -> ChordName.find(root + KINDS.getOrDefault(text(harmony, "kind"), "") + slash));
    }

    private static String note(Element harmony, String what) {
        String step = text(harmony, what, what + "-step");
        int alter = number(harmony, 0, what, what + "-alter");
        return step.isEmpty() || Math.abs((long) alter) > MOST_ALTERED
                ? ""
                : step + (alter > 0 ? "#".repeat(alter) : "b".repeat(-alter));
    }

    /** {@code add9}, {@code b5}, {@code no3}. */
    private static String degrees(Element harmony) {
        var degrees = new StringBuilder();
        for (Element degree : children(harmony, "degree")) {
            int value = number(degree, 0, "degree-value");
            int alter = number(degree, 0, "degree-alter");
            String sign = alter > 0 ? "#" : alter < 0 ? "b" : "";
            degrees.append(
                    switch (text(degree, "degree-type")) {
                        case "subtract" -> "no" + value;
                        case "add" -> sign.isEmpty() ? "add" + value : sign + value;
                        default -> sign + value;
                    });
        }
        return degrees.toString();
    }
}
