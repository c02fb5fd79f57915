package tactus.core.patterns.placing;

import java.util.List;
import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.PatternFrame;

/** The slots of a frame with the way the hand goes at each, laid out once for all that is tried on them. */
final class HandSlots {

    private final PatternFrame frame;
    private final List<Slot> slots;
    private final List<Optional<Direction>> ways;

    HandSlots(PatternFrame frame) {
        this.frame = frame;
        slots = frame.grid().slots();
        ways = slots.stream().map(frame::handAt).toList();
    }

    PatternFrame frame() {
        return frame;
    }

    List<Slot> slots() {
        return slots;
    }

    int size() {
        return slots.size();
    }

    Slot slot(int index) {
        return slots.get(index);
    }

    /** Which way the hand crosses the strings at a slot; empty where it does not. */
    Optional<Direction> handAt(int slot) {
        return ways.get(slot);
    }
}
