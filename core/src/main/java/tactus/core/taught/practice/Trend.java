package tactus.core.taught.practice;

import java.util.List;
import tactus.core.taught.practice.Take.Played;

/**
 * The tempo that a player really keeps: a straight line of least squares through how late strokes come (common practice).
 *
 * @param rate how much later in each second, less than 0 for earlier
 * @param from the second at which the first stroke was due
 * @param isSure whether the rate is more than chance: more than twice its standard error
 */
record Trend(double rate, double from, boolean isSure) {

    private static final int FEWEST = 3;

    /** The trend of strokes that were played; none of fewer than three. */
    static Trend of(List<Played> all) {
        if (all.size() < FEWEST) return new Trend(0, 0, false);
        double meanDue =
                all.stream().mapToDouble(each -> each.due().seconds()).average().orElse(0);
        double meanLate = all.stream()
                .mapToDouble(each -> each.late().getAsDouble())
                .average()
                .orElse(0);
        double along = 0;
        double across = 0;
        for (Played each : all) {
            double due = each.due().seconds() - meanDue;
            along += due * (each.late().getAsDouble() - meanLate);
            across += due * due;
        }
        if (across == 0) return new Trend(0, 0, false);
        double rate = along / across;
        double left = 0;
        for (Played each : all) {
            double off =
                    each.late().getAsDouble() - meanLate - rate * (each.due().seconds() - meanDue);
            left += off * off;
        }
        boolean isSure = all.size() > FEWEST && Math.abs(rate) > 2 * Math.sqrt(left / (all.size() - 2) / across);
        return new Trend(rate, all.getFirst().due().seconds(), isSure);
    }

    /** In per cent. */
    double percent() {
        return 100 * rate;
    }

    /** By how many seconds the player's own tempo has left the click when {@code stroke} is due. */
    double since(DueStroke stroke) {
        return rate * (stroke.seconds() - from);
    }
}
