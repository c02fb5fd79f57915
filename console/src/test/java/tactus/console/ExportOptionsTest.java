package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.laid.timeline.Timeline;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.sound.loudness.LoudnessMeter;
import tactus.sound.loudness.Trim;
import tactus.sound.score.Score;
import tactus.sound.wave.WaveRendering;

/** What of a song is written out, and what goes along. */
class ExportOptionsTest extends CommandRun {

    @TempDir
    private Path folder;

    private String saved(DemoSong demo) throws IOException {
        Path file = folder.resolve("song.tactus.json");
        SongFile.write(demo.song(), file);
        return file.toString();
    }

    /** Two counts of the bars, the sound a quarter slower and twice, the click and a count-in beside it. */
    @Test
    void barsAreWrittenWithWhatGoesAlong() throws Exception {
        String song = saved(DemoSong.LANTERN_WALK);
        String out = folder.resolve("part").toString();
        assertEquals(
                0,
                run(
                        "export",
                        song,
                        "--to",
                        "wav,midi,csv,musicxml,txt",
                        "--bars",
                        "5-8",
                        "--out",
                        out,
                        "--tempo",
                        "75%",
                        "--rounds",
                        "2",
                        "--with",
                        "count-in,click,drums,count,strings",
                        "--says",
                        "strokes"));
        assertEquals(
                5, Files.readAllLines(folder.resolve("part/lantern-walk.csv")).size(), "a head and four bars");
        try (var sound = AudioSystem.getAudioInputStream(
                folder.resolve("part/lantern-walk.wav").toFile())) {
            double bar = 4 * 60 / 92.0 / 0.75;
            assertEquals(bar + 2 * 4 * bar + 2.5, sound.getFrameLength() / 44_100.0, 0.01);
        }
        var midi =
                MidiSystem.getSequence(folder.resolve("part/lantern-walk.mid").toFile());
        assertEquals(5, midi.getTracks().length, "conductor, guitar, count-in, click, drums");
        assertTrue(Files.readString(folder.resolve("part/lantern-walk.txt")).contains("4 bars"));
        String xml = Files.readString(folder.resolve("part/lantern-walk.musicxml"));
        assertTrue(xml.contains("<measure number=\"5\"") && xml.contains("<measure number=\"8\""));
        assertFalse(xml.contains("<measure number=\"9\""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--bars | 999 | names no bars",
                "--with | horns | takes count-in",
                "--tempo | 5% | is no tempo",
                "--rounds | 0 | goes round",
                "--silent | always | takes never",
                "--layer | left | takes whole"
            })
    void anOptionOfTheSoundThatCannotBeSaysWhatCan(String option, String value, String said) throws Exception {
        String song = saved(DemoSong.LANTERN_WALK);
        assertEquals(2, run("export", song, "--to", "wav", option, value, "--out", folder.toString()));
        assertTrue(err.toString().contains(said), err.toString());
        assertFalse(Files.exists(folder.resolve("lantern-walk.wav")));
    }

    @Test
    void eachSectionCanHaveAFileOfItsOwn() throws Exception {
        String song = saved(DemoSong.KETTLE_FOR_THE_STEWARDS);
        String out = folder.resolve("sections").toString();
        assertEquals(0, run("export", song, "--to", "wav", "--by-section", "--out", out));
        try (var files = Files.list(folder.resolve("sections"))) {
            assertEquals(DemoSong.KETTLE_FOR_THE_STEWARDS.song().uses().size(), files.count());
        }
    }

    /** Within a decibel of each other and of the target; measured with ffmpeg as well, see docs/benchmarks.md. */
    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void everyDemoSongIsAsLoudAsTheOthers(DemoSong demo) {
        Timeline timeline = Timeline.of(demo.song());
        var meter = new LoudnessMeter(Score.RATE);
        int frames = (int) Math.round(timeline.seconds() * Score.RATE);
        float[] samples = WaveRendering.of(timeline).render(frames);
        meter.hear(samples, frames);
        assertEquals(Trim.TARGET, meter.integrated(), 0.5);
        for (float sample : samples) assertTrue(Math.abs(sample) < 0.89, "a decibel is left");
    }
}
