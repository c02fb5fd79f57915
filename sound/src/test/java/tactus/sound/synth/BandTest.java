package tactus.sound.synth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.sound.SoundFixture.loudness;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.performance.CountTrack;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.Sounding;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.groove.Drum;
import tactus.sound.SoundFixture;
import tactus.sound.loudness.LoudnessMeter;
import tactus.sound.score.Music;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.score.SpokenWord;

/** What a strum sounds like, measured. */
class BandTest {

    private static final int HALF_A_SECOND = Score.RATE / 2;

    private static float[] sound(String line, int block) {
        Score score = Score.of(SoundFixture.twoBars("320003", line), new Playback(0, 4, false, 1, false));
        var band = new Band(Score.RATE);
        var out = new float[Score.RATE];
        var part = new float[block * Band.CHANNELS];
        int event = 0;
        for (int frame = 0; frame < out.length; frame += block) {
            int count = Math.min(block, out.length - frame);
            event = band.render(score, frame, event, part, count);
            for (int i = 0; i < count; i++) out[frame + i] = part[Band.CHANNELS * i];
        }
        return out;
    }

    /** How much of a tone of {@code hertz} is in the first half second, by correlation with it. */
    private static double tone(float[] samples, double hertz) {
        double sine = 0;
        double cosine = 0;
        for (int i = 2_000; i < HALF_A_SECOND; i++) {
            double angle = 2 * Math.PI * hertz * i / Score.RATE;
            sine += samples[i] * Math.sin(angle);
            cosine += samples[i] * Math.cos(angle);
        }
        return Math.hypot(sine, cosine);
    }

    @Test
    void anAccentIsHeard() {
        double plain = loudness(sound("d-------", 512), 0, HALF_A_SECOND);
        assertTrue(loudness(sound("D-------", 512), 0, HALF_A_SECOND) > 1.25 * plain);
    }

    @Test
    void bassAndTrebleStringsAreToldApart() {
        float[] bass = sound("b-------", 512);
        float[] treble = sound("t-------", 512);
        assertTrue(tone(bass, 98) > 10 * tone(treble, 98), "the low G is on a bass string");
        assertTrue(tone(bass, 146.83) > 10 * tone(treble, 146.83), "so is the open D");
    }

    @Test
    void aMuteIsShort() {
        float[] mute = sound("x-------", 512);
        float[] strum = sound("d-------", 512);
        assertTrue(loudness(mute, 0, 4_000) > 0.1 * loudness(strum, 0, 4_000));
        assertTrue(loudness(mute, 11_000, HALF_A_SECOND) < 0.05 * loudness(strum, 11_000, HALF_A_SECOND));
    }

    @Test
    void nothingSoundsBeforeTheFirstStrokeAndNothingIsClipped() {
        float[] samples = sound("--D-----", 512);
        assertEquals(0, loudness(samples, 0, HALF_A_SECOND - 1));
        for (float sample : sound("DUDUDUDU", 512)) assertTrue(Math.abs(sample) < 1);
    }

    @Test
    void theSizeOfTheBlocksIsNotHeard() {
        float[] small = sound("d-Du-uDu", 64);
        float[] large = sound("d-Du-uDu", 4_096);
        for (int i = 0; i < small.length; i++) assertEquals(large[i], small[i], 1e-6f, "sample " + i);
    }

    /** A bar of {@code line} at the level {@code loudness}, in both channels; nothing makes up for what is soft. */
    private static float[] heard(String line, double loudness, Mix mix) {
        Timeline plain = SoundFixture.twoBars("320003", line);
        var strokes = plain.strokes().stream()
                .map(stroke -> new TimelineStroke(
                        stroke.at(),
                        stroke.seconds(),
                        stroke.stroke(),
                        stroke.motion(),
                        new Sounding(stroke.strings(), stroke.moves(), stroke.slurred(), loudness),
                        stroke.from()))
                .toList();
        Timeline timeline = plain.withStrokes(strokes);
        var music = new Music(
                timeline,
                Layer.WHOLE,
                Optional.of(new DrumTrack(List.of(new DrumTrack.Hit(0.5, Drum.SNARE, 0.9)))),
                Optional.of(CountTrack.of(timeline, CountVoice.USUAL)),
                0);
        var band = new Band(Score.RATE);
        band.setMix(mix);
        var out = new float[2 * Score.RATE * Band.CHANNELS];
        var block = new float[1_000 * Band.CHANNELS];
        Score score = Score.of(music, new Playback(0, 4, false, 1, false));
        int event = 0;
        for (int frame = 0; frame + 1_000 <= 2 * Score.RATE; frame += 1_000) {
            event = band.render(score, frame, event, block, 1_000);
            System.arraycopy(block, 0, out, frame * Band.CHANNELS, block.length);
        }
        return out;
    }

