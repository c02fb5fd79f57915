package tactus.sound.synth;

/** A metronome's click: a short decaying tone, higher at the start of a bar. */
final class Click {

    private static final double STRONG_HERTZ = 1760;
    private static final double PLAIN_HERTZ = 1174.7;
    private static final double DECAY_SECONDS = 0.018;

    private final double rate;
    private final double decay;
    private double level;
    private double phase;
    private double step;

    Click(double rate) {
        this.rate = rate;
        this.decay = Math.exp(-1 / (rate * DECAY_SECONDS));
    }

    void strike(boolean strong) {
        level = strong ? 0.36 : 0.25;
        phase = 0;
        step = 2 * Math.PI * (strong ? STRONG_HERTZ : PLAIN_HERTZ) / rate;
    }

    void addTo(float[] out, int from, int count) {
        if (level < 1e-4) return;
        for (int i = from; i < from + count; i++) {
            out[i] += (float) (level * Math.sin(phase));
            phase += step;
            level *= decay;
        }
    }

    void reset() {
        level = 0;
    }
}
