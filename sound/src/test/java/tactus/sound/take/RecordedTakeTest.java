package tactus.sound.take;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.SimulatedPlayer;
import tactus.core.taught.practice.Skill;
import tactus.core.taught.practice.Take;
import tactus.core.taught.practice.Tap;
import tactus.sound.SoundFixture;

/** Rendered playing, heard again. aubio 0.4 hears the demo songs in the same places, see docs/benchmarks.md. */
class RecordedTakeTest {

    @TempDir
    private Path folder;

    private Path file(float[] samples, int rate, int channels, int bits) throws Exception {
        int frames = (int) (samples.length * (long) rate / 44_100);
        byte[] bytes = new byte[frames * channels * bits / 8];
        int at = 0;
        for (int i = 0; i < frames; i++) {
            float sample = sample(samples, i * 44_100.0 / rate, 44_100.0 / rate);
            long value = Math.round(sample * ((1L << bits - 1) - 1));
            if (bits == 8) value += 128;
            for (int channel = 0; channel < channels; channel++)
                for (int low = 0; low < bits; low += 8) bytes[at++] = (byte) (value >> low);
        }
        var format = new AudioFormat(rate, bits, channels, bits > 8, false);
        Path file = folder.resolve("take.wav");
        var stream = new AudioInputStream(new ByteArrayInputStream(bytes), format, frames);
        AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file.toFile());
        return file;
    }

    /** Of another rate: between two samples, or the mean of those that one takes the place of. */
    private static float sample(float[] samples, double at, double step) {
        int first = (int) at;
        if (step <= 1) {
            float next = samples[Math.min(samples.length - 1, first + 1)];
            return (float) (samples[first] + (at - first) * (next - samples[first]));
        }
        float sum = 0;
        for (int i = 0; i < (int) step; i++) sum += samples[Math.min(samples.length - 1, first + i)];
        return sum / (int) step;
    }

    private static List<Double> struck(Timeline timeline) {
        return timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .map(TimelineStroke::seconds)
                .toList();
    }

    private static void assertHeard(List<Double> due, List<Tap> heard, double within, String what) {
        assertEquals(due.size(), heard.size(), what + ": " + heard);
        for (int i = 0; i < due.size(); i++)
            assertEquals(due.get(i), heard.get(i).seconds(), within, what + ", stroke " + i);
    }

    /** Within five milliseconds of where they are struck: strums up and down, muted, swept, soft and strong; figures; fast and slow. */
    @ParameterizedTest
    @CsvSource({
        "d-du-udu, 120",
        "d-du-udu, 60",
        "D-dU-udu, 92",
        "dudududu, 160",
        "d'-d'u'-u'd'u', 100",
        "b-tub-tu, 100",
        "x-du-udx, 100",
        "d---d---, 140",
        "5 2 3 2 4 2 3 2, 80",
        "5 2 3 1 4 2 3 1, 130",
        "(5 1) 2 3 2 (4 1) 2 3 2, 96",
        "d_-d_-d_-d_u_, 110"
    })
    void everyStrokeIsHeardWhereItIsStruckAndNoOther(String line, double perMinute) throws Exception {
        Timeline timeline = SoundFixture.twoBars("x32010", line, perMinute);
        List<Tap> heard = RecordedTake.read(file(SoundFixture.mono(timeline, timeline.seconds() + 1), 44_100, 1, 16));
        assertHeard(struck(timeline), heard, 0.005, line);
    }

    /** Other programs record at other rates, in other sizes and with more channels. */
    @ParameterizedTest
    @CsvSource({"44100, 2, 24", "176400, 1, 32", "22050, 1, 16", "11025, 1, 16", "44100, 8, 16", "88200, 2, 16"})
    void otherKindsOfSoundAreHeardAsWell(int rate, int channels, int bits) throws Exception {
        Timeline timeline = SoundFixture.twoBars("320003", "d-du-udu", 100);
        List<Tap> heard = new ArrayList<>(
                RecordedTake.read(file(SoundFixture.mono(timeline, timeline.seconds() + 1), rate, channels, bits)));
        // With so little of the top a chord that rings out beats like a stroke.
        if (rate < 44_100) heard.removeIf(tap -> tap.seconds() > timeline.seconds());
        assertHeard(struck(timeline), heard, 0.012, rate + " " + channels + " " + bits);
    }

    @Test
    void aRoomWithSomeNoiseAndAQuietMicrophoneChangeNothing() throws Exception {
        Timeline timeline = SoundFixture.twoBars("320003", "d-du-udu", 100);
        float[] samples = SoundFixture.mono(timeline, timeline.seconds() + 1);
        var random = new Random(5);
        for (int i = 0; i < samples.length; i++) samples[i] = samples[i] / 3 + (float) (0.0004 * random.nextGaussian());
        assertHeard(struck(timeline), RecordedTake.read(file(samples, 44_100, 1, 16)), 0.008, "noise");
    }

    /** A player who is late by 20 ms, with a spread of 12, played on strings and heard again. */
    @Test
    void aSimulatedPlayerIsJudgedByEarAsHePlays() throws Exception {
        Timeline due = SoundFixture.twoBars("320003", "d-du-udu", 90);
        var skill = new Skill(20, 12, 0, 0, 0, 0, Optional.empty());
        Timeline played = new SimulatedPlayer(skill, 4).played(due, 1);
        List<Tap> heard = RecordedTake.read(file(SoundFixture.mono(played, due.seconds() + 1), 44_100, 1, 16));
        assertHeard(struck(played), heard, 0.005, "simulated");
        Take take = Take.of(DueStroke.of(due, 1, 2, 1), heard);
        assertEquals(0, take.missed());
        assertEquals(20, take.meanMs(), 8);
    }

    @Test
    void silenceHasNoStrokesAndNeitherHasHiss() throws Exception {
        assertEquals(List.of(), RecordedTake.read(file(new float[44_100], 44_100, 1, 16)));
        var random = new Random(1);
        var hiss = new float[10 * 44_100];
        for (int i = 0; i < hiss.length; i++) hiss[i] = (float) (0.01 * random.nextGaussian());
        List<Tap> heard = new ArrayList<>(RecordedTake.read(file(hiss, 44_100, 1, 16)));
        heard.removeIf(tap -> tap.seconds() < 0.05);
        assertEquals(List.of(), heard);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "RIFF", "this is no sound at all, however long it is"})
    void whatIsNoSoundIsRefused(String text) throws Exception {
        Path file = Files.writeString(folder.resolve("take.wav"), text);
        assertEquals(
                "take.sound",
                assertThrows(Refusal.class, () -> RecordedTake.read(file))
                        .reason()
                        .code());
    }

    /** What is there of a recording that was cut off is heard. */
    @Test
    void aFileThatIsCutIsHeardAsFarAsItGoes() throws Exception {
        Timeline timeline = SoundFixture.twoBars("320003", "d-d-d-d-", 120);
        Path whole = file(SoundFixture.mono(timeline, 4), 44_100, 1, 16);
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = folder.resolve("cut.wav");
        Files.write(cut, Arrays.copyOf(bytes, bytes.length / 2 + 1));
        List<Tap> heard = RecordedTake.read(cut);
        assertTrue(heard.size() == 4 || heard.size() == 5, heard.toString());
    }
}
