package tactus.core.patterns.placing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What is known of where strokes fall.
 *
 * @param from for each stroke the first slot it can be on
 * @param to for each stroke the last one
 * @param struck slots that some stroke is on
 * @param closed slots that no stroke is on
 * @param counted strokes whose slot was said, so that they may go against the hand
 */
public record Bounds(
        List<Integer> from, List<Integer> to, Set<Integer> struck, Set<Integer> closed, Set<Integer> counted) {

    public Bounds {
        from = List.copyOf(from);
        to = List.copyOf(to);
        struck = Set.copyOf(struck);
        closed = Set.copyOf(closed);
        counted = Set.copyOf(counted);
    }

    /** Nothing is known but that the first stroke is on count 1, unless it may be late. */
    static Bounds open(int strokes, int slots, boolean late, Set<Integer> struck) {
        var to = new ArrayList<>(Collections.nCopies(strokes, slots - 1));
        if (strokes > 0 && !late) to.set(0, 0);
        return new Bounds(Collections.nCopies(strokes, 0), to, struck, Set.of(), Set.of());
    }

    /** The same with {@code stroke} between two slots. */
    Bounds with(int stroke, int first, int last) {
        return set(stroke, Math.max(first, from.get(stroke)), Math.min(last, to.get(stroke)));
    }

    /** The same with the first stroke on {@code slot}. */
    Bounds startingOn(int slot) {
        return set(0, slot, slot);
    }

    /** The same with {@code stroke} on {@code slot}, wherever it could be before, since its count was said. */
    Bounds on(int stroke, int slot) {
        Set<Integer> known = new HashSet<>(counted);
        known.add(stroke);
        Bounds there = set(stroke, slot, slot);
        return new Bounds(there.from, there.to, struck, closed, known);
    }

    private Bounds set(int stroke, int first, int last) {
        var lows = new ArrayList<>(from);
        var highs = new ArrayList<>(to);
        lows.set(stroke, first);
        highs.set(stroke, last);
        return new Bounds(lows, highs, struck, closed, counted);
    }

    Bounds withStruck(Set<Integer> slots) {
        return new Bounds(from, to, slots, closed, counted);
    }

    Bounds withClosed(Set<Integer> slots) {
        return new Bounds(from, to, struck, slots, counted);
    }
}
