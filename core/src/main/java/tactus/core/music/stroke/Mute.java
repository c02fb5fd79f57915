package tactus.core.music.stroke;

import java.util.Objects;

/** The strings are hit dead, as a percussive sound. */
public record Mute(Direction direction, Kind kind, Force force) implements Stroke {

    /** The kinds of mute. */
    public enum Kind {
        /** The picking hand falls on the strings and stops them as it hits them. */
        CHOP,
        /** The fretting hand lets go, so that this stroke sounds dead. */
        RELEASE,
        /** The fretting hand lies across the strings. */
        LAID
    }

    public Mute {
        Objects.requireNonNull(direction);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(force);
    }

    /** Returns an unaccented chop. */
    public static Mute of(Direction direction) {
        return new Mute(direction, Kind.CHOP, Force.PLAIN);
    }

    @Override
    public Mute withWay(Direction other) {
        return new Mute(other, kind, force);
    }

    @Override
    public Mute withForce(Force other) {
        return new Mute(direction, kind, other);
    }
}
