package tactus.core.stroke;

import java.util.Objects;

/** The hand strikes the strings in its reach, one shortly after the other. */
public record Strum(Direction direction, Reach reach, Force force) implements Stroke {

    public Strum {
        Objects.requireNonNull(direction);
        Objects.requireNonNull(reach);
        Objects.requireNonNull(force);
    }

    /** Returns an unaccented strum over all strings. */
    public static Strum of(Direction direction) {
        return new Strum(direction, Reach.ALL, Force.PLAIN);
    }

    public Strum withReach(Reach other) {
        return new Strum(direction, other, force);
    }

    public Strum withForce(Force other) {
        return new Strum(direction, reach, other);
    }
}
