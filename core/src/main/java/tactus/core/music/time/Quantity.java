package tactus.core.music.time;

import java.util.Objects;

/**
 * So many of something: three beats, one bar, 3/2 rounds. A language knows which form of the noun goes with the number.
 *
 * @param number any exact number, also a negative one
 */
public record Quantity(Unit unit, Length number) {

    /** What is counted. */
    public enum Unit {
        BEAT,
        BAR,
        ROUND,
        CHORD,
        STROKE,
        SLOT,
        STRING,
        SEMITONE,
        SECTION,
        PLACE,
        BARRE,
        TIME
    }

    public Quantity {
        Objects.requireNonNull(unit);
        Objects.requireNonNull(number);
    }

    /** Returns {@code number} of {@code unit}. */
    public static Quantity of(Unit unit, long number) {
        return new Quantity(unit, Length.of(number));
    }

    /** Returns {@code number} felt beats. */
    public static Quantity beats(Length number) {
        return new Quantity(Unit.BEAT, number);
    }

    /** Returns {@code number} bars. */
    public static Quantity bars(long number) {
        return of(Unit.BAR, number);
    }

    /** Returns {@code number} strokes. */
    public static Quantity strokes(long number) {
        return of(Unit.STROKE, number);
    }
}
