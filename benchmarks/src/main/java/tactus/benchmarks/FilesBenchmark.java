package tactus.benchmarks;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.laid.timeline.Timeline;
import tactus.core.reading.transcription.ReadMusic;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.midi.MidiReader;
import tactus.formats.midi.MidiSong;
import tactus.formats.musicxml.MusicXmlReader;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.Sheet;
import tactus.formats.sheet.SheetLook;
import tactus.formats.song.SongFile;
import tactus.words.Words;

/** The page and the files of a song of 300 bars, read back as well; and one song file read for the index of a folder. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class FilesBenchmark {

    private static final float SCREEN_DOTS = 108;

    private final Song waltz = DemoSong.LAST_CHAIR_WALTZ.song();
    private final Timeline waltzPlayed = Timeline.of(waltz);
    private final Song song = LongSong.of(300);
    private final Timeline timeline = Timeline.of(song);
    private Path folder;
    private Path music;
    private Path midi;
    private List<Path> demos;
    private int next;

    @Setup
    public void writeFiles() throws IOException {
        folder = Files.createTempDirectory("tactus-benchmark");
        music = folder.resolve("read.musicxml");
        midi = folder.resolve("read.mid");
        MusicXmlSong.write(song, timeline, music);
        MidiSong.write(song, timeline, midi);
        demos = Stream.of(DemoSong.values())
                .map(demo -> folder.resolve(demo.name() + ".tactus.json"))
                .toList();
        for (int i = 0; i < demos.size(); i++) SongFile.write(DemoSong.values()[i].song(), demos.get(i));
    }

    @TearDown
    public void deleteFiles() throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) Files.delete(file);
        }
    }

    @Benchmark
    public List<BufferedImage> pageOfTheWaltz() throws IOException {
        return Sheet.of(waltz, waltzPlayed, SheetLook.on(Paper.A4)).images(SCREEN_DOTS);
    }

    @Benchmark
    public List<BufferedImage> pageOf300Bars() throws IOException {
        return Sheet.of(song, timeline, SheetLook.on(Paper.A4)).images(SCREEN_DOTS);
    }

    @Benchmark
    public void musicXml() throws IOException {
        MusicXmlSong.write(song, timeline, folder.resolve("written.musicxml"));
    }

    @Benchmark
    public ReadMusic readMusicXml() throws IOException {
        return MusicXmlReader.read(music);
    }

    @Benchmark
    public void midi() throws IOException {
        MidiSong.write(song, timeline, folder.resolve("written.mid"));
    }

    @Benchmark
    public ReadMusic readMidi() throws IOException {
        return MidiReader.read(midi);
    }

    /** On one of the processors; the five demos in turn. */
    @Benchmark
    public ShelvedSong indexOneSong() throws IOException {
        Path file = demos.get(next++ % demos.size());
        return ShelvedSong.of(file.toString(), SongFile.read(file).song(), Words.lexicon());
    }
}
