package tactus.sound.loudness;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoudnessMeterTest {

    private static void hear(
            LoudnessMeter meter, double rate, double hertz, double decibels, double seconds, boolean both) {
        int frames = (int) (rate * seconds);
        var samples = new float[2 * frames];
        for (int i = 0; i < frames; i++) {
            samples[2 * i] = (float) (Math.pow(10, decibels / 20) * Math.sin(2 * Math.PI * hertz * i / rate));
            if (both) samples[2 * i + 1] = samples[2 * i];
        }
        meter.hear(samples, frames);
    }

    /** ITU-R BS.1770-4, annex 1: a sine of 997 Hz at full scale in one channel has -3.01 LKFS. */
    @ParameterizedTest
    @CsvSource({"48000", "44100"})
    void aSineInOneChannelHasTheLoudnessOfTheStandard(double rate) {
        var meter = new LoudnessMeter(rate);
        hear(meter, rate, 997, 0, 5, false);
        assertEquals(-3.01, meter.integrated(), 0.02);
    }

    /** EBU Tech 3341 (2016), cases 1 to 3: a stereo sine of 1000 Hz at -23 dBFS; quieter parts fall below the gate. */
    @Test
    void quietPartsDoNotCountAsTheStandardSays() {
        var meter = new LoudnessMeter(48_000);
        hear(meter, 48_000, 1000, -23, 20, true);
        assertEquals(-23, meter.integrated(), 0.1);
        var gated = new LoudnessMeter(48_000);
        hear(gated, 48_000, 1000, -36, 10, true);
        hear(gated, 48_000, 1000, -23, 60, true);
        hear(gated, 48_000, 1000, -36, 10, true);
        assertEquals(-23, gated.integrated(), 0.1);
    }

    @Test
    void silenceHasNoLoudness() {
        var meter = new LoudnessMeter(44_100);
        assertEquals(Double.NEGATIVE_INFINITY, meter.integrated());
        hear(meter, 44_100, 1000, -200, 2, true);
        assertEquals(Double.NEGATIVE_INFINITY, meter.integrated());
    }
}
