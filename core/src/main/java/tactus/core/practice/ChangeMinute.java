package tactus.core.practice;

import java.util.OptionalInt;

/**
 * Changes between two chords counted against the clock (one-minute changes, common practice). A minute that is broken off
 * after ten seconds or more is reckoned up to a whole one.
 *
 * @param count how many were made so far
 * @param began when, in seconds of any clock
 */
public record ChangeMinute(int count, double began) {

    public static final double SECONDS = 60;
    private static final double SHORTEST = 10;

    /** A minute that begins at {@code now}. */
    public static ChangeMinute at(double now) {
        return new ChangeMinute(0, now);
    }

    /** One change more, if the minute is not over. */
    public ChangeMinute counted(double now) {
        return isOver(now) ? this : new ChangeMinute(count + 1, began);
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
