package tactus.sound.synth;

/**
 * A plucked string: a burst of noise that runs round a delay line as long as a period and is damped a little each time.
 * After Karplus and Strong, "Digital synthesis of plucked-string and drum timbres", Computer Music Journal 7(2), 1983;
 * with the tuning all-pass, decay, dynamics and pick-position extensions of Jaffe and Smith in the same issue.
 */
public final class PluckedString {

    private static final double LOWEST_HERTZ = 25;
    private static final double PICK_POSITION = 0.18;
    private static final double SILENCE = 1e-4;

    private final double rate;
    private final float[] line;
    private final float[] noise;
    private int period = 2;
    private int index;
    private float brightness;
    private float gain;
    private float allPass;
    private float lastIn;
    private float lastOut;
    private float lastLow;
    private double energy;

    /**
     * @param rate samples a second
     * @param seed makes each string's burst a little different, yet always the same
     */
    public PluckedString(double rate, long seed) {
        this.rate = rate;
        line = new float[(int) (rate / LOWEST_HERTZ) + 4];
        noise = burst(line.length, seed);
    }

    private static float[] burst(int length, long seed) {
        var noise = new float[length];
        long state = seed * 0x9E3779B97F4A7C15L + 1;
        for (int i = 0; i < length; i++) {
            state ^= state << 13;
            state ^= state >>> 7;
            state ^= state << 17;
            noise[i] = (float) (state / (double) Long.MAX_VALUE);
        }
        return noise;
    }

    /**
     * Plucks the string; what sounded on it is replaced.
     *
     * @param hertz its pitch, at least 25
     * @param velocity over 0 to 1; harder is brighter
     * @param amplitude how far it swings
     */
    public void pluck(double hertz, double velocity, double amplitude) {
        double decay = Math.clamp(5.5 - hertz / 180, 1.6, 5);
        excite(hertz, velocity, amplitude, 0.42f, decay);
    }

    /** Strikes the damped string: a dull knock that is gone at once. */
    public void knock(double hertz, double velocity, double amplitude) {
        excite(hertz, velocity, amplitude * 0.9, 0.5f, 0.07);
    }

    /** Damps what sounds. */
    public void damp() {
        gain = Math.min(gain, gainFor(0.09));
    }

    private void excite(double hertz, double velocity, double amplitude, float filter, double decay) {
        double exact = rate / Math.max(hertz, LOWEST_HERTZ);
        brightness = filter;
        period = (int) (exact - filter - 0.1);
        double fraction = exact - filter - period;
        allPass = (float) ((1 - fraction) / (1 + fraction));
        gain = gainFor(decay);
        fill(velocity, amplitude);
        index = 0;
        lastIn = 0;
        lastOut = 0;
        lastLow = 0;
        energy = 1;
    }

    /** The factor a period that makes the sound 60 dB softer in {@code seconds}. */
    private float gainFor(double seconds) {
        return (float) Math.pow(10, -3 * period / (rate * seconds));
    }

    private void fill(double velocity, double amplitude) {
        int pick = Math.max(1, (int) (period * PICK_POSITION));
        float soft = (float) (0.75 - 0.55 * velocity);
        // What is bright in a burst is gone at once; what rings on is as strong however dull it is.
        float low = 0;
        for (int i = 0; i < period; i++) {
            low = (1 - soft) * noise[i] + soft * low;
            line[i] = (float) (low * amplitude);
        }
        for (int i = period - 1; i >= pick; i--) line[i] -= line[i - pick];
        removeOffset();
    }

    private void removeOffset() {
        float sum = 0;
        for (int i = 0; i < period; i++) sum += line[i];
        float offset = sum / period;
        for (int i = 0; i < period; i++) line[i] -= offset;
    }

    /** Adds the next {@code count} samples to {@code out} from {@code from} on. */
    public void addTo(float[] out, int from, int count) {
        if (energy < SILENCE) return;
        double sum = 0;
        for (int i = from; i < from + count; i++) {
            float sample = line[index];
            out[i] += sample;
            sum += Math.abs(sample);
            line[index] = passed(sample);
            if (++index >= period) index = 0;
        }
        if (count >= 64) energy = sum / count;
    }

    private float passed(float sample) {
        float low = gain * ((1 - brightness) * sample + brightness * lastLow);
        lastLow = sample;
        float out = allPass * (low - lastOut) + lastIn;
        lastIn = low;
        lastOut = out;
        return out;
    }

    public boolean isSilent() {
        return energy < SILENCE;
    }

    /** Makes the string silent at once. */
    public void reset() {
        energy = 0;
    }
}
