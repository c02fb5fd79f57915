package tactus.core.patterns.rhythm;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;

/**
 * Syncopation after Longuet-Higgins and Lee, "The rhythmic interpretation of monophonic music", Music Perception 1(4),
 * 1984: a note followed by a rest or held over a place of greater weight is syncopated by the difference of the weights.
 * The weight of a place is 0 at the bar line and one less for every level it lies below that.
 */
public final class Syncopation {

    private final int[] weights;

    /** Measures strokes on {@code grid}. */
    public Syncopation(Meter meter, Grid grid) {
        List<Length> levels = levels(meter);
        weights = grid.slots().stream()
                .mapToInt(slot -> weight(meter, slot, levels))
                .toArray();
    }

    /** The lengths of the levels below the bar, the longest first: halves and quarters in 4/4. */
    private static List<Length> levels(Meter meter) {
        var levels = new ArrayList<Length>();
        boolean even = meter.kind() == Meter.Kind.SIMPLE && meter.beats().size() == 4;
        if (even) levels.add(meter.shortestBeat().times(2));
        if (meter.kind() != Meter.Kind.ADDITIVE) levels.add(meter.shortestBeat());
        return levels;
    }

    private static int weight(Meter meter, Slot slot, List<Length> levels) {
        if (slot.startsBar()) return 0;
        for (int level = 0; level < levels.size(); level++) {
            if (slot.inBar().isMultipleOf(levels.get(level))) return -1 - level;
        }
        if (slot.startsBeat()) return -1 - levels.size();
        Length beat = meter.shortestBeat();
        Length within = slot.inBar().remainderOver(beat);
        int depth = 0;
        Length part = beat;
        while (!within.isMultipleOf(part)) {
            boolean inThrees = part.dividedBy(slot.length()).over() % 3 == 0;
            part = part.dividedBy(inThrees ? 3 : 2);
            depth++;
        }
        return -Math.max(1, levels.size()) - depth;
    }

    /** The weight of the slot with {@code index}: 0 or below. */
    public int weight(int index) {
        return weights[index];
    }

    /**
     * How much a note at {@code from} is syncopated when the next one comes at {@code to}, which is beyond the last slot
     * where it comes in the next round.
     */
    public int between(int from, int to) {
        int heaviest = Integer.MIN_VALUE;
        for (int slot = from + 1; slot < to; slot++) heaviest = Math.max(heaviest, weights[slot % weights.length]);
        return Math.max(0, heaviest == Integer.MIN_VALUE ? 0 : heaviest - weights[from]);
    }

    /** The syncopation of notes at {@code slots}, in order, that go round and round. */
    public int of(List<Integer> slots) {
        int sum = 0;
        for (int i = 0; i < slots.size(); i++) {
            sum += between(slots.get(i), i + 1 < slots.size() ? slots.get(i + 1) : weights.length + slots.getFirst());
        }
        return sum;
    }
}
