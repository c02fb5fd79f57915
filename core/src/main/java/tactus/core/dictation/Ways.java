package tactus.core.dictation;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.PatternFrame;
import tactus.core.stroke.Direction;
import tactus.core.time.Slot;

/** Counts exactly how strokes can be placed, without listing the ways. */
final class Ways {

    private final int strokes;
    private final int slots;
    private final List<SpokenStroke> said;
    private final List<Slot> grid;
    private final boolean[][] allowed;
    /** For each slot the next one behind it that must be struck, or the number of slots. */
    private final int[] nextStruck;
    /** Ways to place the strokes up to one, which is on a slot. */
    private final BigInteger[][] before;
    /** Ways to place the strokes from one on, which is on a slot. */
    private final BigInteger[][] after;

    Ways(Dictation dictation, PatternFrame frame, Bounds bounds) {
        this(dictation, frame, bounds, true);
    }

    /** Whether there is any way at all, which is found out without counting them. */
    static boolean isAny(Dictation dictation, PatternFrame frame, Bounds bounds) {
        return new Ways(dictation, frame, bounds, false).isAny();
    }

    private Ways(Dictation dictation, PatternFrame frame, Bounds bounds, boolean isCounted) {
        grid = frame.grid().slots();
        said = dictation.strokes();
        strokes = dictation.strokes().size();
        slots = grid.size();
        allowed = new boolean[strokes][slots];
        for (int stroke = 0; stroke < strokes; stroke++) {
            for (int slot = bounds.from().get(stroke);
                    slot <= Math.min(bounds.to().get(stroke), slots - 1);
                    slot++) {
                allowed[stroke][slot] = !bounds.closed().contains(slot)
                        && (bounds.counted().contains(stroke)
                                || isPossible(dictation.strokes().get(stroke), frame, grid.get(slot)));
            }
        }
        nextStruck = nextStruck(bounds);
        before = new BigInteger[isCounted ? strokes : 0][slots];
        after = new BigInteger[isCounted ? strokes : 0][slots];
        if (!isCounted) return;
        countBefore();
        countAfter();
    }

    private boolean isAny() {
        boolean[] reached = new boolean[slots];
        for (int slot = 0; slot < slots; slot++)
            reached[slot] = strokes > 0 && allowed[0][slot] && nextStruck[0] >= slot;
        for (int stroke = 1; stroke < strokes; stroke++) reached = reachedFrom(reached, stroke);
        for (int slot = 0; slot < slots; slot++) if (reached[slot] && ends(slot)) return true;
        return false;
    }

    private boolean[] reachedFrom(boolean[] last, int stroke) {
        boolean[] reached = new boolean[slots];
        for (int from = 0; from < slots; from++) {
            if (!last[from]) continue;
            for (int to = from + 1; to < slots && nextStruck[from + 1] >= to; to++)
                reached[to] |= allowed[stroke][to] && follows(stroke - 1, from, to);
        }
        return reached;
    }

    /** A stroke whose slot is known may go against the hand; any other goes with it. */
    private static boolean isPossible(SpokenStroke stroke, PatternFrame frame, Slot slot) {
        Optional<Direction> hand = frame.handAt(slot);
        return stroke.direction().isEmpty() ? hand.isPresent() : hand.equals(stroke.direction());
    }

    private int[] nextStruck(Bounds bounds) {
        int[] next = new int[slots + 1];
        next[slots] = slots;
        for (int slot = slots - 1; slot >= 0; slot--) {
            next[slot] = bounds.struck().contains(slot) ? slot : next[slot + 1];
        }
        return next;
    }

    boolean isAllowed(int stroke, int slot) {
        return allowed[stroke][slot];
    }

    /**
     * Whether the stroke behind {@code stroke}, which is on the slot {@code from}, can be on {@code to}: nothing that must be
     * struck lies between, and it is held as long as was said.
     */
    boolean follows(int stroke, int from, int to) {
        return nextStruck[from + 1] >= to && isHeld(stroke, grid.get(from), grid.get(to));
    }

    private boolean isHeld(int stroke, Slot from, Slot to) {
        return said.get(stroke)
                .beats()
                .filter(beats -> from.beat() + beats != to.beat() || from.inBeat() != to.inBeat())
                .isEmpty();
    }

    /** Whether the last stroke can be on {@code from}: nothing that must be struck follows, and there is time to hold it. */
    boolean ends(int from) {
        return nextStruck[from + 1] >= slots
                && said.getLast()
                        .beats()
                        .filter(beats ->
                                grid.get(from).beat() + beats > grid.getLast().beat() + 1)
                        .isEmpty();
    }

    private void countBefore() {
        for (int stroke = 0; stroke < strokes; stroke++) {
            for (int slot = 0; slot < slots; slot++) {
                BigInteger sum = BigInteger.ZERO;
                if (allowed[stroke][slot]) {
                    if (stroke == 0) sum = nextStruck[0] >= slot ? BigInteger.ONE : BigInteger.ZERO;
                    for (int last = 0; stroke > 0 && last < slot; last++) {
                        if (follows(stroke - 1, last, slot)) sum = sum.add(before[stroke - 1][last]);
                    }
                }
                before[stroke][slot] = sum;
            }
        }
    }

    private void countAfter() {
        for (int stroke = strokes - 1; stroke >= 0; stroke--) {
            for (int slot = 0; slot < slots; slot++) {
                BigInteger sum = BigInteger.ZERO;
                if (allowed[stroke][slot]) {
                    if (stroke == strokes - 1) sum = ends(slot) ? BigInteger.ONE : BigInteger.ZERO;
                    for (int next = slot + 1; stroke < strokes - 1 && next < slots; next++) {
                        if (follows(stroke, slot, next)) sum = sum.add(after[stroke + 1][next]);
                    }
                }
                after[stroke][slot] = sum;
            }
        }
    }

    /** How many placements there are. */
    BigInteger count() {
        BigInteger sum = BigInteger.ZERO;
        for (int slot = 0; strokes > 0 && slot < slots; slot++)
            sum = sum.add(before[strokes - 1][slot].multiply(after[strokes - 1][slot]));
        return sum;
    }

    /** How many of them have {@code stroke} on {@code slot}. */
    BigInteger count(int stroke, int slot) {
        return before[stroke][slot].multiply(after[stroke][slot]);
    }

    /** The first stroke that cannot be placed, however the ones before it are; the number of strokes if all can. */
    int firstUnplaced() {
        for (int stroke = 0; stroke < strokes; stroke++) {
            boolean placed = false;
            for (BigInteger ways : before[stroke]) placed |= ways.signum() > 0;
            if (!placed) return stroke;
        }
        return strokes;
    }
}
