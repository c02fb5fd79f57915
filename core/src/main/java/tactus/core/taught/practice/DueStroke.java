package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Direction;

/**
 * A stroke that is to be played.
 *
 * @param bar the number of its bar
 * @param count as it is said
 * @param way down or up; empty for a plucked string
 * @param seconds when it is due, from the start of bar 1
 * @param chord on which it is
 * @param before the chord that it changes from; empty if none changes there
 */
public record DueStroke(
        int bar, String count, Optional<Direction> way, double seconds, String chord, Optional<String> before) {

    public DueStroke {
        Objects.requireNonNull(count);
        Objects.requireNonNull(way);
        Objects.requireNonNull(chord);
        Objects.requireNonNull(before);
    }

    /**
     * What the guitar plays in bars {@code from} to {@code to}, in order.
     *
     * @param share of the song's tempo, over 0: 0.8 is slower
     */
    public static List<DueStroke> of(Timeline timeline, int from, int to, double share) {
        if (!(share > 0)) throw new IllegalArgumentException("a share of the tempo is over 0, was " + share);
        double start = timeline.bar(1).map(bar -> bar.seconds()).orElse(0.0);
        var due = new ArrayList<DueStroke>();
        int span = -1;
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) continue;
            Optional<String> before = span >= 0 && span != stroke.span()
                    ? Optional.of(timeline.spans().get(span).chord())
                    : Optional.empty();
            span = stroke.span();
            if (stroke.bar() < from || stroke.bar() > to) continue;
            String chord = timeline.spans().get(stroke.span()).chord();
            due.add(new DueStroke(
                    stroke.bar(),
                    stroke.count().toString(),
                    stroke.stroke().way(),
                    (stroke.seconds() - start) / share,
                    chord,
                    before.filter(other -> !other.equals(chord))));
        }
        return List.copyOf(due);
    }
}
