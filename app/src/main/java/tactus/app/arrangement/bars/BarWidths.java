package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;

/** How wide bars have to be for what they hold, and how many go on a line: bars grow with their chords. */
final class BarWidths {

    private static final int[] COUNTS = {16, 8, 4, 2, 1};
    private static final double LETTER = 10.5;
    private static final double ROUND_A_NAME = 16;
    private static final double SUNG_LETTER = 6.6;
    private static final double ROUND_A_WORD = 6;
    private static final double SMALL_LETTER = 7.2;

    private final Timeline timeline;
    private final Zoom zoom;
    private final Map<TimelineBar, Double> known = new IdentityHashMap<>();

    BarWidths(Timeline timeline, Zoom zoom) {
        this.timeline = timeline;
        this.zoom = zoom;
    }

    /** The least width of a bar, so that no name in it is cut. */
    double least(TimelineBar bar) {
        return known.computeIfAbsent(bar, this::computed);
    }

    private double computed(TimelineBar bar) {
        double least = zoom.leastWidth();
        for (TimelineSpan span : timeline.spansIn(bar)) {
            double share = bar.part(span.end()) - bar.part(span.start());
            boolean goesOn = span.start().isLessThan(bar.start()) || span.goesOn();
            double letters = span.chord().length()
                    + (goesOn ? 2 : 0)
                    + (span.fit().filter(Fit::isCut).isPresent() ? 2.6 : 0);
            least = Math.max(least, (letters * LETTER * zoom.scale() + ROUND_A_NAME) / share);
        }
        double sung = zoom == Zoom.OVERVIEW
                ? 0
                : timeline.wordsIn(bar).stream()
                        .mapToDouble(word -> word.text().length() * SUNG_LETTER + ROUND_A_WORD)
                        .sum();
        return Math.max(least, sung);
    }

    /** A text in small letters. */
    static double text(String text) {
        return text.length() * SMALL_LETTER + 6;
    }

    /** How many bars stand on a line of {@code width}: as many as it carries, in whole phrases. */
    int count(List<TimelineBar> bars, double width) {
        for (int count : COUNTS) if (count == 1 || fits(bars, count, width)) return count;
        return 1;
    }

    private boolean fits(List<TimelineBar> bars, int count, double width) {
        for (int from = 0; from < bars.size(); from += count) {
            double needed = 0;
            int to = Math.min(from + count, bars.size());
            for (TimelineBar bar : bars.subList(from, to)) needed += least(bar);
            if (needed > width && to - from > 1) return false;
        }
        return count * zoom.leastWidth() <= width;
    }

    /**
     * The widths of the bars of a line of {@code count}: even ones where that is enough for all, otherwise wider where more
     * is held.
     */
    List<Double> of(List<TimelineBar> line, int count, double width) {
        double even = width / count;
        double room = even * line.size();
        double over = 0;
        double spare = 0;
        for (TimelineBar bar : line) {
            double least = least(bar);
            if (least > even) over += least - even;
            else spare += even - least;
        }
        if (over > 0 && line.size() < count) room = Math.min(width, room + over);
        double taken = over > 0 && spare > 0 ? Math.min(1, Math.max(0, over - (room - even * line.size())) / spare) : 0;
        var widths = new ArrayList<Double>();
        for (TimelineBar bar : line) {
            double least = least(bar);
            widths.add(least > even ? Math.min(least, width) : even - (even - least) * taken);
        }
        return widths;
    }
}
