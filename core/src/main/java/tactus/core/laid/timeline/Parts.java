package tactus.core.laid.timeline;

import java.util.Collections;
import java.util.List;

/**
 * What each guitar plays; the chords are the same for both.
 *
 * @param first the strokes of the first one, in order of their start
 * @param second those of a second one; none if there is only one
 */
public record Parts(List<TimelineStroke> first, List<TimelineStroke> second) {

    public Parts {
        first = Collections.unmodifiableList(first);
        second = Collections.unmodifiableList(second);
    }

    /** Whether there is a second guitar. */
    public boolean isForTwo() {
        return !second.isEmpty();
    }
}
