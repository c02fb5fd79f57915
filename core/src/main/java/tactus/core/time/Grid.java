package tactus.core.time;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * The slots over a number of felt beats, starting at a bar line: eight eighths for four beats of 4/4.
 *
 * @param length the length of all slots together
 * @param slots in order, without gaps
 */
public record Grid(Length length, List<Slot> slots) {

    public Grid {
        slots = List.copyOf(slots);
    }

    /**
     * Lays {@code beats} felt beats of {@code meter} out, bar after bar.
     *
     * @throws IllegalArgumentException if {@code beats} is below 1 or the division does not fit the meter
     */
    public static Grid of(Meter meter, int beats, Division division) {
        return of(meter, beats, _ -> division);
    }

    /**
     * Lays {@code beats} felt beats of {@code meter} out, each divided in its own way.
     *
     * @param division how the beat with a number from 0 is divided
     * @throws IllegalArgumentException if {@code beats} is below 1 or a division does not fit the meter
     */
    public static Grid of(Meter meter, int beats, IntFunction<Division> division) {
        if (beats < 1) throw new IllegalArgumentException("a grid has at least 1 beat, was " + beats);
        var slots = new ArrayList<Slot>();
        Length at = Length.ZERO;
        for (int beat = 0; beat < beats; beat++) {
            addBeat(slots, meter, division.apply(beat), beat, at);
            at = at.plus(meter.beats().get(beat % meter.beats().size()));
        }
        return new Grid(at, slots);
    }

    private static void addBeat(List<Slot> slots, Meter meter, Division division, int beat, Length beatAt) {
        division.checkFits(meter);
        int bar = beat / meter.beats().size();
        Length barAt = meter.length().times(bar);
        Length slot = division.slotLength(meter);
        long count = meter.beats().get(beat % meter.beats().size()).wholesOf(slot);
        for (int i = 0; i < count; i++) {
            Length at = beatAt.plus(slot.times(i));
            Length inBar = at.minus(barAt);
            slots.add(new Slot(slots.size(), at, slot, beat, i, bar, inBar, Counting.at(meter, slot, inBar)));
        }
    }

    public int size() {
        return slots.size();
    }
}
