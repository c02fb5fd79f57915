package tactus.core.time;

import java.util.ArrayList;
import java.util.List;

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
        if (beats < 1) throw new IllegalArgumentException("a grid has at least 1 beat, was " + beats);
        if (!division.fits(meter)) {
            throw new IllegalArgumentException(
                    "the beats of " + meter + " do not divide into " + division.slots() + " equal slots");
        }
        var slots = new ArrayList<Slot>();
        Length slot = division.slotLength(meter);
        Length at = Length.ZERO;
        for (int beat = 0; beat < beats; beat++) {
            int bar = beat / meter.beats().size();
            Length length = meter.beats().get(beat % meter.beats().size());
            addBeat(slots, meter, slot, bar, at, length);
            at = at.plus(length);
        }
        return new Grid(at, slots);
    }

    private static void addBeat(List<Slot> slots, Meter meter, Length slot, int bar, Length beatAt, Length length) {
        long count = length.wholesOf(slot);
        Length barAt = meter.length().times(bar);
        for (int i = 0; i < count; i++) {
            Length at = beatAt.plus(slot.times(i));
            Length inBar = at.minus(barAt);
            slots.add(new Slot(slots.size(), at, slot, bar, inBar, i == 0, Counting.at(meter, slot, inBar)));
        }
    }

    public int size() {
        return slots.size();
    }
}
