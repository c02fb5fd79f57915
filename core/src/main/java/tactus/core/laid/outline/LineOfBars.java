package tactus.core.laid.outline;

import java.util.List;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;

/**
 * Some bars of a block beside each other, on the screen or on paper; a pick-up may stand in front of them.
 *
 * @param widths of each bar, in whatever is measured there
 */
public record LineOfBars(Block block, List<TimelineBar> bars, List<Double> widths) {

    /** @throws IllegalArgumentException if there is no bar, or not a width for each */
    public LineOfBars {
        bars = List.copyOf(bars);
        widths = List.copyOf(widths);
        if (bars.isEmpty() || bars.size() != widths.size())
            throw new IllegalArgumentException(
                    "a line has a width for each bar, was " + widths.size() + " of " + bars.size());
    }

    /** Where the bar with the index {@code bar} begins. */
    public double x(int bar) {
        double x = 0;
        for (int i = 0; i < bar; i++) x += widths.get(i);
        return x;
    }

    /** How wide all bars are together. */
    public double width() {
        return x(bars.size());
    }

    /** Where the line begins, from the start of the pass. */
    public Length start() {
        return isPickup(bars.getFirst()) ? Length.ZERO : inPass(bars.getFirst());
    }

    /** Where it ends, from the start of the pass. */
    public Length end() {
        TimelineBar last = bars.getLast();
        return inPass(last).plus(last.meter().length());
    }

    private Length inPass(TimelineBar bar) {
        return bar.start().minus(block.bars().getFirst().start());
    }

    private static boolean isPickup(TimelineBar bar) {
        return bar.inSection().isEmpty();
    }

    /** Where a position of the pass lies; what lies behind the line is at its end. */
    public double xAt(Length at) {
        for (int i = 0; i < bars.size(); i++) {
            TimelineBar bar = bars.get(i);
            if (isPickup(bar)) continue;
            double part = at.minus(inPass(bar)).dividedBy(bar.meter().length()).toDouble();
            if (part < 1) return x(i) + Math.max(0, part) * widths.get(i);
        }
        return width();
    }
}
