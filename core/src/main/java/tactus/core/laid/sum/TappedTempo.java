package tactus.core.laid.sum;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A tempo tapped along with a recording.
 *
 * @param perMinute taps a minute
 * @param spread how far the gaps between taps lie from each other, in percent of one; the smaller the surer
 */
public record TappedTempo(double perMinute, double spread) {

    private static final double LONGEST_GAP = 3;

    /**
     * Works out the tempo of the last taps, those since a gap of three seconds; empty for fewer than three. It is the
     * slope of the least-squares line through them, which one uneven tap disturbs least.
     *
     * @param seconds when each tap fell, in order
     */
    public static Optional<TappedTempo> of(List<Double> seconds) {
        int from = seconds.size() - 1;
        while (from > 0 && seconds.get(from) - seconds.get(from - 1) <= LONGEST_GAP) from--;
        List<Double> taps = seconds.isEmpty() ? seconds : seconds.subList(from, seconds.size());
        int count = taps.size();
        if (count < 3) return Optional.empty();
        double middle = (count - 1) / 2.0;
        double mean = taps.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double over = IntStream.range(0, count)
                .mapToDouble(i -> (i - middle) * (taps.get(i) - mean))
                .sum();
        double under = IntStream.range(0, count)
                .mapToDouble(i -> (i - middle) * (i - middle))
                .sum();
        double gap = over / under;
        double widest = IntStream.range(1, count)
                .mapToDouble(i -> Math.abs(taps.get(i) - taps.get(i - 1) - gap))
                .max()
                .orElse(0);
        return gap <= 0 ? Optional.empty() : Optional.of(new TappedTempo(60 / gap, 100 * widest / gap));
    }
}
