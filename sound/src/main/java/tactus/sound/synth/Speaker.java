package tactus.sound.synth;

import tactus.sound.score.SpokenWord;

/** The counting voice: one word at a time; a new one takes the place of the last, which fades quickly. */
final class Speaker {

    private static final int FADE = 220;
    private static final float LEVEL = 0.6f;

    private SpokenWord word;
    private int at;
    private SpokenWord last;
    private int lastAt;
    private int fading;

    void say(SpokenWord next) {
        last = word;
        lastAt = at;
        fading = FADE;
        word = next;
        at = 0;
    }

    void addTo(float[] out, int from, int count) {
        for (int i = from; i < from + count; i++) {
            if (word != null) out[i] += LEVEL * word.sample(at++);
            if (word != null && at >= word.length()) word = null;
            if (last == null) continue;
            out[i] += LEVEL * last.sample(lastAt++) * fading / FADE;
            if (--fading == 0 || lastAt >= last.length()) last = null;
        }
    }

    void reset() {
        word = null;
        last = null;
    }
}
