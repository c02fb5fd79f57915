package tactus.core.music.time;

import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;

/**
 * A length of musical time, or a position counted from a start, in whole notes and kept exactly: {@code 1/8} is an
 * eighth note.
 *
 * @param over any whole number; reduced to lowest terms with {@code under}
 * @param under any whole number but zero; positive once reduced
 */
public record Length(long over, long under) implements Comparable<Length> {

    public static final Length ZERO = new Length(0, 1);
    public static final Length WHOLE = new Length(1, 1);
    public static final Length QUARTER = new Length(1, 4);
    public static final Length EIGHTH = new Length(1, 8);
    public static final Length SIXTEENTH = new Length(1, 16);

    private static final Pattern FRACTION = Pattern.compile("(-?\\d{1,18})(?:/(\\d{1,18}))?");

    /** @throws ArithmeticException if {@code under} is zero or a term exceeds a {@code long} */
    public Length {
        if (under == 0) throw new ArithmeticException("a length cannot be divided by zero");
        if (under > 1 && (under & under - 1) == 0) {
            // Nearly every note value has a power of two below the line, which needs no division.
            int shift = Math.min(Long.numberOfTrailingZeros(over), Long.numberOfTrailingZeros(under));
            over >>= shift;
            under >>= shift;
        } else if (under != 1) {
            long divisor = Math.multiplyExact(gcd(over, under), Long.signum(under));
            over = over / divisor;
            under = under / divisor;
        }
    }

    /** Returns {@code count} whole notes. */
    public static Length of(long count) {
        return new Length(count, 1);
    }

    /** Returns {@code over/under} of a whole note. */
    public static Length of(long over, long under) {
        return new Length(over, under);
    }

    /**
     * Reads a length as {@link #toString} writes it: {@code 3/8} or {@code 2}.
     *
     * @throws NotationException if the text is no fraction
     */
    public static Length parse(String text) {
        var match = FRACTION.matcher(text.strip());
        if (!match.matches()) {
            throw new NotationException("length.unread", text, NotationException.stop(match.pattern(), text));
        }
        long under = match.group(2) == null ? 1 : Long.parseLong(match.group(2));
        if (under == 0) throw new NotationException("length.zero-below", text, text.indexOf('/') + 1);
        return new Length(Long.parseLong(match.group(1)), under);
    }

    /** @throws ArithmeticException if the sum cannot be held in two {@code long}s */
    public Length plus(Length other) {
        return sum(over, under, other.over, other.under);
    }

    /** @throws ArithmeticException if the difference cannot be held in two {@code long}s */
    public Length minus(Length other) {
        return sum(over, under, Math.negateExact(other.over), other.under);
    }

    private static Length sum(long over, long under, long otherOver, long otherUnder) {
        if (under == otherUnder) return new Length(Math.addExact(over, otherOver), under);
        // Of two note values the finer one measures the other, without a product.
        if (under % otherUnder == 0)
            return new Length(Math.addExact(over, Math.multiplyExact(otherOver, under / otherUnder)), under);
        if (otherUnder % under == 0)
            return new Length(Math.addExact(Math.multiplyExact(over, otherUnder / under), otherOver), otherUnder);
        return new Length(
                Math.addExact(Math.multiplyExact(over, otherUnder), Math.multiplyExact(otherOver, under)),
                Math.multiplyExact(under, otherUnder));
    }

    /** @throws ArithmeticException if the product cannot be held in two {@code long}s */
    public Length times(long count) {
        return new Length(Math.multiplyExact(over, count), under);
    }

    /** @throws ArithmeticException if the product cannot be held in two {@code long}s */
    public Length times(Length factor) {
        return new Length(Math.multiplyExact(over, factor.over), Math.multiplyExact(under, factor.under));
    }

    /** @throws ArithmeticException if {@code divisor} is zero */
    public Length dividedBy(Length divisor) {
        return times(new Length(divisor.under, divisor.over));
    }

    /** @throws ArithmeticException if {@code parts} is zero */
    public Length dividedBy(long parts) {
        return new Length(over, Math.multiplyExact(under, parts));
    }

    /** Returns how often {@code unit} fits whole into this length, rounded down: 5/8 holds two 1/4. */
    public long wholesOf(Length unit) {
        Length ratio = dividedBy(unit);
        return Math.floorDiv(ratio.over, ratio.under);
    }

    /** Returns what is left when every whole {@code unit} is taken away: 5/8 over 1/4 leaves 1/8. */
    public Length remainderOver(Length unit) {
        return minus(unit.times(wholesOf(unit)));
    }

    /** Answers whether this is a whole number of {@code unit}s. */
    public boolean isMultipleOf(Length unit) {
        return dividedBy(unit).under == 1;
    }

    /** Whether it is a whole number. */
    public boolean isWhole() {
        return under == 1;
    }

    /** Whether it is nothing. */
    public boolean isZero() {
        return over == 0;
    }

    /** Whether it is more than nothing. */
    public boolean isPositive() {
        return over > 0;
    }

    /** Whether it is shorter than {@code other}. */
    public boolean isLessThan(Length other) {
        return compareTo(other) < 0;
    }

    /** The shorter of both. */
    public Length min(Length other) {
        return isLessThan(other) ? this : other;
    }

    /** The longer of both. */
    public Length max(Length other) {
        return isLessThan(other) ? other : this;
    }

    /** Returns the nearest {@code double}; for drawing and for the loudspeaker only. */
    public double toDouble() {
        return (double) over / under;
    }

    @Override
    public int compareTo(Length other) {
        if (under == other.under) return Long.compare(over, other.over);
        return Long.compare(Math.multiplyExact(over, other.under), Math.multiplyExact(other.over, under));
    }

    /** Returns {@code 3/8}, or {@code 2} where nothing stands below the line. */
    @Override
    public String toString() {
        return under == 1 ? Long.toString(over) : over + "/" + under;
    }

    private static long gcd(long a, long b) {
        if (a == 0) return Math.absExact(b);
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return Math.absExact(a);
    }

    /** As for every record, only quicker: nothing is compared as often. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Length length && over == length.over && under == length.under;
    }

    @Override
    public int hashCode() {
        return 31 * Long.hashCode(over) + Long.hashCode(under);
    }
}
