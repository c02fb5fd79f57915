package tactus.core.laid.timeline;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Direction;

/**
 * What the striking hand does at a slot.
 *
 * @param way which way it crosses; empty where it does not
 * @param isAgainst whether the stroke goes another way
 */
public record HandMotion(Optional<Direction> way, boolean isAgainst) {

    static final HandMotion STILL = new HandMotion(Optional.empty(), false);

    public HandMotion {
        Objects.requireNonNull(way);
    }
}
