package tactus.formats.sheet;

import java.util.List;
import java.util.Optional;
import tactus.core.outline.Block;
import tactus.core.time.Length;
import tactus.core.timeline.TimelineBar;

/**
 * A line of bars on paper.
 *
 * @param pickup the incomplete bar in front of the first one, as narrow as it is short
 * @param left where its first bar begins
 * @param top where the bars begin, below what is written over them
 * @param barWidth how wide a bar is where there is no pick-up
 */
record SheetLine(
        Block block, List<TimelineBar> bars, Optional<TimelineBar> pickup, double left, double top, double barWidth) {

    private double pickupWidth() {
        if (pickup.isEmpty()) return 0;
        double share = pickup.get()
                .meter()
                .length()
                .dividedBy(bars.getFirst().meter().length())
                .toDouble();
        return Math.max(26, barWidth * share);
    }

    /** The bars make room for the pick-up. */
    double width(TimelineBar bar) {
        if (pickup.filter(bar::equals).isPresent()) return pickupWidth();
        return barWidth - pickupWidth() / bars.size();
    }

    double x(TimelineBar bar) {
        if (pickup.filter(bar::equals).isPresent()) return left;
        return left + pickupWidth() + bars.indexOf(bar) * width(bar);
    }

    private Length passStart() {
        return block.bars().getFirst().start();
    }

    /** Where the line begins, from the start of the pass. */
    Length start() {
        return bars.getFirst().start().minus(passStart());
    }

    Length end() {
        return bars.getLast().end().minus(passStart());
    }

    /** Where a position of the pass lies on the line. */
    double xAt(Length at) {
        for (TimelineBar bar : bars) {
            double part = at.minus(bar.start().minus(passStart()))
                    .dividedBy(bar.meter().length())
                    .toDouble();
            if (part < 1) return x(bar) + Math.max(0, part) * width(bar);
        }
        return x(bars.getLast()) + width(bars.getLast());
    }
}
