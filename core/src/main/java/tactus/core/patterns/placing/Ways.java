package tactus.core.patterns.placing;

import java.math.BigInteger;

/** Counts exactly how strokes can be placed, without listing the ways. */
final class Ways {

    private final Room room;
    /** Ways to place the strokes up to one, which is on a slot. */
    private final BigInteger[][] before;
    /** Ways to place the strokes from one on, which is on a slot. */
    private final BigInteger[][] after;

    Ways(Room room) {
        this.room = room;
        before = new BigInteger[room.strokes()][room.slots()];
        after = new BigInteger[room.strokes()][room.slots()];
        for (int stroke = 0; stroke < room.strokes(); stroke++) countBefore(stroke);
        for (int stroke = room.strokes() - 1; stroke >= 0; stroke--) countAfter(stroke);
    }

    Room room() {
        return room;
    }

    private void countBefore(int stroke) {
        // All ways to the stroke before that leave nothing out up to here.
        BigInteger sum = BigInteger.ZERO;
        for (int slot = 0; slot < room.slots(); slot++) {
            before[stroke][slot] = room.isAllowed(stroke, slot) ? before(stroke, slot, sum) : BigInteger.ZERO;
            if (stroke == 0) continue;
            sum = room.isStruck(slot) ? before[stroke - 1][slot] : sum.add(before[stroke - 1][slot]);
        }
    }

    private BigInteger before(int stroke, int slot, BigInteger sum) {
        if (stroke == 0) return room.begins(slot) ? BigInteger.ONE : BigInteger.ZERO;
        if (!room.isHeld(stroke - 1)) return sum;
        BigInteger held = BigInteger.ZERO;
        for (int last = 0; last < slot; last++)
            if (room.follows(stroke - 1, last, slot)) held = held.add(before[stroke - 1][last]);
        return held;
    }

    private void countAfter(int stroke) {
        boolean isLast = stroke == room.strokes() - 1;
        BigInteger sum = BigInteger.ZERO;
        for (int slot = room.slots() - 1; slot >= 0; slot--) {
            after[stroke][slot] = room.isAllowed(stroke, slot) ? after(stroke, slot, sum) : BigInteger.ZERO;
            if (isLast) continue;
            sum = room.isStruck(slot) ? after[stroke + 1][slot] : sum.add(after[stroke + 1][slot]);
        }
    }

    private BigInteger after(int stroke, int slot, BigInteger sum) {
        if (stroke == room.strokes() - 1) return room.ends(slot) ? BigInteger.ONE : BigInteger.ZERO;
        if (!room.isHeld(stroke)) return sum;
        BigInteger held = BigInteger.ZERO;
        for (int next = slot + 1; next < room.slots(); next++)
            if (room.follows(stroke, slot, next)) held = held.add(after[stroke + 1][next]);
        return held;
    }

    /** How many placements there are. */
    BigInteger count() {
        BigInteger sum = BigInteger.ZERO;
        int last = room.strokes() - 1;
        for (int slot = 0; last >= 0 && slot < room.slots(); slot++) sum = sum.add(count(last, slot));
        return sum;
    }

    /** How many of them have {@code stroke} on {@code slot}. */
    BigInteger count(int stroke, int slot) {
        return before[stroke][slot].multiply(after[stroke][slot]);
    }

    /** The first stroke that cannot be placed, however the ones before it are; the number of strokes if all can. */
    int firstUnplaced() {
        for (int stroke = 0; stroke < room.strokes(); stroke++) {
            boolean placed = false;
            for (BigInteger ways : before[stroke]) placed |= ways.signum() > 0;
            if (!placed) return stroke;
        }
        return room.strokes();
    }
}
