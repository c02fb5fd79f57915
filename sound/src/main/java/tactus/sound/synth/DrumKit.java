package tactus.sound.synth;

import tactus.core.patterns.groove.Drum;

/**
 * Kick, snare and hat: a tone that falls, noise over a tone, and the top of noise alone (common practice of drum synthesis;
 * the figures are from memory).
 */
final class DrumKit {

    private static final double KICK_HERTZ = 52;
    private static final double KICK_FALL = 110;
    private static final double SNARE_HERTZ = 185;
    private static final double SILENCE = 1e-4;

    private final double rate;
    private final double kickDecay;
    private final double fallDecay;
    private final double snareDecay;
    private final double hatDecay;
    private double kick;
    private double fall;
    private double kickPhase;
    private double snare;
    private double snarePhase;
    private double hat;
    private double before;
    private long noise = 0x2545F4914F6CDD1DL;

    DrumKit(double rate) {
        this.rate = rate;
        kickDecay = decay(0.09);
        fallDecay = decay(0.022);
        snareDecay = decay(0.055);
        hatDecay = decay(0.018);
    }

    private double decay(double seconds) {
        return Math.exp(-1 / (rate * seconds));
    }

    void hit(Drum drum, double force) {
        switch (drum) {
            case KICK -> {
                kick = force;
                fall = 1;
                kickPhase = 0;
            }
            case SNARE -> snare = force;
            case HAT -> hat = force;
        }
    }

    void addTo(float[] out, int from, int count) {
        if (kick < SILENCE && snare < SILENCE && hat < SILENCE) return;
        for (int i = from; i < from + count; i++) {
            noise ^= noise << 13;
            noise ^= noise >>> 7;
            noise ^= noise << 17;
            double hiss = noise / (double) Long.MAX_VALUE;
            // The difference of neighbours keeps the top of the noise.
            double top = hiss - before;
            before = hiss;
            kickPhase += 2 * Math.PI * (KICK_HERTZ + KICK_FALL * fall) / rate;
            snarePhase += 2 * Math.PI * SNARE_HERTZ / rate;
            out[i] += (float) (0.55 * kick * Math.sin(kickPhase)
                    + snare * (0.16 * hiss + 0.12 * Math.sin(snarePhase))
                    + 0.07 * hat * top);
            kick *= kickDecay;
            fall *= fallDecay;
            snare *= snareDecay;
            hat *= hatDecay;
        }
    }

    void reset() {
        kick = snare = hat = 0;
    }
}
