package tactus.core.stroke;

import java.util.Objects;

/** The strings are hit dead, as a percussive sound. */
public record Mute(Direction direction, Force force) implements Stroke {

    public Mute {
        Objects.requireNonNull(direction);
        Objects.requireNonNull(force);
    }

    public Mute withForce(Force other) {
        return new Mute(direction, other);
    }
}
