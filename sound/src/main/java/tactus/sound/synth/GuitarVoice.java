package tactus.sound.synth;

import tactus.sound.score.Score;

/** Up to twelve strings on a body. */
final class GuitarVoice {

    /** How far its strings swing where they are struck as strongly as one can. */
    private static final float LEVEL = 0.42f;

    private final PluckedString[] strings = new PluckedString[Score.STRINGS_A_GUITAR + 1];
    private final Body body;

    /**
     * @param rate samples a second
     * @param seed makes two guitars a little different
     */
    GuitarVoice(double rate, int seed) {
        for (int string = 0; string < strings.length; string++)
            strings[string] = new PluckedString(rate, seed + string);
        body = new Body(rate);
    }

    /** Plays an event on {@code string}, from 1. */
    void play(Score.Kind kind, int string, float hertz, float velocity) {
        PluckedString played = strings[string];
        // See tactus.core.laid.performance.Note: amplitude goes with the square of the velocity.
        float amplitude = velocity * velocity * LEVEL;
        switch (kind) {
            case DAMP -> played.damp();
            case PLUCK -> played.pluck(hertz, velocity, amplitude);
            case KNOCK -> played.knock(hertz, velocity, amplitude);
            case CLICK, STRONG_CLICK, HIT, WORD -> {}
        }
    }

    void addTo(float[] out, int from, int count) {
        for (PluckedString string : strings) string.addTo(out, from, count);
    }

    /** Gives what its strings did the sound of its body. */
    void colour(float[] out, int count) {
        body.colour(out, count);
    }

    /** Damps every string, so that what is played next starts clean. */
    void damp() {
        for (PluckedString string : strings) string.damp();
    }

    void reset() {
        for (PluckedString string : strings) string.reset();
        body.reset();
    }
}
