package tactus.formats.musicxml;

import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import tactus.core.music.chord.ChordName;

/** The kinds of chords that MusicXML has names for (its value list {@code kind-value}). */
final class ChordKind {

    /** By the semitones above the root. */
    private static final Map<Set<Integer>, String> NAMES = Map.ofEntries(
            Map.entry(Set.of(0, 4, 7), "major"),
            Map.entry(Set.of(0, 3, 7), "minor"),
            Map.entry(Set.of(0, 4, 8), "augmented"),
            Map.entry(Set.of(0, 3, 6), "diminished"),
            Map.entry(Set.of(0, 4, 7, 10), "dominant"),
            Map.entry(Set.of(0, 4, 7, 11), "major-seventh"),
            Map.entry(Set.of(0, 3, 7, 10), "minor-seventh"),
            Map.entry(Set.of(0, 3, 6, 9), "diminished-seventh"),
            Map.entry(Set.of(0, 4, 8, 10), "augmented-seventh"),
            Map.entry(Set.of(0, 3, 6, 10), "half-diminished"),
            Map.entry(Set.of(0, 3, 7, 11), "major-minor"),
            Map.entry(Set.of(0, 4, 7, 9), "major-sixth"),
            Map.entry(Set.of(0, 3, 7, 9), "minor-sixth"),
            Map.entry(Set.of(0, 2, 4, 7, 10), "dominant-ninth"),
            Map.entry(Set.of(0, 2, 4, 7, 11), "major-ninth"),
            Map.entry(Set.of(0, 2, 3, 7, 10), "minor-ninth"),
            Map.entry(Set.of(0, 2, 7), "suspended-second"),
            Map.entry(Set.of(0, 5, 7), "suspended-fourth"),
            Map.entry(Set.of(0, 7), "power"));

    private ChordKind() {}

    /** The name of the kind of {@code chord}; {@code other} if there is none. */
    static String of(ChordName chord) {
        var semitones = new TreeSet<Integer>();
        for (int note : new ChordName(chord.root(), chord.quality()).pitchClasses()) {
            semitones.add(Math.floorMod(note - chord.root().pitchClass(), 12));
        }
        return NAMES.getOrDefault(semitones, "other");
    }

    /** What stands behind the root, as the program writes it: {@code m7}. */
    static String text(ChordName chord) {
        return chord.quality().toString();
    }
}
