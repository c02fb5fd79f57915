package tactus.core.music.stroke;

import java.util.Objects;

/** The hand strikes the strings in its reach, one shortly after the other. */
public record Strum(Direction direction, Reach reach, Touch touch, Force force) implements Stroke {

    public Strum {
        Objects.requireNonNull(direction);
        Objects.requireNonNull(reach);
        Objects.requireNonNull(touch);
        Objects.requireNonNull(force);
    }

    /** Returns an unaccented strum over all strings. */
    public static Strum of(Direction direction) {
        return new Strum(direction, Reach.ALL, Touch.PLAIN, Force.PLAIN);
    }

    /** The same stroke over other strings. */
    public Strum withReach(Reach other) {
        return new Strum(direction, other, touch, force);
    }

    @Override
    public Strum withWay(Direction other) {
        return new Strum(other, reach, touch, force);
    }

    @Override
    public Strum withTouch(Touch other) {
        return new Strum(direction, reach, other, force);
    }

    @Override
    public Strum withForce(Force other) {
        return new Strum(direction, reach, touch, other);
    }
}
