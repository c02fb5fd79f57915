package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.reading.transcription.HeardMusic.Heard;

/** Which strings and frets keys are played on. */
final class Fretting {

    private static final int HIGHEST = 19;
    /** What a string that is skipped in the middle costs, in frets of stretch. */
    private static final double SKIPPED = 1.5;

    private static final double UP_THE_NECK = 0.3;

    private final List<Integer> open;

    /** @param strings what the open strings sound, the capo included */
    Fretting(Tuning strings) {
        open = strings.open().stream().map(pitch -> pitch.number()).toList();
    }

    /**
     * The shape that sounds {@code keys}, each on a string of its own: the least stretch, the fewest strings skipped, the
     * nearest to the nut.
     */
    private Optional<Voicing> shape(List<Integer> keys) {
        List<Integer> rising = keys.stream().distinct().sorted().toList();
        var best = new Best();
        search(rising, 0, 0, new ArrayList<>(Collections.nCopies(open.size(), Voicing.NOT_PLAYED)), best);
        return Optional.ofNullable(best.frets).map(Voicing::new);
    }

    private static final class Best {
        private double cost = Double.MAX_VALUE;
        private List<Integer> frets;
    }

    private void search(List<Integer> keys, int key, int string, List<Integer> frets, Best best) {
        if (key == keys.size()) {
            double cost = cost(frets);
            if (cost < best.cost) {
                best.cost = cost;
                best.frets = List.copyOf(frets);
            }
            return;
        }
        for (int i = string; i <= open.size() - (keys.size() - key); i++) {
            int fret = keys.get(key) - open.get(i);
            if (fret < 0 || fret > HIGHEST) continue;
            frets.set(i, fret);
            search(keys, key + 1, i + 1, frets, best);
            frets.set(i, Voicing.NOT_PLAYED);
        }
    }

    private static double cost(List<Integer> frets) {
        List<Integer> fretted = frets.stream().filter(fret -> fret > 0).toList();
        int stretch = fretted.isEmpty() ? 0 : Collections.max(fretted) - Collections.min(fretted);
        int first = 0;
        while (frets.get(first) < 0) first++;
        int last = frets.size() - 1;
        while (frets.get(last) < 0) last--;
        long skipped =
                frets.subList(first, last + 1).stream().filter(fret -> fret < 0).count();
        int highest = fretted.isEmpty() ? 0 : Collections.max(fretted);
        return stretch * (stretch > 3 ? 2 : 1) + SKIPPED * skipped + UP_THE_NECK * highest;
    }

    /** Whether every one of {@code notes} says on which string it is. */
    private boolean isKnown(List<Heard> notes) {
        return notes.stream()
                .allMatch(note -> note.string() > 0
                        && note.string() <= open.size()
                        && note.key() >= open.get(open.size() - note.string()));
    }

    /** The strings and frets of {@code notes}: as they are said, otherwise as {@code shape} holds them. */
    SortedMap<Integer, Integer> of(List<Heard> notes, Optional<Voicing> shape) {
        if (!isKnown(notes)) return strings(notes.stream().map(Heard::key).toList(), shape);
        var frets = new TreeMap<Integer, Integer>();
        for (Heard note : notes) frets.put(note.string(), note.key() - open.get(open.size() - note.string()));
        return frets;
    }

    /** The shape that {@code notes} sound. */
    Optional<Voicing> shapeOf(List<Heard> notes) {
        if (!isKnown(notes)) return shape(notes.stream().map(Heard::key).toList());
        var frets = new ArrayList<>(Collections.nCopies(open.size(), Voicing.NOT_PLAYED));
        of(notes, Optional.empty()).forEach((string, fret) -> frets.set(open.size() - string, Math.min(fret, HIGHEST)));
        return Optional.of(new Voicing(frets));
    }

    /** The strings that {@code keys} sound on: those of {@code shape} where it has them, otherwise free ones that are near. */
    private SortedMap<Integer, Integer> strings(List<Integer> keys, Optional<Voicing> shape) {
        var frets = new TreeMap<Integer, Integer>();
        var others = new ArrayList<Integer>();
        for (int key : keys) {
            if (shape.isEmpty() || !putHeld(frets, key, shape.get())) others.add(key);
        }
        if (shape.isEmpty() && keys.size() > 1) {
            shape(keys).ifPresent(found -> keys.forEach(key -> putHeld(frets, key, found)));
            return frets;
        }
        for (int key : others) putNear(frets, key, shape);
        return frets;
    }

    private boolean putHeld(SortedMap<Integer, Integer> frets, int key, Voicing shape) {
        for (int i = 0; i < Math.min(open.size(), shape.strings()); i++) {
            int fret = shape.frets().get(i);
            int string = open.size() - i;
            if (fret >= 0 && open.get(i) + fret == key && !frets.containsKey(string)) {
                frets.put(string, fret);
                return true;
            }
        }
        return false;
    }

    private void putNear(SortedMap<Integer, Integer> frets, int key, Optional<Voicing> shape) {
        int at = shape.flatMap(
                        held -> held.frets().stream().filter(fret -> fret > 0).min(Integer::compare))
                .orElse(0);
        int best = -1;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < open.size(); i++) {
            int fret = key - open.get(i);
            if (fret < 0 || fret > HIGHEST || frets.containsKey(open.size() - i)) continue;
            int away = fret == 0 ? 0 : Math.abs(fret - at);
            if (away < least) {
                least = away;
                best = i;
            }
        }
        if (best >= 0) frets.put(open.size() - best, key - open.get(best));
    }
}
