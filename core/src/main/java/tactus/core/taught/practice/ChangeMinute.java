package tactus.core.taught.practice;

import java.util.OptionalInt;

/**
 * Changes between two chords counted against the clock (one-minute changes, common practice). A minute that is broken off
 * after ten seconds or more is reckoned up to a whole one.
 *
 * @param count how many were made so far
 * @param began when, in seconds of any clock
 * @param last when the last one was heard; less than any number if none was
 */
public record ChangeMinute(int count, double began, double last) {

    public static final double SECONDS = 60;
    private static final double SHORTEST = 10;
    private static final double TWICE = 0.25;

    /** A minute that begins at {@code now}. */
    public static ChangeMinute at(double now) {
        return new ChangeMinute(0, now, Double.NEGATIVE_INFINITY);
    }

    /** One change more, if the minute is not over. */
    public ChangeMinute counted(double now) {
        return isOver(now) ? this : new ChangeMinute(count + 1, began, last);
    }

    /**
     * A strum that was heard, once on each chord: one change more, unless it follows the one before within a quarter of a second.
     * That is a strum heard twice, since nobody changes chords so quickly (ours).
     */
    public ChangeMinute heard(double now) {
        if (now < began || isOver(now) || now - last < TWICE) return this;
        return new ChangeMinute(count + 1, began, now);
    }

    /** How many seconds are left at {@code now}, from 0. */
    public double left(double now) {
        return Math.clamp(began + SECONDS - now, 0, SECONDS);
    }

    public boolean isOver(double now) {
        return left(now) == 0;
    }

    /** What it comes to in a whole minute; empty if it was broken off too early to tell. */
    public OptionalInt perMinute(double now) {
        double lasted = SECONDS - left(now);
        return lasted < SHORTEST ? OptionalInt.empty() : OptionalInt.of((int) Math.round(count * SECONDS / lasted));
    }
}
