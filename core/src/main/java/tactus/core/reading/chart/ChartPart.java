package tactus.core.reading.chart;

import java.util.List;
import java.util.Objects;

/**
 * A part of a chord text under one heading.
 *
 * @param name as the heading says it, without how often
 * @param times how often it goes round, from 1
 * @param bars none where the heading only names a part that was written before
 * @param words lines of words where there are no bars
 */
public record ChartPart(String name, int times, List<ChartBar> bars, List<String> words) {

    public ChartPart {
        Objects.requireNonNull(name);
        bars = List.copyOf(bars);
        words = List.copyOf(words);
    }
}
