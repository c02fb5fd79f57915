package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Hears where strings are struck: there the high parts of the sound become stronger than they were around it. The second difference of the
 * samples raises them, its strength is taken in windows that overlap, and a peak counts that stands out from the median and the mean
 * of its neighbours (high frequency content after Masri 1996, adaptive threshold after Brossier 2006; both in Bello and others,
 * "A Tutorial on Onset Detection in Music Signals", IEEE Transactions on Speech and Audio Processing 13, 2005; the numbers are tried
 * on rendered strumming and picking). It hears block by block and knows of a stroke less than 20 ms after it; the strings of a
 * strum are one.
 */
public final class OnsetDetector {

    /** How long a window is, in seconds; it moves on by a quarter of it. */
    private static final double WINDOW_SECONDS = 512 / 44_100.0;

    private static final int HOPS = 4;
    private static final int BEFORE = 5;
    private static final int AFTER = 1;
    private static final int NEIGHBOURS = BEFORE + 1 + AFTER;
    private static final double ABOVE_MEAN = 0.2;
    /** The strength that is silence: 16-bit sound with the least bit trembling has more. */
    private static final double SILENT = 1e-4;
    /** What has a twenty-fifth of the strongest of the last seconds only rings; of that so much is forgotten a second. */
    private static final double RINGING = 0.04;

    private static final double FORGOTTEN = 0.5;
    /** Nobody strikes twice within this, in seconds. */
    private static final double APART = 0.06;
    /** That part of a window before the middle of the one with the peak a string was struck. */
    private static final double EARLIER = 0.156;

    private final int thinned;
    private final double rate;
    private final int hop;
    private final double[] window;
    private final double[] recent;
    private double strongest;
    private long heard;
    private double sum;
    private int summed;
    private double last;
    private double beforeLast;

    /** The strength of the last windows, smoothed, the newest last. */
    private final double[] strengths = new double[NEIGHBOURS];

    private final double[] raw = new double[3];
    private final double[] standing = new double[3];
    private double lastOnset = Double.NEGATIVE_INFINITY;

    /** @param rate samples a second, 4,000 to 400,000 */
    public OnsetDetector(double rate) {
        if (!(rate >= 4_000 && rate <= 400_000)) throw new IllegalArgumentException("no rate of sound: " + rate);
        thinned = Math.max(1, (int) Math.round(rate / 44_100));
        this.rate = rate / thinned;
        hop = Math.max(1, (int) Math.round(this.rate * WINDOW_SECONDS / HOPS));
        window = hann(HOPS * hop);
        recent = new double[window.length];
    }

    private static double[] hann(int size) {
        var window = new double[size];
        for (int i = 0; i < size; i++) window[i] = 0.5 - 0.5 * Math.cos(2 * Math.PI * i / (size - 1));
        return window;
    }

    /** Hears the first {@code count} of {@code samples}, and returns where strokes began, in seconds from the first sample of all. */
    public List<Double> hear(float[] samples, int count) {
        var onsets = new ArrayList<Double>();
        for (int i = 0; i < count; i++) {
            sum += Float.isFinite(samples[i]) ? samples[i] : 0;
            if (++summed < thinned) continue;
            take(sum / thinned);
            sum = 0;
            summed = 0;
            if (heard % hop == 0) judge(strength(), onsets);
        }
        return onsets;
    }

    /** What is still due where the sound ends; that it ends is no stroke. */
    public List<Double> end() {
        var onsets = new ArrayList<Double>();
        for (int i = 0; i < AFTER + 3; i++) {
            heard += hop - heard % hop;
            judge(0, onsets);
        }
        return onsets;
    }

    private void take(double sample) {
        recent[(int) (heard++ % recent.length)] = sample - 2 * last + beforeLast;
        beforeLast = last;
        last = sample;
    }

    private void judge(double strength, List<Double> onsets) {
        push(raw, strength);
        push(strengths, raw[0] / 4 + raw[1] / 2 + raw[2] / 4);
        push(standing, standing());
        boolean isPeak = standing[1] > 0 && standing[1] >= standing[0] && standing[1] > standing[2];
        // The peak is one window back, its strength so many more as are looked at behind it and as smoothing takes.
        double middle = heard - window.length / 2.0 - hop * (AFTER + 2.0);
        double at = Math.max(0, middle - EARLIER) / rate;
        double peak = strengths[BEFORE - 1];
        strongest = Math.max(peak, strongest * Math.pow(FORGOTTEN, hop / rate));
        if (!isPeak || peak < SILENT || peak < RINGING * strongest || at - lastOnset < APART) return;
        lastOnset = at;
        onsets.add(at);
    }

    private static void push(double[] values, double value) {
        System.arraycopy(values, 1, values, 0, values.length - 1);
        values[values.length - 1] = value;
    }

    private double strength() {
        double power = 0;
        int start = (int) (heard % window.length);
        for (int i = 0; i < window.length; i++) {
            double each = recent[(start + i) % window.length] * window[i];
            power += each * each;
        }
        return Math.sqrt(power / window.length);
    }

    /** How far the window with neighbours on both sides stands out from them. */
    private double standing() {
        double[] sorted = strengths.clone();
        Arrays.sort(sorted);
        double mean = Arrays.stream(strengths).average().orElseThrow();
        return strengths[BEFORE] - sorted[NEIGHBOURS / 2] - ABOVE_MEAN * mean;
    }
}
