package tactus.sound.synth;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.patterns.groove.Drum;
import tactus.sound.score.Score;
import tactus.sound.score.SpokenWord;

/**
 * Plays a score as samples of two channels: every voice of the mix at its level and in its place between left and right. What
 * a voice that is not heard would play is left out, so that it costs nothing.
 */
public final class Band {

    /** Samples of left and right for each frame. */
    public static final int CHANNELS = 2;

    private static final int MOST = 4_096;
    private static final Drum[] DRUMS = Drum.values();
    private static final MixVoice[] VOICES = MixVoice.values();

    /** Where voices are, from -1 (left) to 1 (right); those that carry the beat in the middle. */
    private static final Map<MixVoice, Double> PLACES = Map.of(
            MixVoice.GUITAR, -0.2,
            MixVoice.SECOND, 0.45,
            MixVoice.BASS, -0.1,
            MixVoice.DRUMS, 0.15,
            MixVoice.CLICK, 0.0,
            MixVoice.COUNT, 0.0);

    /** A voice that renders into one channel. */
    private interface Part {
        void addTo(float[] out, int from, int count);
    }

    private final Map<MixVoice, GuitarVoice> guitars = new EnumMap<>(MixVoice.class);
    private final Map<MixVoice, Part> parts = new EnumMap<>(MixVoice.class);
    private final DrumKit drums;
    private final Click click;
    private final Click countIn;
    private final Speaker speaker = new Speaker();
    private final float[] mono = new float[MOST];
    private double trim = 1;
    private volatile Mix mix = Mix.USUAL;

    /** @param rate samples a second */
    public Band(double rate) {
        int seed = 17;
        for (MixVoice voice : new MixVoice[] {MixVoice.GUITAR, MixVoice.SECOND, MixVoice.BASS}) {
            guitars.put(voice, new GuitarVoice(rate, seed));
            seed += Score.STRINGS_A_GUITAR;
        }
        drums = new DrumKit(rate);
        click = new Click(rate);
        countIn = new Click(rate);
        guitars.forEach((voice, guitar) -> parts.put(voice, guitar::addTo));
        parts.put(MixVoice.DRUMS, drums::addTo);
        parts.put(MixVoice.CLICK, click::addTo);
        parts.put(MixVoice.COUNT, speaker::addTo);
    }

    /** What is heard from now on; may be called by another thread. */
    public void setMix(Mix mix) {
        this.mix = mix;
    }

    /**
     * Renders frames of {@code score} from {@code frame} on into the first {@code count} frames of {@code out}.
     *
     * @param count at most 4,096
     * @return the index of the first event that was not reached yet, to be given to the next call as {@code event}
     */
    public int render(Score score, long frame, int event, float[] out, int count) {
        Arrays.fill(out, 0, count * CHANNELS, 0);
        Mix now = mix;
        int next = event;
        while (next < score.events() && score.frame(next) < frame + count) next++;
        for (MixVoice voice : VOICES) {
            double gain = now.gain(voice);
            if (gain == 0 && isQuiet(voice)) continue;
            renderVoice(voice, score, frame, event, next, count);
            place(voice, gain * trim(voice, score.trim()), out, count);
        }
        trim = score.trim();
        if (renderCountIn(score, frame, event, next, count)) place(MixVoice.CLICK, 1, out, count);
        limit(out, count);
        return next;
    }

    /** Guitars are played on unheard, so that they are in the middle of the song when they are heard again. */
    private static boolean isQuiet(MixVoice voice) {
        return voice != MixVoice.GUITAR && voice != MixVoice.SECOND;
    }

    /** Adds what still sounds to the first {@code count} frames of {@code out}, with nothing new played. */
    public void ring(float[] out, int count) {
        Arrays.fill(out, 0, count * CHANNELS, 0);
        Mix now = mix;
        for (MixVoice voice : VOICES) {
            Arrays.fill(mono, 0, count, 0);
            parts.get(voice).addTo(mono, 0, count);
            if (guitars.containsKey(voice)) guitars.get(voice).colour(mono, count);
            place(voice, now.gain(voice) * trim(voice, trim), out, count);
        }
        limit(out, count);
    }

    /** Drums, click and voice are as loud as they are, whatever the guitars play. */
    private double trim(MixVoice voice, double ofSong) {
        return guitars.containsKey(voice) ? ofSong : 1;
    }

    private void renderVoice(MixVoice voice, Score score, long frame, int from, int to, int count) {
        Arrays.fill(mono, 0, count, 0);
        Part part = parts.get(voice);
        int done = 0;
        for (int event = from; event < to; event++) {
            Optional<MixVoice> whose = score.voice(event);
            if (whose.isEmpty() || whose.get() != voice) continue;
            int at = (int) Math.max(done, score.frame(event) - frame);
            if (at > done) part.addTo(mono, done, at - done);
            done = at;
            play(voice, score, event);
        }
        if (count > done) part.addTo(mono, done, count - done);
        if (guitars.containsKey(voice)) guitars.get(voice).colour(mono, count);
    }

    private void play(MixVoice voice, Score score, int event) {
        int number = score.number(event);
        switch (score.kind(event)) {
            case DAMP, PLUCK, KNOCK -> {
                int string = (number - 1) % Score.STRINGS_A_GUITAR + 1;
                guitars.get(voice).play(score.kind(event), string, score.hertz(event), score.velocity(event));
            }
            case CLICK -> click.strike(false);
            case STRONG_CLICK -> click.strike(true);
            case HIT -> drums.hit(DRUMS[number], score.velocity(event) * score.velocity(event));
            case WORD -> speaker.say(SpokenWord.numbered(number));
        }
    }

    private boolean renderCountIn(Score score, long frame, int from, int to, int count) {
        if (frame >= score.start() + Score.RATE) return false;
        Arrays.fill(mono, 0, count, 0);
        int done = 0;
        for (int event = from; event < to; event++) {
            if (score.voice(event).isPresent()) continue;
            int at = (int) Math.max(done, score.frame(event) - frame);
            countIn.addTo(mono, done, at - done);
            done = at;
            countIn.strike(score.kind(event) == Score.Kind.STRONG_CLICK);
        }
        countIn.addTo(mono, done, count - done);
        return true;
    }

    /** Equal power wherever a voice is (common practice). */
    private void place(MixVoice voice, double gain, float[] out, int count) {
        if (gain == 0) return;
        double angle = (PLACES.get(voice) + 1) * Math.PI / 4;
        float left = (float) (gain * Math.cos(angle));
        float right = (float) (gain * Math.sin(angle));
        for (int i = 0; i < count; i++) {
            out[CHANNELS * i] += left * mono[i];
            out[CHANNELS * i + 1] += right * mono[i];
        }
    }

    private static void limit(float[] out, int count) {
        for (int i = 0; i < CHANNELS * count; i++) out[i] = Limiter.limited(out[i]);
    }

    /** Damps every string, so that what is played next starts clean. */
    public void damp() {
        guitars.values().forEach(GuitarVoice::damp);
    }

    /** Makes everything silent at once. */
    public void reset() {
        guitars.values().forEach(GuitarVoice::reset);
        drums.reset();
        click.reset();
        countIn.reset();
        speaker.reset();
    }
}
