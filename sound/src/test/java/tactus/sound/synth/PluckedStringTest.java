package tactus.sound.synth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.sound.SoundFixture.loudness;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PluckedStringTest {

    private static final int RATE = 44_100;

    private static float[] plucked(double hertz, double velocity, int samples) {
        var string = new PluckedString(RATE, 3);
        string.pluck(hertz, velocity, velocity * velocity);
        var out = new float[samples];
        string.addTo(out, 0, samples);
        return out;
    }

    /** The period at which the sound is most like itself, by autocorrelation with a parabola through its peak. */
    private static double pitch(float[] samples, double near) {
        int from = 4_096;
        int length = 8_192;
        int best = 0;
        double most = -1;
        int low = (int) (RATE / near * 0.9);
        int high = (int) (RATE / near * 1.1) + 2;
        double[] likeness = new double[high + 2];
        for (int lag = low - 1; lag <= high + 1; lag++) {
            for (int i = from; i < from + length; i++) likeness[lag] += samples[i] * samples[i + lag];
            if (lag >= low && lag <= high && likeness[lag] > most) {
                most = likeness[lag];
                best = lag;
            }
        }
        double left = likeness[best - 1];
        double right = likeness[best + 1];
        double shift = (left - right) / (2 * (left - 2 * likeness[best] + right));
        return RATE / (best + shift);
    }

    /** Open strings of a guitar and the highest fret; six cents is less than most can hear. */
    @ParameterizedTest
    @ValueSource(doubles = {82.407, 110.0, 146.832, 195.998, 246.942, 329.628, 659.255})
    void soundsAtItsPitch(double hertz) {
        double heard = pitch(plucked(hertz, 0.8, 16_384), hertz);
        double cents = 1200 * Math.log(heard / hertz) / Math.log(2);
        assertEquals(0, cents, 6, heard + " Hz");
    }

    @Test
    void diesAwayAndIsSilentInTheEnd() {
        float[] samples = plucked(196, 0.8, RATE * 3);
        assertTrue(loudness(samples, 0, 4_000) > 4 * loudness(samples, 2 * RATE, 2 * RATE + 4_000));
        var string = new PluckedString(RATE, 3);
        string.pluck(196, 0.8, 0.64);
        float[] block = new float[4_096];
        for (int i = 0; i < 200 && !string.isSilent(); i++) string.addTo(block, 0, block.length);
        assertTrue(string.isSilent());
    }

    @Test
    void aHarderPluckIsLouder() {
        assertTrue(loudness(plucked(196, 0.9, 4_000), 0, 4_000) > 1.5 * loudness(plucked(196, 0.4, 4_000), 0, 4_000));
    }

    @Test
    void aDampedStringIsGoneInATenthOfASecond() {
        var string = new PluckedString(RATE, 3);
        string.pluck(110, 0.8, 0.64);
        var before = new float[4_410];
        string.addTo(before, 0, before.length);
        string.damp();
        var after = new float[RATE / 5];
        string.addTo(after, 0, after.length);
        assertTrue(loudness(after, RATE / 10, RATE / 5) < 0.02 * loudness(before, 0, before.length));
    }

    @Test
    void aKnockIsGoneWhileAPluckStillSounds() {
        var string = new PluckedString(RATE, 3);
        string.knock(110, 0.8, 0.64);
        var knock = new float[RATE / 2];
        string.addTo(knock, 0, knock.length);
        float[] pluck = plucked(110, 0.8, RATE / 2);
        assertTrue(loudness(knock, RATE / 8, RATE / 4) < 0.02 * loudness(pluck, RATE / 8, RATE / 4));
        assertTrue(loudness(knock, 0, 1_000) > 0.2 * loudness(pluck, 0, 1_000));
    }
}
