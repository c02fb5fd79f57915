package tactus.core.reading.chart;

import java.util.Objects;
import tactus.core.ground.statement.Statement;

/**
 * A line of a chord text, and what it was taken for.
 *
 * @param text as it was pasted
 * @param meaning what is said of it beside the text
 */
public record ChartLine(String text, Kind kind, Statement meaning) {

    /** What a line can be. */
    public enum Kind {
        TITLE,
        FACT,
        HEADING,
        CHORDS,
        WORDS,
        BLANK,
        /** Nothing that the reader knows; it is not taken. */
        UNKNOWN
    }

    public ChartLine {
        Objects.requireNonNull(text);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(meaning);
    }
}
