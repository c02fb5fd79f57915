package tactus.core.timeline;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import tactus.core.rule.Swell;
import tactus.core.section.Stretch.Bounds;
import tactus.core.time.Length;

/**
 * What goes along with the strokes.
 *
 * @param cues in order
 * @param sung where somebody sings
 * @param swells where each pass begins and where it becomes louder or softer within it
 * @param second what a second guitar plays; its spans are those of the timeline
 */
public record Margin(List<TimelineCue> cues, List<Bounds> sung, List<SwellAt> swells, List<TimelineStroke> second) {

    /** From {@code at} on it is as loud as {@code swell} says. */
    public record SwellAt(Length at, Swell swell) {

        public SwellAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(swell);
        }
    }

    public Margin {
        cues = Collections.unmodifiableList(cues);
        sung = Collections.unmodifiableList(sung);
        swells = Collections.unmodifiableList(swells);
        second = Collections.unmodifiableList(second);
    }
}
