package tactus.sound.score;

import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.performance.HeardBars;

/**
 * Which part of a song is played and how.
 *
 * @param from where it starts, in seconds at the song's tempo
 * @param to where it ends, after {@code from}
 * @param loops whether it starts again at its end
 * @param speed how fast, 1 at the song's tempo, {@link #SLOWEST} to {@link #FASTEST}
 * @param countsIn whether a bar is counted in front
 * @param breath whether a bar is counted before each further round, to breathe
 * @param heard which bars are heard; empty if all are
 */
public record Playback(
        double from,
        double to,
        boolean loops,
        double speed,
        boolean countsIn,
        boolean breath,
        Optional<HeardBars> heard) {

    public static final double SLOWEST = 0.25;
    public static final double FASTEST = 1.5;

    /** @throws IllegalArgumentException if a value is outside its range */
    public Playback {
        Objects.requireNonNull(heard);
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException("playing must end after it starts, was " + from + " to " + to);
        }
        if (!(speed >= SLOWEST && speed <= FASTEST)) {
            throw new IllegalArgumentException("the speed must be 0.25 to 1.5, was " + speed);
        }
    }

    /** Without a breath and with every bar heard. */
    public Playback(double from, double to, boolean loops, double speed, boolean countsIn) {
        this(from, to, loops, speed, countsIn, false, Optional.empty());
    }
}
