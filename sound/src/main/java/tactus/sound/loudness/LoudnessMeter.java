package tactus.sound.loudness;

import java.util.ArrayList;
import java.util.List;

/**
 * Integrated loudness of two channels after ITU-R BS.1770-4 (2015): weighted by frequency, in blocks of 400 ms that overlap by
 * three quarters, without those below -70 LUFS and then those 10 LU below the rest. The standard gives its two filters for
 * 48,000 samples a second; for other rates they are made from the same analogue filters (Brecht De Man, "Evaluation of
 * implementations of the EBU R128 loudness measurement", AES Convention 145, 2018; the figures from memory).
 */
public final class LoudnessMeter {

    private static final double ABSOLUTE_GATE = -70;
    private static final double RELATIVE_GATE = -10;
    private static final double OFFSET = -0.691;
    private static final int PARTS = 4;

    private final Filter[][] filters = new Filter[2][];
    private final int part;
    private final List<Double> parts = new ArrayList<>();
    private double sum;
    private int counted;

    /** @param rate samples a second */
    public LoudnessMeter(double rate) {
        for (int channel = 0; channel < filters.length; channel++) {
            filters[channel] = new Filter[] {Filter.shelf(rate), Filter.highPass(rate)};
        }
        part = (int) Math.round(rate / 10);
    }

    /** Hears the first {@code frames} of {@code samples}, left and right in turn. */
    public void hear(float[] samples, int frames) {
        for (int i = 0; i < frames; i++) {
            for (int channel = 0; channel < filters.length; channel++) {
                double heard = samples[2 * i + channel];
                for (Filter filter : filters[channel]) heard = filter.pass(heard);
                sum += heard * heard;
            }
            if (++counted < part) continue;
            parts.add(sum / part);
            sum = 0;
            counted = 0;
        }
    }

    /** What comes next does not go on from what was heard; blocks do not reach over the gap. */
    public void skip() {
        sum = 0;
        counted = 0;
        for (int i = 0; i < PARTS; i++) parts.add(Double.NaN);
    }

    /** In LUFS; negative infinity where nothing was loud enough to count. */
    public double integrated() {
        var blocks = new ArrayList<Double>();
        for (int i = 0; i + PARTS <= parts.size(); i++) {
            double power = parts.subList(i, i + PARTS).stream()
                    .mapToDouble(Double::doubleValue)
                    .average()
                    .orElseThrow();
            if (loudness(power) > ABSOLUTE_GATE) blocks.add(power);
        }
        double gate = loudness(mean(blocks)) + RELATIVE_GATE;
        return loudness(
                mean(blocks.stream().filter(power -> loudness(power) > gate).toList()));
    }

    private static double mean(List<Double> powers) {
        return powers.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    private static double loudness(double power) {
        return OFFSET + 10 * Math.log10(power);
    }

    /** Two poles and two zeros. */
    private static final class Filter {

        private final double b0;
        private final double b1;
        private final double b2;
        private final double a1;
        private final double a2;
        private double first;
        private double second;

        private Filter(double b0, double b1, double b2, double a0, double a1, double a2) {
            this.b0 = b0 / a0;
            this.b1 = b1 / a0;
            this.b2 = b2 / a0;
            this.a1 = a1 / a0;
            this.a2 = a2 / a0;
        }

        static Filter shelf(double rate) {
            double k = Math.tan(Math.PI * 1681.974450955533 / rate);
            double q = 0.7071752369554196;
            double high = Math.pow(10, 3.999843853973347 / 20);
            double band = Math.pow(high, 0.4996667741545416);
            return new Filter(
                    high + band * k / q + k * k,
                    2 * (k * k - high),
                    high - band * k / q + k * k,
                    1 + k / q + k * k,
                    2 * (k * k - 1),
                    1 - k / q + k * k);
        }

        static Filter highPass(double rate) {
            double k = Math.tan(Math.PI * 38.13547087602444 / rate);
            double q = 0.5003270373238773;
            double a0 = 1 + k / q + k * k;
            return new Filter(a0, -2 * a0, a0, a0, 2 * (k * k - 1), 1 - k / q + k * k);
        }

        double pass(double in) {
            double out = b0 * in + first;
            first = b1 * in - a1 * out + second;
            second = b2 * in - a2 * out;
            return out;
        }
    }
}
