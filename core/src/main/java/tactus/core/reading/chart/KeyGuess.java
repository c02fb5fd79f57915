package tactus.core.reading.chart;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.written.harmony.Chord;

/**
 * The key that chords are in, where nobody says: the one whose scale holds most of their notes, and of two such the one in
 * which they begin and end (common practice; the weights are ours).
 */
public final class KeyGuess {

    private static final double BEGINS = 2.5;
    private static final double ENDS = 1.5;

    private KeyGuess() {}

    /** The key of the names as they stand; empty if none of them can be read. */
    public static Optional<Key> of(List<String> chords) {
        return among(chords.stream()
                .filter(name -> !ChordName.isNoChord(name))
                .flatMap(name -> Chord.meaning(name).stream())
                .toList());
    }

    /** The key of {@code names} in their order; empty if there are none. */
    public static Optional<Key> among(List<ChordName> names) {
        if (names.isEmpty()) return Optional.empty();
        return Stream.of(false, true)
                .flatMap(minor -> IntStream.range(0, 12).mapToObj(tonic -> new Key(tonic, minor)))
                .max(Comparator.comparingDouble(key -> score(key, names)));
    }

    /** The part of the names' notes that lies in the scale of {@code key}, 0 to 1. */
    public static double share(Key key, List<ChordName> names) {
        return names.isEmpty() ? 0 : inside(key, names) / names.size();
    }

    /** Whether {@code names}, of which there is at least one, begin or end on the chord of the tonic of {@code key}. */
    public static boolean isAtHome(Key key, List<ChordName> names) {
        return isHome(key, names.getFirst()) + isHome(key, names.getLast()) > 0;
    }

    private static double inside(Key key, List<ChordName> names) {
        double sum = 0;
        for (ChordName name : names) {
            List<Integer> notes = name.pitchClasses();
            long inside = notes.stream().filter(key::has).count();
            sum += (double) inside / notes.size();
        }
        return sum;
    }

    private static double score(Key key, List<ChordName> names) {
        double score = inside(key, names);
        double weight = Math.max(1, names.size() / 8.0);
        return score + weight * (isHome(key, names.getFirst()) * BEGINS + isHome(key, names.getLast()) * ENDS);
    }

    private static double isHome(Key key, ChordName name) {
        boolean root = name.root().pitchClass() == key.tonic();
        boolean third = name.pitchClasses().contains(Math.floorMod(key.tonic() + (key.minor() ? 3 : 4), 12));
        return root && third ? 1 : 0;
    }
}
