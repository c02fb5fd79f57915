package tactus.sound.synth;

import java.util.Arrays;
import tactus.sound.score.Score;

/** Plays a score as samples: up to twelve strings of each of two guitars through a body, and clicks beside it. */
public final class Guitar {

    private static final int STRINGS = 2 * Score.STRINGS_A_GUITAR;
    private static final float LEVEL = 0.5f;

    private final PluckedString[] strings = new PluckedString[STRINGS + 1];
    private final Body body;
    private final Click click;

    /** @param rate samples a second */
    public Guitar(double rate) {
        for (int string = 0; string <= STRINGS; string++) strings[string] = new PluckedString(rate, 17 + string);
        body = new Body(rate);
        click = new Click(rate);
    }

    /**
     * Renders frames of {@code score} from {@code frame} on into the first {@code count} of {@code out}.
     *
     * @return the index of the first event that was not reached yet, to be given to the next call as {@code event}
     */
    public int render(Score score, long frame, int event, float[] out, int count) {
        Arrays.fill(out, 0, count, 0);
        int done = 0;
        int next = event;
        while (next < score.events() && score.frame(next) < frame + count) {
            int at = (int) Math.max(done, score.frame(next) - frame);
            addStrings(out, done, at - done);
            done = at;
            play(score, next++);
        }
        addStrings(out, done, count - done);
        body.colour(out, count);
        renderClicks(score, frame, event, out, count);
        return next;
    }

    /** Adds what still sounds to the first {@code count} of {@code out}, with nothing new played. */
    public void ring(float[] out, int count) {
        addStrings(out, 0, count);
        body.colour(out, count);
        click.addTo(out, 0, count);
    }

    private void addStrings(float[] out, int from, int count) {
        if (count == 0) return;
        for (PluckedString string : strings) string.addTo(out, from, count);
    }

    private void play(Score score, int event) {
        PluckedString string = strings[score.string(event)];
        switch (score.kind(event)) {
            case DAMP -> string.damp();
            case PLUCK -> string.pluck(score.hertz(event), score.velocity(event) * LEVEL);
            case KNOCK -> string.knock(score.hertz(event), score.velocity(event) * LEVEL);
            case CLICK, STRONG_CLICK -> {}
        }
    }

    private void renderClicks(Score score, long frame, int event, float[] out, int count) {
        int done = 0;
        for (int next = event; next < score.events() && score.frame(next) < frame + count; next++) {
            boolean strong = score.kind(next) == Score.Kind.STRONG_CLICK;
            if (!strong && score.kind(next) != Score.Kind.CLICK) continue;
            int at = (int) Math.max(done, score.frame(next) - frame);
            click.addTo(out, done, at - done);
            done = at;
            click.strike(strong);
        }
        click.addTo(out, done, count - done);
    }

    /** Damps every string, so that what is played next starts clean. */
    public void damp() {
        for (PluckedString string : strings) string.damp();
    }

    /** Makes everything silent at once. */
    public void reset() {
        for (PluckedString string : strings) string.reset();
        click.reset();
        body.reset();
    }
}
