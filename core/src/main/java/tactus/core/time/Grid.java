package tactus.core.time;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * The slots over a number of felt beats, starting at a bar line or some beats in front of it: eight eighths for four beats of 4/4.
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
        return of(meter, 0, beats, _ -> division);
    }

    /**
     * Lays {@code beats} felt beats of {@code meter} out, each divided in its own way.
     *
     * @param pickup how many more beats come in front of the first bar line, fewer than a bar has
     * @param division how the beat with a number from 0, those in front included, is divided
     * @throws IllegalArgumentException if {@code beats} is below 1, there is a whole bar in front, or a division does not
     *     fit the meter
     */
    public static Grid of(Meter meter, int pickup, int beats, IntFunction<Division> division) {
        if (beats < 1) throw new IllegalArgumentException("a grid has at least 1 beat, was " + beats);
        int inBar = meter.beats().size();
        if (pickup < 0 || pickup >= inBar) {
            throw new IllegalArgumentException(
                    "a pick-up has 0 to " + (inBar - 1) + " beats in " + meter + ", not " + pickup);
        }
        var slots = new ArrayList<Slot>();
        Length at = Length.ZERO;
        for (int beat = 0; beat < pickup + beats; beat++) {
            int fromBarLine = beat - pickup;
            addBeat(slots, meter, division.apply(beat), beat, fromBarLine, at);
            at = at.plus(meter.beats().get(Math.floorMod(fromBarLine, inBar)));
        }
        return new Grid(at, slots);
    }

    private static void addBeat(
            List<Slot> slots, Meter meter, Division division, int beat, int fromBarLine, Length beatAt) {
        division.checkFits(meter);
        List<Length> beats = meter.beats();
        int index = Math.floorMod(fromBarLine, beats.size());
        Length start = beats.subList(0, index).stream().reduce(Length.ZERO, Length::plus);
        Length slot = division.slotLength(meter);
        long count = beats.get(index).wholesOf(slot);
        for (int i = 0; i < count; i++) {
            Length inBar = start.plus(slot.times(i));
            slots.add(new Slot(
                    slots.size(),
                    beatAt.plus(slot.times(i)),
                    slot,
                    beat,
                    i,
                    Math.floorDiv(fromBarLine, beats.size()),
                    inBar,
                    Counting.at(meter, slot, inBar)));
        }
    }

    public int size() {
        return slots.size();
    }
}
