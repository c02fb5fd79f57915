package tactus.sound.synth;

/** Bends what is too loud, and only that, so that it stays a decibel below the most there is, between samples too. */
final class Limiter {

    /** Up to here nothing is changed. */
    static final float KNEE = 0.6f;

    private static final float ROOM = 0.24f;

    private Limiter() {}

    static float limited(float sample) {
        float size = Math.abs(sample);
        if (size <= KNEE) return sample;
        double bent = KNEE + ROOM * Math.tanh((size - KNEE) / ROOM);
        return (float) Math.copySign(bent, sample);
    }
}
