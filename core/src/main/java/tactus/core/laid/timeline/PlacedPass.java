package tactus.core.laid.timeline;

import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.music.time.TempoMap;
import tactus.core.written.section.Stretch.Bounds;

/**
 * One pass where it is played.
 *
 * @param pickup what is played in front of it, in place of what was there from its start on
 */
record PlacedPass(
        List<TimelineBar> bars,
        List<TimelineSpan> spans,
        List<TimelineStroke> pickup,
        Parts parts,
        Margin margin,
        List<TempoMap.Pause> pauses) {

    /** Where the pick-up begins to take the place of what was there. */
    Optional<Length> takesFrom() {
        return pickup.stream().findFirst().map(TimelineStroke::start);
    }

    List<Bounds> sung() {
        return margin.sung();
    }
}
