package tactus.formats.midi;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.reading.transcription.ReadMusic;
import tactus.core.reading.transcription.Transcription;
import tactus.core.written.song.Song;
import tactus.formats.file.FormatException;
import tactus.formats.transcription.Import;

/**
 * MIDI files as other programs write them (made here with the JDK's writer): quantised or played, with or without names of
 * chords, type 0 and 1, drums beside them.
 */
class MidiReaderTest {

    private static final int QUARTER = 480;
    /** Keys of the open shapes, low to high (standard tuning, middle C is 60). */
    private static final int[] C = {48, 52, 55, 60, 64};

    private static final int[] G = {43, 47, 50, 55, 59, 67};
    private static final int[] AM = {45, 52, 57, 60, 64};
    private static final int[] F = {41, 48, 53, 57, 60, 65};
    private static final int[] D7 = {50, 57, 60, 66};
    private static final int[] EM = {40, 47, 52, 55, 59, 64};

    @TempDir
    private Path folder;

    private static Sequence sequence() throws Exception {
        return new Sequence(Sequence.PPQ, QUARTER);
    }

    private static void meta(Track track, int type, long tick, int... data) throws Exception {
        byte[] bytes = new byte[data.length];
        for (int i = 0; i < data.length; i++) bytes[i] = (byte) data[i];
        track.add(new MidiEvent(new MetaMessage(type, bytes, bytes.length), tick));
    }