    private static double lufs(float[] samples) {
        var meter = new LoudnessMeter(Score.RATE);
        meter.hear(samples, samples.length / Band.CHANNELS);
        return meter.integrated();
    }

    /** Even steps at the ear of 24 decibels in all, measured as ITU-R BS.1770 says. */
    @ParameterizedTest
    @ValueSource(strings = {"d-du-udu", "6 3 2 3 4 3 2 3", "D-dU-udu", "b-tub-tu"})
    void eachStepOfLoudnessIsHeardAsMuchAsTheLast(String line) {
        double before = lufs(heard(line, 0, Mix.USUAL));
        double first = before;
        for (int level = 1; level <= 5; level++) {
            double now = lufs(heard(line, level, Mix.USUAL));
            assertEquals(4.8, now - before, 0.6, "step " + level);
            before = now;
        }
        assertEquals(24, before - first, 1);
    }

    @Test
    void aFullStrumAtMediumIsFarFromTheLimiterAndNothingEverReachesTheTop() {
        for (float sample : heard("DDDDDDDD", 3, Mix.USUAL)) assertTrue(Math.abs(sample) < Limiter.KNEE);
        Mix all = Mix.of(MixVoice.values());
        for (float sample : heard("DDDDDDDD", 5, all)) assertTrue(Math.abs(sample) < 0.89, "a decibel is left");
    }

    @Test
    void thereIsNoConstantPart() {
        float[] samples = heard("d-dx-udu", 4, Mix.USUAL);
        double sum = 0;
        for (float sample : samples) sum += sample;
        assertEquals(0, sum / samples.length, 1e-4);
    }

    @Test
    void everyVoiceHasItsPlaceAndCanBeHeardAlone() {
        for (MixVoice voice : MixVoice.values()) {
            float[] alone =
                    heard("d-d-d-d-", 3, Mix.USUAL.withMuted(voice, false).withSolo(voice, true));
            double left = 0;
            double right = 0;
            for (int i = 0; i < alone.length; i += 2) {
                left += alone[i] * alone[i];
                right += alone[i + 1] * alone[i + 1];
            }
            if (voice == MixVoice.SECOND) {
                assertEquals(0, left + right, "there is no second guitar");
                continue;
            }
            assertTrue(left + right > 1, voice + " is heard");
            double place = (right - left) / (left + right);
            double expected = voice == MixVoice.GUITAR
                    ? -0.31
                    : voice == MixVoice.DRUMS ? 0.23 : voice == MixVoice.BASS ? -0.16 : 0;
            assertEquals(expected, place, 0.02, voice.toString());
        }
    }

    @Test
    void aWordIsHeardWithItsVowelOnTheBeat() {
        SpokenWord two = SpokenWord.of("2").orElseThrow();
        float[] alone = heard("d-d-d-d-", 3, Mix.of(MixVoice.COUNT));
        // Quiet just before the word, strong right behind the beat at half a second.
        int beat = Score.RATE / 2;
        double before = energy(alone, beat - two.vowel() - 2_000, beat - two.vowel() - 200);
        double after = energy(alone, beat, beat + 2_000);
        assertTrue(after > 100 * before, before + " and " + after);
    }

    private static double energy(float[] samples, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) sum += samples[2 * i] * samples[2 * i];
        return sum / (to - from);
    }

    /** Every syllable of every school, and every word of a chord's name. */
    @Test
    void theVoiceKnowsWhatTheCoreSays() {
        for (CountSchool school : CountSchool.values()) {
            for (String meter : List.of("4/4", "6/8", "12/8", "7/8", "5/4")) {
                Meter each = Meter.parse(meter);
                for (int parts : new int[] {1, 2, 3, 4, 6, 8}) {
                    Length slot = each.unitLength().dividedBy(Length.of(parts, 1));
                    for (int i = 0; slot.times(i).isLessThan(each.length()); i++) {
                        String said = Counting.said(school, each, slot, slot.times(i));
                        assertTrue(SpokenWord.of(said).isPresent(), school + " " + meter + ": " + said);
                    }
                }
            }
        }
    }
}
