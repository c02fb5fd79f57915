package tactus.core.written.rule;

import java.util.Objects;

/** How loud it is at the start and at the end: {@code soft to strong}; in between it grows or falls evenly. */
public record Swell(Dynamic from, Dynamic to) {

    /** The same loudness throughout. */
    public static final Swell USUAL = of(Dynamic.MEDIUM);

    public Swell {
        Objects.requireNonNull(from);
        Objects.requireNonNull(to);
    }

    public static Swell of(Dynamic level) {
        return new Swell(level, level);
    }

    /** Whether it ends as loud as it begins. */
    public boolean isSteady() {
        return from == to;
    }

    /** The level at {@code part} of the way, 0 to 1, where {@link Dynamic#VERY_SOFT} is 0 and each step is 1. */
    public double at(double part) {
        return from.ordinal() + (to.ordinal() - from.ordinal()) * Math.clamp(part, 0, 1);
    }
}
