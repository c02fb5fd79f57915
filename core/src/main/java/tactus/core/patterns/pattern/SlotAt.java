package tactus.core.patterns.pattern;

import java.util.Comparator;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;

/**
 * Where a stroke of a pattern was written. It is kept by bar, so that a bar that gets another meter keeps its strokes
 * and the next one still starts on its bar line.
 *
 * @param bar from 0; -1 for a pick-up in front of the first bar line
 * @param inBar the distance from the bar line, not negative
 */
public record SlotAt(int bar, Length inBar) implements Comparable<SlotAt> {

    private static final Comparator<SlotAt> ORDER =
            Comparator.comparingInt(SlotAt::bar).thenComparing(SlotAt::inBar);

    /** @throws IllegalArgumentException if either is negative */
    public SlotAt {
        if (bar < -1 || inBar.isLessThan(Length.ZERO)) {
            throw new IllegalArgumentException("a slot cannot lie before the start, was bar " + bar + ", " + inBar);
        }
    }

    /** Where a stroke of {@code slot} is kept. */
    public static SlotAt of(Slot slot) {
        return new SlotAt(slot.bar(), slot.inBar());
    }

    @Override
    public int compareTo(SlotAt other) {
        return ORDER.compare(this, other);
    }
}
