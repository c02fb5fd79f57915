package tactus.core.timeline;

import java.util.Collections;
import java.util.List;
import tactus.core.section.Stretch.Bounds;

/**
 * What goes along with the strokes.
 *
 * @param cues in order
 * @param sung where somebody sings
 * @param second what a second guitar plays; its spans are those of the timeline
 */
public record Margin(List<TimelineCue> cues, List<Bounds> sung, List<TimelineStroke> second) {

    public Margin {
        cues = Collections.unmodifiableList(cues);
        sung = Collections.unmodifiableList(sung);
        second = Collections.unmodifiableList(second);
    }
}
