package tactus.core.taught.practice;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Direction;

/**
 * Something a student has played.
 *
 * @param seconds when, from the start of bar 1; a finite number, less than 0 before it
 * @param way which way the hand went, if that is known
 */
public record Tap(double seconds, Optional<Direction> way) {

    /** @throws IllegalArgumentException if {@code seconds} is no number */
    public Tap {
        Objects.requireNonNull(way);
        if (!Double.isFinite(seconds)) throw new IllegalArgumentException("a tap has a time, was " + seconds);
    }
}
