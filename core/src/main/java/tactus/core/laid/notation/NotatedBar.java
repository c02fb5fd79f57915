package tactus.core.laid.notation;

import java.util.List;
import java.util.Objects;
import tactus.core.laid.timeline.TimelineBar;

/**
 * A bar as it is written.
 *
 * @param capo the fret of the capo there
 * @param chords in order; together they last as long as the bar
 */
public record NotatedBar(TimelineBar bar, int capo, List<NotatedChord> chords) {

    public NotatedBar {
        Objects.requireNonNull(bar);
        chords = List.copyOf(chords);
    }
}
