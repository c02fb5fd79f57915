package tactus.core.patterns.tapping;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Direction;

/**
 * A key that was struck.
 *
 * @param seconds when, from count 1 of the first bar; a little before it is negative
 * @param direction which of the two keys; empty where there is only one
 */
public record KeyTap(double seconds, Optional<Direction> direction) {

    public KeyTap {
        Objects.requireNonNull(direction);
    }
}
