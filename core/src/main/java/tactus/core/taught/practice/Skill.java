package tactus.core.taught.practice;

import java.util.Objects;
import java.util.Optional;

/**
 * How well a simulated player plays.
 *
 * @param lateMs how late every stroke is, in milliseconds, less than 0 for early
 * @param spreadMs the standard deviation of that
 * @param driftPercent how much slower the tempo is than it should be; less than 0 for faster
 * @param missed the share of strokes that are left out, 0 to 1
 * @param extra the share of strokes that are struck twice
 * @param wrongWay the share of strokes with the wrong direction
 * @param slow the change that takes too long
 */
public record Skill(
        double lateMs,
        double spreadMs,
        double driftPercent,
        double missed,
        double extra,
        double wrongWay,
        Optional<SlowChange> slow) {

    /**
     * A change that takes too long.
     *
     * @param ms how much later than the others the first stroke behind it is
     */
    public record SlowChange(String from, String to, double ms) {
        public SlowChange {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** Somebody who has practised for a while: early by a little, now and then a stroke missing. */
    public static final Skill LEARNER = new Skill(-12, 22, 0, 0.03, 0.01, 0.02, Optional.empty());

    /** @throws IllegalArgumentException if a share is not 0 to 1 or the spread below 0 */
    public Skill {
        Objects.requireNonNull(slow);
        for (double share : new double[] {missed, extra, wrongWay})
            if (!(share >= 0 && share <= 1)) throw new IllegalArgumentException("a share is 0 to 1, was " + share);
        if (!(spreadMs >= 0)) throw new IllegalArgumentException("a spread is 0 or more, was " + spreadMs);
    }
}
