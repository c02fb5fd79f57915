package tactus.core.music.time;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import tactus.core.ground.refusal.Refusal;

/**
 * The slots over a number of felt beats, starting at a bar line or some beats in front of it: eight eighths for four beats of 4/4.
 *
 * @param length the length of all slots together
 * @param slots in order, without gaps
 */
public record Grid(Length length, List<Slot> slots) {

    public Grid {
        Objects.requireNonNull(length);
        slots = List.copyOf(slots);
    }

    /**
     * Lays {@code beats} felt beats of {@code meter} out, bar after bar.
     *
     * @throws Refusal if {@code beats} is below 1 or the division does not fit the meter
     */
    public static Grid of(Meter meter, int beats, Division division) {
        return of(meter, 0, beats, _ -> division);
    }

    /**
     * Lays {@code beats} felt beats of {@code meter} out, each divided in its own way.
     *
     * @param pickup how many more beats come in front of the first bar line, fewer than a bar has
     * @param division how the beat with a number from 0, those in front included, is divided
     * @throws Refusal if {@code beats} is below 1, there is a whole bar in front, or a division does not
     *     fit the meter
     */
    public static Grid of(Meter meter, int pickup, int beats, IntFunction<Division> division) {
        if (beats < 1) throw new Refusal("grid.least-beat", beats);
        int inBar = meter.beats().size();
        if (pickup < 0 || pickup >= inBar) {
            throw new Refusal("grid.pick-up", inBar - 1, meter, pickup);
        }
        var builder = new Builder(meter, pickup);
        for (int beat = 0; beat < pickup + beats; beat++) builder.add(beat, division.apply(beat));
        return new Grid(builder.at, builder.slots);
    }

    /** Adds beat after beat; what is the same for all of them is worked out once. */
    private static final class Builder {

        private final Meter meter;
        private final int pickup;
        private final List<Length> lengths;
        private final List<Length> starts = new ArrayList<>();
        private final List<Slot> slots = new ArrayList<>();
        private Length at = Length.ZERO;
        private Division division;
        private Length slot;

        Builder(Meter meter, int pickup) {
            this.meter = meter;
            this.pickup = pickup;
            lengths = meter.beats();
            Length start = Length.ZERO;
            for (Length length : lengths) {
                starts.add(start);
                start = start.plus(length);
            }
        }

        void add(int beat, Division divided) {
            if (divided != division) {
                divided.checkFits(meter);
                division = divided;
                slot = divided.slotLength(meter);
            }
            int fromBarLine = beat - pickup;
            int index = Math.floorMod(fromBarLine, lengths.size());
            int bar = Math.floorDiv(fromBarLine, lengths.size());
            long count = lengths.get(index).wholesOf(slot);
            for (int i = 0; i < count; i++) {
                Length within = slot.times(i);
                Length inBar = starts.get(index).plus(within);
                Count name = Counting.at(meter, slot, inBar);
                slots.add(new Slot(slots.size(), at.plus(within), slot, beat, i, bar, inBar, name));
            }
            at = at.plus(lengths.get(index));
        }
    }

    /** How many slots there are. */
    public int size() {
        return slots.size();
    }
}
