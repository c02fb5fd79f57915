package tactus.core.taught.practice;

import java.util.Objects;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.SongSeconds;

/**
 * Turns moments of a song into seconds as they are played, from the start of bar 1, which is how strokes are due and taken.
 *
 * @param bar1 when bar 1 begins
 * @param share of the song's tempo, over 0: 0.8 is slower
 */
public record PlayedTempo(SongSeconds bar1, double share) {

    /** @throws IllegalArgumentException if {@code share} is not over 0 */
    public PlayedTempo {
        Objects.requireNonNull(bar1);
        if (!(share > 0)) throw new IllegalArgumentException("a share of the tempo is over 0, was " + share);
    }

    /** {@code timeline} at a share of its tempo. */
    public static PlayedTempo of(Timeline timeline, double share) {
        double start = timeline.bar(1).map(TimelineBar::seconds).orElse(0.0);
        return new PlayedTempo(new SongSeconds(start), share);
    }

    /** When {@code at} is played. */
    public double played(SongSeconds at) {
        return (at.value() - bar1.value()) / share;
    }

    /** When a bar begins, or the song ends where it has no such bar. */
    public double played(Timeline timeline, int bar) {
        return played(
                new SongSeconds(timeline.bar(bar).map(TimelineBar::seconds).orElse(timeline.seconds())));
    }
}
