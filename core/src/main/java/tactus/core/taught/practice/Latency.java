package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** By how much what is played reaches the program late, from claps to the click: the median, so that a slip changes nothing. */
public final class Latency {

    /** So many claps are enough; ours. */
    public static final int CLAPS = 8;
    /** Claps that lie farther apart than this, in the median, tell nothing; in seconds, ours. */
    private static final double UNEVEN = 0.06;

    private Latency() {}

    /**
     * Returns it in seconds; empty if there are too few claps, or they are too uneven to tell.
     *
     * @param clicks when the clicks come, in seconds, in order
     * @param claps when the claps were heard, on the same clock
     */
    public static OptionalDouble of(List<Double> clicks, List<Double> claps) {
        if (claps.size() < CLAPS || clicks.isEmpty()) return OptionalDouble.empty();
        List<Double> late =
                claps.stream().map(clap -> clap - nearest(clicks, clap)).toList();
        double middle = median(late);
        double apart = median(late.stream().map(each -> Math.abs(each - middle)).toList());
        return apart > UNEVEN ? OptionalDouble.empty() : OptionalDouble.of(middle);
    }

    private static double nearest(List<Double> clicks, double clap) {
        double nearest = clicks.getFirst();
        for (double click : clicks) if (Math.abs(click - clap) < Math.abs(nearest - clap)) nearest = click;
        return nearest;
    }

    private static double median(List<Double> values) {
        var sorted = new ArrayList<>(values);
        sorted.sort(Double::compare);
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }
}
