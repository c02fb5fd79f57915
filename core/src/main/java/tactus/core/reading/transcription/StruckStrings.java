package tactus.core.reading.transcription;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;

/**
 * Strings that sound together, and what stroke that is on a shape.
 *
 * @param frets the fret of each string, by its number
 */
public record StruckStrings(SortedMap<Integer, Integer> frets) {

    public StruckStrings {
        frets = new TreeMap<>(frets);
    }

    /** A strum over the strings of {@code shape} that sound: all, its bass or treble strings, or those between two. */
    public Stroke strum(Direction way, Optional<Voicing> shape) {
        return Strum.of(way)
                .withReach(frets.isEmpty() ? Reach.ALL : shape.map(this::reach).orElse(Reach.ALL));
    }

    /** Whether these are the bass strings of {@code shape}, but not all its strings. */
    boolean isOnlyBass(Optional<Voicing> shape) {
        return !frets.isEmpty()
                && shape.filter(held -> reach(held).equals(Reach.BASS)).isPresent();
    }

    private Reach reach(Voicing shape) {
        int strings = shape.strings();
        Set<Integer> sounded = frets.keySet();
        for (Reach reach : List.of(Reach.ALL, Reach.BASS, Reach.TREBLE)) {
            Set<Integer> expected = reach.order(Direction.DOWN, strings)
                    .filter(shape::isPlayed)
                    .boxed()
                    .collect(Collectors.toSet());
            if (expected.equals(sounded)) return reach;
        }
        int first = frets.firstKey();
        int last = frets.lastKey();
        return last - first + 1 < strings ? new Reach.Named(first, last) : Reach.ALL;
    }

    /** The strings picked; one that {@code shape} holds otherwise with its fret. */
    public Stroke pluck(Optional<Voicing> shape) {
        return Pluck.of(frets.entrySet().stream()
                .map(each -> pick(each.getKey(), each.getValue(), shape))
                .toArray(Pick[]::new));
    }

    private static Pick pick(int string, int fret, Optional<Voicing> shape) {
        boolean isHeld = shape.filter(
                        held -> string <= held.strings() && held.fret(string).orElse(-1) == fret)
                .isPresent();
        return isHeld ? new Pick.OnString(string) : new Pick.Fretted(string, fret);
    }
}
