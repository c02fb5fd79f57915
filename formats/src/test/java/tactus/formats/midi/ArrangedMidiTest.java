package tactus.formats.midi;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.laid.performance.Performance;
import tactus.core.laid.sum.Moment;
import tactus.core.laid.sum.Sums;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.stroke.Stop;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.SongsByChance;
import tactus.words.SongWords;

/**
 * Sums and positions of an arrangement against a second computation: the exported file as the JDK reads it, its bars
 * counted from the time signatures and its seconds from the tempo map alone (Standard MIDI Files 1.0).
 */
class ArrangedMidiTest {

    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int MARKER = 0x06;
    private static final int CUE_POINT = 0x07;

    @TempDir
    private Path folder;

    private static Stream<Song> songs() {
        Song whole = SampleSong.song();
        Song full = whole.withVersions(whole.versions().withShown(Optional.empty()));
        List<Song> songs = List.of(whole, full, full.withFacts(full.facts().withPickup(0)), SampleSong.plain());
        return Stream.concat(songs.stream(), SongsByChance.of(songs, 40));
    }

    private Sequence exported(Song song) throws IOException, InvalidMidiDataException {
        Path file = folder.resolve("song.mid");
        MidiSong.write(song, Timeline.of(song), file);
        return MidiSystem.getSequence(file.toFile());
    }

    private record Meta(long tick, byte[] data) {}

    private static List<Meta> metas(Sequence sequence, int type) {
        var found = new ArrayList<Meta>();
        var conductor = sequence.getTracks()[0];
        for (int i = 0; i < conductor.size(); i++) {
            MidiEvent event = conductor.get(i);
            if (event.getMessage() instanceof MetaMessage meta && meta.getType() == type) {
                found.add(new Meta(event.getTick(), meta.getData()));
            }
        }
        return found;
    }

    /** Seconds at {@code tick}, from the tempo events in front of it. */
    private static double seconds(Sequence sequence, long tick) {
        var tempos = new TreeMap<Long, Integer>();
        for (Meta tempo : metas(sequence, TEMPO)) {
            byte[] data = tempo.data;
            tempos.put(tempo.tick, (data[0] & 255) << 16 | (data[1] & 255) << 8 | data[2] & 255);
        }
        double seconds = 0;
        long at = 0;
        int perQuarter = tempos.firstEntry().getValue();
        for (var tempo : tempos.entrySet()) {
            if (tempo.getKey() >= tick) break;
            seconds += (tempo.getKey() - at) * perQuarter / 1e6 / sequence.getResolution();
            at = tempo.getKey();
            perQuarter = tempo.getValue();
        }
        return seconds + (tick - at) * perQuarter / 1e6 / sequence.getResolution();
    }

    /** The tick of every bar line, counted off with the time signatures. */
    private static List<Long> barLines(Sequence sequence, int bars) {
        List<Meta> signatures = metas(sequence, TIME_SIGNATURE);
        var lines = new ArrayList<Long>();
        long at = 0;
        for (int bar = 0; bar <= bars; bar++) {
            lines.add(at);
            long here = at;
            byte[] signature = signatures.stream()
                    .filter(meta -> meta.tick <= here)
                    .reduce((_, last) -> last)
                    .orElseThrow()
                    .data;
            at += 4L * sequence.getResolution() * signature[0] / (1L << signature[1]);
        }
        return lines;
    }

    @ParameterizedTest
    @MethodSource("songs")
    void everyBarAndTheEndLieWhereTheFilePutsThem(Song song) throws Exception {
        Sequence file = exported(song);
        Timeline timeline = Timeline.of(song);
        List<Long> lines = barLines(file, timeline.bars().size());
        for (int i = 0; i < timeline.bars().size(); i++) {
            assertEquals(seconds(file, lines.get(i)), timeline.bars().get(i).seconds(), 1e-4, "bar line " + i);
        }
        double end = seconds(file, lines.getLast());
        assertEquals(end, timeline.seconds(), 1e-4);
        Sums sums = Sums.of(song, timeline);
        assertEquals(end, sums.parts().stream().mapToDouble(Sums.Part::seconds).sum(), 1e-4);
        assertEquals(timeline.bars().stream().filter(bar -> bar.number() > 0).count(), sums.bars());
    }

    @ParameterizedTest
    @MethodSource("songs")
    void everyNoteSoundsWhenTheFileSaysAndSoftPlacesAreSofter(Song song) throws Exception {
        Sequence file = exported(song);
        double[] ours = Performance.of(Timeline.of(song)).notes().stream()
                .mapToDouble(note -> note.start())
                .sorted()
                .toArray();
        var track = file.getTracks()[1];
        List<MidiEvent> struck = IntStream.range(0, track.size())
                .mapToObj(track::get)
                .filter(event -> event.getMessage() instanceof ShortMessage note
                        && note.getCommand() == ShortMessage.NOTE_ON
                        && note.getData2() > 0)
                .toList();
        double[] theirs = struck.stream()
                .mapToDouble(event -> seconds(file, event.getTick()))
                .sorted()
                .toArray();
        int[] keys = struck.stream()
                .mapToInt(event -> ((ShortMessage) event.getMessage()).getData1())
                .sorted()
                .toArray();
        int[] pitches = Timeline.of(song).strokes().stream()
                .filter(stroke -> !(stroke.stroke() instanceof Stop))
                .flatMap(stroke -> Stream.concat(stroke.strings().stream(), stroke.slurred().stream()))
                .mapToInt(string -> string.pitch().number())
                .sorted()
                .toArray();
        assertArrayEquals(pitches, keys);
        assertEquals(ours.length, theirs.length);
        for (int i = 0; i < ours.length; i++) assertEquals(theirs[i], ours[i], 2e-3, "note " + i);
        assertTrue(Arrays.stream(ours).allMatch(start -> start >= 0));
    }

    @ParameterizedTest
    @MethodSource("songs")
    void markersAndCuesStandAtTheirBarsAndAnyTimeIsFoundAgain(Song song) throws Exception {
        Sequence file = exported(song);
        Timeline timeline = Timeline.of(song);
        List<TimelineBar> starts = timeline.bars().stream()
                .filter(bar -> bar.isFirst() || bar.number() == 0)
                .toList();
        List<Meta> markers = metas(file, MARKER);
        assertEquals(starts.size(), markers.size());
        for (int i = 0; i < markers.size(); i++) {
            TimelineBar bar = starts.get(i);
            assertEquals(bar.seconds(), seconds(file, markers.get(i).tick), 1e-4);
            String said = new String(markers.get(i).data);
            assertTrue(
                    said.startsWith(bar.number() == 0 ? "Pick-up" : new SongWords(song.asShown()).use(bar.use())),
                    said);
            assertEquals(
                    bar.number(),
                    Moment.at(timeline, seconds(file, markers.get(i).tick) + 1e-4)
                            .orElseThrow()
                            .bar()
                            .number());
        }
        assertEquals(timeline.margin().cues().size(), metas(file, CUE_POINT).size());
    }
}