    private static void note(Track track, int channel, int key, int velocity, long from, long to) throws Exception {
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, velocity), from));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0), to));
    }

    /** @param spread ticks from string to string; negative where the hand goes up */
    private static void strum(Track track, int[] keys, long at, int spread) throws Exception {
        for (int i = 0; i < keys.length; i++) {
            int place = spread < 0 ? keys.length - 1 - i : i;
            note(track, 0, keys[i], spread < 0 ? 70 : 84, at + place * Math.abs(spread), at + 200);
        }
    }

    private ReadMusic written(Sequence sequence, int type) throws Exception {
        return MidiReader.read(file(sequence, type));
    }

    private Path file(Sequence sequence, int type) throws Exception {
        File file = folder.resolve("made.mid").toFile();
        MidiSystem.write(sequence, type, file);
        return file.toPath();
    }

    private static List<String> chords(ReadMusic music) {
        return music.parts().stream()
                .flatMap(part -> part.bars().stream())
                .map(bar -> bar.chords().stream()
                        .map(chord -> (chord.at().isZero() ? "" : chord.at() + ":") + chord.name())
                        .collect(Collectors.joining(" ")))
                .toList();
    }

    private static List<String> strokes(ReadMusic music) {
        return music.parts().stream()
                .flatMap(part -> part.bars().stream())
                .map(bar -> bar.strokes().stream()
                        .map(stroke -> stroke.at() + StrokeLine.format(stroke.stroke(), Direction.DOWN))
                        .collect(Collectors.joining(" ")))
                .toList();
    }

    @Test
    void quantisedBlocksAreChordsByNameAndStrumsByTheHand() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        int[][] shapes = {C, G, AM, F};
        for (int bar = 0; bar < 4; bar++)
            for (int eighth : new int[] {0, 2, 3, 5, 6}) strum(track, shapes[bar], bar * 1920 + eighth * 240, 0);
        ReadMusic music = written(sequence, 0);
        assertEquals(List.of("C", "G", "Am", "F"), chords(music));
        assertEquals("0d 1/4d 3/8u 5/8u 3/4d", strokes(music).getFirst());
        assertEquals(
                "[x32010, 320003, x02210, 133211]",
                music.shapes().stream()
                        .map(shape -> shape.voicing().toString())
                        .toList()
                        .toString());
        assertEquals("C", music.facts().key().toString());
    }

    @Test
    void theOrderOfTheStringsSaysWhichWayTheHandWent() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        for (int eighth = 0; eighth < 8; eighth++) strum(track, G, eighth * 240L, eighth == 4 || eighth == 7 ? -8 : 8);
        assertEquals(
                "0d 1/8d 1/4d 3/8d 1/2u 5/8d 3/4d 7/8u",
                strokes(written(sequence, 1)).getFirst());
    }

    /** Timing that wanders by up to 15 ms, as players' does (from memory of recorded playing). */
    @Test
    void whatIsPlayedByAHandLiesOnTheSameSlots() throws Exception {
        var random = new Random(11);
        var sequence = sequence();
        Track track = sequence.createTrack();
        for (int bar = 0; bar < 8; bar++) {
            for (int eighth : new int[] {0, 2, 3, 5, 6, 7}) {
                long at = Math.max(0, bar * 1920 + eighth * 240 + random.nextInt(29) - 14);
                strum(track, bar % 2 == 0 ? C : AM, at, eighth % 2 == 0 ? 6 : -6);
            }
        }
        ReadMusic music = written(sequence, 1);
        assertEquals(
                List.of("0d 1/4d 3/8u 5/8u 3/4d 7/8u"),
                strokes(music).stream().distinct().toList());
        assertEquals("C", chords(music).get(4));
    }

    @Test
    void lateSecondHalvesThroughoutAreSwungAndNotTriplets() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        for (int bar = 0; bar < 2; bar++)
            for (int beat = 0; beat < 4; beat++) {
                strum(track, EM, bar * 1920 + beat * 480, 6);
                strum(track, EM, bar * 1920 + beat * 480 + 320, -6);
            }
        ReadMusic music = written(sequence, 1);
        assertEquals("2:1", music.feel().toString());
        assertEquals("0d 1/8u 1/4d 3/8u 1/2d 5/8u 3/4d 7/8u", strokes(music).getFirst());
        Song song = Import.read(file(sequence, 1)).song();
        assertEquals("2:1", song.patterns().getFirst().frame().feel().toString());
    }

    @Test
    void aBarWithTwoChordsIsCutWhereTheyChange() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        for (int beat = 0; beat < 4; beat++) strum(track, beat < 2 ? C : G, beat * 480L, 6);
        for (int beat = 0; beat < 4; beat++) strum(track, beat < 3 ? AM : D7, 1920 + beat * 480L, 6);
        assertEquals(List.of("C 1/2:G", "Am 3/4:D7"), chords(written(sequence, 1)));
    }

    @Test
    void pickedStringsAreThoseOfTheShape() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        int[] keys = {48, 55, 60, 64, 52, 55, 60, 64};
        for (int eighth = 0; eighth < 8; eighth++) note(track, 0, keys[eighth], 80, eighth * 240L, eighth * 240L + 230);
        ReadMusic music = written(sequence, 1);
        assertEquals(List.of("C"), chords(music));
        assertEquals("05 1/83 1/42 3/81 1/24 5/83 3/42 7/81", strokes(music).getFirst());
    }

    @Test
    void markersMetersAndTempoMakePartsAndDrumsTheGroove() throws Exception {
        var sequence = sequence();
        Track conductor = sequence.createTrack();
        meta(conductor, 0x51, 0, 0x09, 0x27, 0xC0); // 600,000 microseconds: 100 a minute
        meta(conductor, 0x58, 0, 3, 2, 24, 8);
        conductor.add(new MidiEvent(new MetaMessage(0x06, "Verse".getBytes("UTF-8"), 5), 0));
        conductor.add(new MidiEvent(new MetaMessage(0x06, "Bridge".getBytes("UTF-8"), 6), 4 * 1440 - 3));
        Track guitar = sequence.createTrack();
        Track drums = sequence.createTrack();
        for (int bar = 0; bar < 8; bar++) {
            strum(guitar, G, bar * 1440, 6);
            note(drums, 9, bar % 2 == 0 ? 36 : 38, 100, bar * 1440, bar * 1440 + 60);
            for (int eighth = 0; eighth < 6; eighth++)
                note(drums, 9, 42, 80, bar * 1440 + eighth * 240, bar * 1440 + eighth * 240 + 60);
        }
        ReadMusic music = written(sequence, 1);
        assertEquals(
                List.of("Verse 4", "Bridge 4"),
                music.parts().stream()
                        .map(part -> part.name() + " " + part.bars().size())
                        .toList());
        assertEquals("3/4", music.facts().meter().toString());
        assertEquals(100, music.facts().tempo().perMinute());
        assertEquals(
                "(kh)hhhhh(sh)hhhhh", music.facts().groove().orElseThrow().line(), "two bars until it comes again");
    }

    @Test
    void twentyBarsOfFourChordsBecomeOneSectionAndOnePattern() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        int[][] shapes = {C, G, AM, F};
        for (int bar = 0; bar < 20; bar++)
            for (int eighth : new int[] {0, 2, 3, 5, 6})
                strum(track, shapes[bar % 4], bar * 1920 + eighth * 240, eighth % 2 == 0 ? 6 : -6);
        Transcription read = Import.read(file(sequence, 1));
        assertEquals(1, read.song().patterns().size());
        Timeline timeline = Timeline.of(read.song());
        assertEquals(20, timeline.bars().size());
        assertTrue(timeline.bars().stream()
                .map(TimelineBar::number)
                .allMatch(bar -> timeline.strokesIn(bar).stream()
                                .filter(stroke -> stroke.stroke().isStruck())
                                .count()
                        == 5));
    }

    @Test
    void whatIsNoSongIsRefusedInOneSentence() throws Exception {
        var empty = sequence();
        empty.createTrack();
        var film = new Sequence(Sequence.SMPTE_25, 40);
        note(film.createTrack(), 0, 60, 80, 0, 40);
        var long500 = sequence();
        for (int i = 0; i < 500; i++) note(long500.createTrack(), i % 9, 40 + i % 40, 80, 0, 240);
        assertEquals("made.mid: has no notes that a guitar could play", refused(file(empty, 1)));
        assertEquals("made.mid: counts frames of film, not beats", refused(file(film, 1)));
        assertEquals(1, written(long500, 1).parts().size(), "one of 500 tracks is taken");
        byte[] bytes = Files.readAllBytes(file(long500, 1));
        Path cut = Files.write(folder.resolve("cut.mid"), Arrays.copyOf(bytes, 20));
        assertTrue(refused(cut).contains("no MIDI file"), refused(cut));
        bytes[9] = 2;
        Path type2 = Files.write(folder.resolve("two.mid"), bytes);
        assertTrue(refused(type2).contains("pieces that do not play together"), refused(type2));
    }

    /** Every file that a few wrong bytes make is refused in words or read. */
    @Test
    void damagedFilesAreRefusedOrRead() throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        for (int bar = 0; bar < 4; bar++) strum(track, bar % 2 == 0 ? C : G, bar * 1920, 6);
        byte[] whole = Files.readAllBytes(file(sequence, 1));
        var random = new Random(5);
        var outcomes = new ArrayList<String>();
        for (int i = 0; i < 200; i++) {
            byte[] wrong = whole.clone();
            for (int j = 0; j < 3; j++) wrong[random.nextInt(wrong.length)] = (byte) random.nextInt(256);
            Path path = Files.write(folder.resolve("wrong.mid"), wrong);
            try {
                outcomes.add(Import.read(path).song().facts().title());
            } catch (FormatException told) {
                outcomes.add(told.getMessage());
            }
        }
        assertEquals(200, outcomes.size());
    }

    private static String refused(Path file) {
        return assertThrows(FormatException.class, () -> MidiReader.read(file)).getMessage();
    }

    /** Names in texts, and none where a text is something else. */
    @ParameterizedTest
    @CsvSource({"Am7, Am7", "F#m7b5, F#m7b5", "N.C., N.C.", "Take it easy, C", "(c) somebody, C"})
    void aTextThatIsTheNameOfAChordIsOne(String text, String expected) throws Exception {
        var sequence = sequence();
        Track track = sequence.createTrack();
        byte[] bytes = text.getBytes("UTF-8");
        track.add(new MidiEvent(new MetaMessage(0x01, bytes, bytes.length), 0));
        strum(track, C, 0, 6);
        assertEquals(expected, chords(written(sequence, 1)).getFirst());
    }
}
