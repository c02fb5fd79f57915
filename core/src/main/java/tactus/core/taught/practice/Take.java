package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/**
 * A student's playing beside what is due. Taps are put on strokes so that the whole take costs least: a tap away from its
 * stroke costs its distance, a stroke without a tap and a tap without a stroke cost as much as 150 ms each, and the wrong way 40
 * ms more. So a doubled stroke is one extra tap and a lost bar is its missed strokes, and nothing behind them shifts.
 *
 * @param strokes every stroke that is due, with its tap if it has one
 * @param extra the taps that belong to none, in seconds
 */
public record Take(List<Played> strokes, List<Double> extra) {

    /** A stroke this far from its place is worth nothing, in seconds; ours. */
    private static final double WORTHLESS = 0.15;

    private static final double WRONG_WAY_POINTS = 0.25;
    private static final double EXTRA_POINTS = 0.5;
    /** What each per cent of drift costs, of 100; ours. */
    private static final double DRIFT_POINTS = 6;
    /** The fewest strokes over which a tempo is the player's own; ours. */
    private static final int OWN_TEMPO = 16;

    /**
     * A stroke that was due.
     *
     * @param late how much later it came, in seconds, less than 0 for earlier; empty if it was missed
     * @param isWrongWay whether the hand went the other way
     */
    public record Played(DueStroke due, OptionalDouble late, boolean isWrongWay) {
        public Played {
            Objects.requireNonNull(due);
            Objects.requireNonNull(late);
        }
    }

    public Take {
        strokes = List.copyOf(strokes);
        extra = List.copyOf(extra);
    }

    /** Judges {@code taps}, in any order, against {@code due}, in the order of time. */
    public static Take of(List<DueStroke> due, List<Tap> taps) {
        return of(due, taps, TapAlignment::of);
    }

    /** The same beside the click alone: a player whose tempo leaves it is not followed. */
    static Take besideClick(List<DueStroke> due, List<Tap> taps) {
        return of(due, taps, TapAlignment::plain);
    }

    private static Take of(
            List<DueStroke> due, List<Tap> taps, BiFunction<List<DueStroke>, List<Tap>, int[]> alignment) {
        List<Tap> sorted =
                taps.stream().sorted(Comparator.comparingDouble(Tap::seconds)).toList();
        int[] tapOf = alignment.apply(due, sorted);
        var used = new boolean[sorted.size()];
        var strokes = new ArrayList<Played>();
        for (int i = 0; i < due.size(); i++) {
            if (tapOf[i] < 0) {
                strokes.add(new Played(due.get(i), OptionalDouble.empty(), false));
                continue;
            }
            Tap tap = sorted.get(tapOf[i]);
            used[tapOf[i]] = true;
            strokes.add(new Played(
                    due.get(i), OptionalDouble.of(tap.seconds() - due.get(i).seconds()), isWrongWay(due.get(i), tap)));
        }
        var extra = new ArrayList<Double>();
        for (int i = 0; i < sorted.size(); i++)
            if (!used[i]) extra.add(sorted.get(i).seconds());
        return new Take(strokes, extra);
    }

    static boolean isWrongWay(DueStroke due, Tap tap) {
        return due.way().isPresent() && tap.way().isPresent() && !due.way().equals(tap.way());
    }

    private List<Played> played() {
        return strokes.stream().filter(each -> each.late().isPresent()).toList();
    }

    /** How many strokes have no tap. */
    public int missed() {
        return strokes.size() - played().size();
    }

    /** How late strokes came in the mean, in milliseconds; 0 where nothing was played. */
    public double meanMs() {
        return 1000
                * played().stream()
                        .mapToDouble(each -> each.late().getAsDouble())
                        .average()
                        .orElse(0);
    }

    /** How far strokes lie around the mean: the standard deviation of a sample, in milliseconds; 0 of fewer than two. */
    public double spreadMs() {
        List<Played> all = played();
        if (all.size() < 2) return 0;
        double mean = meanMs();
        double sum = all.stream()
                .mapToDouble(each -> Math.pow(1000 * each.late().getAsDouble() - mean, 2))
                .sum();
        return Math.sqrt(sum / (all.size() - 1));
    }

    /** How much slower the tempo was than wanted, in per cent, less than 0 for quicker: the slope of a straight line through. */
    public double driftPercent() {
        return trend().percent();
    }

    /** Whether the drift is more than chance, so that a bar or two of uneven strokes is not taken for a tempo that drifts. */
    public boolean isDriftSure() {
        return trend().isSure();
    }

    private Trend trend() {
        return Trend.of(played());
    }

    /** How late a stroke came beside the player's own tempo, where that surely drifts; beside what was due otherwise. */
    ToDoubleFunction<Played> away() {
        Trend trend = trend();
        return trend.isSure() && strokes.size() >= OWN_TEMPO
                ? each -> each.late().getAsDouble() - trend.since(each.due())
                : each -> each.late().getAsDouble();
    }

    /**
     * 0 to 100: each stroke is worth 1, less the square of its distance over 150 ms, less a quarter for the wrong way; each
     * extra tap takes half a stroke off. Who surely drifts over 16 strokes or more is measured by his own tempo, less 6 for each per
     * cent that it drifts, where that gives more: a long take that is steady in itself is not worth nothing.
     */
    public int score() {
        if (strokes.isEmpty()) return extra.isEmpty() ? 100 : 0;
        double asDue = points(each -> each.late().getAsDouble());
        double asOwn = points(away()) - DRIFT_POINTS * Math.abs(driftPercent());
        return (int) Math.round(Math.max(0, Math.max(asDue, asOwn)));
    }

    private double points(ToDoubleFunction<Played> distance) {
        double points = -EXTRA_POINTS * extra.size();
        for (Played each : played()) {
            double away = Math.min(1, Math.abs(distance.applyAsDouble(each)) / WORTHLESS);
            points += Math.max(0, 1 - away * away - (each.isWrongWay() ? WRONG_WAY_POINTS : 0));
        }
        return 100 * points / strokes.size();
    }

    /** What lies worst. */
    public Optional<TakeTrouble> trouble() {
        return TakeTrouble.of(this);
    }
}
