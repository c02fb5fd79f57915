package tactus.core.laid.sum;

import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;

/**
 * Where a given time falls: {@code bar 48, second Chorus, pass 1, beat 3}.
 *
 * @param beat the felt beat of the bar, from 1
 */
public record Moment(TimelineBar bar, int beat) {

    public Moment {
        Objects.requireNonNull(bar);
    }

    /** Finds the place that is reached after {@code seconds}; empty outside the song. */
    public static Optional<Moment> at(Timeline timeline, double seconds) {
        double position = timeline.tempoMap().position(seconds);
        if (position < 0 || position >= timeline.length().toDouble()) return Optional.empty();
        // A millionth of a whole note is far below what can be heard, and forgives what rounding does to a beat.
        Length at = Length.of((long) Math.floor((position + 1e-6) * 1_000_000), 1_000_000);
        return timeline.barAt(at).map(bar -> new Moment(bar, beat(bar, at)));
    }

    private static int beat(TimelineBar bar, Length at) {
        Length start = bar.start();
        int beat = 0;
        for (Length length : bar.meter().beats()) {
            if (at.isLessThan(start)) break;
            start = start.plus(length);
            beat++;
        }
        return Math.max(1, beat);
    }
}
