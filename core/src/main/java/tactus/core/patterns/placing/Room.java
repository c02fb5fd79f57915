package tactus.core.patterns.placing;

import java.util.List;
import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;

/** Which slots each stroke of a dictation may be on, and which slot may follow which. */
final class Room {

    private final List<SpokenStroke> said;
    private final HandSlots frame;
    private final Bounds bounds;
    private final boolean[] closed;
    /** For each slot the next one from it on that must be struck, or the number of slots. */
    private final int[] nextStruck;

    Room(Dictation dictation, HandSlots frame, Bounds bounds) {
        this.frame = frame;
        this.bounds = bounds;
        said = dictation.strokes();
        closed = new boolean[frame.size()];
        bounds.closed().forEach(slot -> closed[slot] = true);
        nextStruck = new int[frame.size() + 1];
        nextStruck[frame.size()] = frame.size();
        for (int slot = frame.size() - 1; slot >= 0; slot--)
            nextStruck[slot] = bounds.struck().contains(slot) ? slot : nextStruck[slot + 1];
    }

    int strokes() {
        return said.size();
    }

    int slots() {
        return frame.size();
    }

    /** Whether {@code slot} lies where the stroke may be, and the hand goes its way there. A stroke whose slot was said may go against it. */
    boolean isAllowed(int stroke, int slot) {
        return slot >= bounds.from().get(stroke)
                && slot <= bounds.to().get(stroke)
                && !closed[slot]
                && (isWithTheHand(said.get(stroke), slot) || bounds.counted().contains(stroke));
    }

    private boolean isWithTheHand(SpokenStroke stroke, int slot) {
        Optional<Direction> hand = frame.handAt(slot);
        return stroke.direction().isEmpty() ? hand.isPresent() : hand.equals(stroke.direction());
    }

    /** Whether the first stroke can be on {@code slot} without leaving out what must be struck before it. */
    boolean begins(int slot) {
        return nextStruck[0] >= slot;
    }

    /** Whether it was said how long {@code stroke} is held. */
    boolean isHeld(int stroke) {
        return said.get(stroke).beats().isPresent();
    }

    /** Whether {@code slot} must be struck. */
    boolean isStruck(int slot) {
        return nextStruck[slot] == slot;
    }

    /**
     * Whether the stroke behind {@code stroke}, which is on the slot {@code from}, can be on {@code to}: nothing that must be
     * struck lies between, and it is held as long as was said.
     */
    boolean follows(int stroke, int from, int to) {
        return nextStruck[from + 1] >= to && isHeld(stroke, frame.slot(from), frame.slot(to));
    }

    private boolean isHeld(int stroke, Slot from, Slot to) {
        return said.get(stroke)
                .beats()
                .filter(beats -> from.beat() + beats != to.beat() || from.inBeat() != to.inBeat())
                .isEmpty();
    }

    /** Whether the last stroke can be on {@code from}: nothing that must be struck follows, and there is time to hold it. */
    boolean ends(int from) {
        return nextStruck[from + 1] >= frame.size()
                && said.getLast()
                        .beats()
                        .filter(beats -> frame.slot(from).beat() + beats
                                > frame.slot(frame.size() - 1).beat() + 1)
                        .isEmpty();
    }

    /** Whether there is any way at all to place the strokes, which is found out without counting the ways. */
    boolean isAny() {
        boolean[] reached = new boolean[slots()];
        for (int slot = 0; slot < slots(); slot++)
            reached[slot] = said.size() > 0 && begins(slot) && isAllowed(0, slot);
        for (int stroke = 1; stroke < said.size(); stroke++) reached = reachedFrom(reached, stroke);
        for (int slot = 0; slot < slots(); slot++) if (reached[slot] && ends(slot)) return true;
        return false;
    }

    private boolean[] reachedFrom(boolean[] last, int stroke) {
        boolean[] reached = new boolean[slots()];
        // Nothing is left out behind the latest slot that is not left out behind an earlier one.
        int latest = -1;
        for (int to = 0; to < slots(); to++) {
            if (isHeld(stroke - 1)) reached[to] = isAllowed(stroke, to) && isReached(last, stroke, to);
            else reached[to] = latest >= 0 && nextStruck[latest + 1] >= to && isAllowed(stroke, to);
            if (last[to]) latest = to;
        }
        return reached;
    }

    private boolean isReached(boolean[] last, int stroke, int to) {
        for (int from = 0; from < to; from++) if (last[from] && follows(stroke - 1, from, to)) return true;
        return false;
    }
}
