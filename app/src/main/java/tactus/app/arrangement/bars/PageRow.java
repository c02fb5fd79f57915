package tactus.app.arrangement.bars;

import java.util.List;
import tactus.core.laid.outline.Block;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;

/** A row of the page: a heading, or a line of bars with the ribbons below it. */
sealed interface PageRow {

    double height();

    /** The entry that it belongs to. */
    OutlinedUse use();

    /** Whether it is an entry of the running order, and not a section that stands below it by itself. */
    boolean isPlayed();

    /**
     * The heading of an entry.
     *
     * @param isOpen whether its bars follow
     * @param other what is other than where the section was first played; empty if nothing
     * @param isBelow whether that stands on lines of its own
     */
    record Head(
            OutlinedUse use,
            boolean isPlayed,
            boolean isOpen,
            String title,
            String facts,
            String other,
            boolean isBelow,
            double level,
            double height)
            implements PageRow {}

    /**
     * A line of bars.
     *
     * @param timeline where the bars are from
     * @param notes what is written under the chords of each bar
     * @param notesHeight how high the notes are
     * @param sung the words that are sung there, a line for each text
     */
    record Line(
            OutlinedUse use,
            boolean isPlayed,
            Timeline timeline,
            LineOfBars line,
            List<String> notes,
            double notesHeight,
            List<WordLane> sung,
            double height)
            implements PageRow {

        Block block() {
            return line.block();
        }

        List<TimelineBar> bars() {
            return line.bars();
        }
    }
}
