package tactus.sound.synth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.sound.SoundFixture.loudness;

import org.junit.jupiter.api.Test;
import tactus.sound.SoundFixture;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;

/** What a strum sounds like, measured. */
class GuitarTest {

    private static final int HALF_A_SECOND = Score.RATE / 2;

    private static float[] sound(String line, int block) {
        Score score = Score.of(SoundFixture.twoBars("320003", line), new Playback(0, 4, false, 1, false, false));
        var guitar = new Guitar(Score.RATE);
        var out = new float[Score.RATE];
        var part = new float[block];
        int event = 0;
        for (int frame = 0; frame < out.length; frame += block) {
            int count = Math.min(block, out.length - frame);
            event = guitar.render(score, frame, event, part, count);
            System.arraycopy(part, 0, out, frame, count);
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
}
