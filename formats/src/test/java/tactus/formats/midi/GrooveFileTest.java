package tactus.formats.midi;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.music.time.Length;
import tactus.core.patterns.groove.CommonGroove;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.groove.Groove;
import tactus.formats.file.FormatException;

/** MIDI files are written by the JDK; the drums' numbers are those of the percussion key map of General MIDI 1. */
class GrooveFileTest {

    private static final int RESOLUTION = 480;
    private static final int KICK = 36;
    private static final int SNARE = 38;
    private static final int CLOSED_HAT = 42;

    @TempDir
    private Path folder;

    private Path written(Sequence sequence) throws IOException {
        Path file = folder.resolve("drums.mid");
        MidiSystem.write(sequence, 1, file.toFile());
        return file;
    }

    private static void hit(Sequence sequence, int channel, int key, long tick) throws InvalidMidiDataException {
        sequence.getTracks()[0].add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, 90), tick));
    }

    /** The file says 33/4, or a denominator of 2 to the power of 60. */
    @ParameterizedTest
    @CsvSource({"33, 2", "0, 2", "4, 60", "-1, 3"})
    void aTimeSignatureThatNoBarHasIsRefusedInPlainWords(byte upper, byte power) throws Exception {
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION, 1);
        sequence.getTracks()[0].add(new MidiEvent(new MetaMessage(0x58, new byte[] {upper, power, 24, 8}, 4), 0));
        for (int beat = 0; beat < 40; beat++) hit(sequence, 9, KICK, (long) beat * RESOLUTION);
        Path file = written(sequence);
        var wrong = assertThrows(FormatException.class, () -> GrooveFile.read(file));
        assertTrue(wrong.getMessage().startsWith("drums.mid"), wrong.getMessage());
        assertTrue(wrong.getMessage().contains("time signature"), wrong.getMessage());
    }

    @Test
    void theFirstBarOfDrumsIsReadOnTheNearestSlots() throws Exception {
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION, 1);
        long bar = 4L * RESOLUTION;
        for (int eighth = 0; eighth < 16; eighth++) hit(sequence, 9, CLOSED_HAT, bar + eighth * RESOLUTION / 2);
        hit(sequence, 9, KICK, bar + 7);
        hit(sequence, 9, SNARE, bar + RESOLUTION - 9);
        hit(sequence, 9, KICK, bar + 2 * RESOLUTION);
        hit(sequence, 9, SNARE, bar + 3 * RESOLUTION + 11);
        hit(sequence, 0, 60, 0);
        assertEquals("(kh)h(sh)h(kh)h(sh)h", GrooveFile.read(written(sequence)).line());
    }

    @Test
    void theMeterAndTripletsAreRead() throws Exception {
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION, 1);
        sequence.getTracks()[0].add(new MidiEvent(new MetaMessage(0x58, new byte[] {3, 2, 24, 8}, 4), 0));
        for (int third = 0; third < 9; third += 2) hit(sequence, 9, CLOSED_HAT, third * RESOLUTION / 3);
        hit(sequence, 9, KICK, 0);
        assertEquals("(kh)-h-h-h-h", GrooveFile.read(written(sequence)).line());
        assertEquals("3/4", GrooveFile.read(written(sequence)).meter().toString());
    }

    @Test
    void aFileWithoutDrumsOrThatIsNoMidiFileIsSaidPlainly() throws Exception {
        var guitar = new Sequence(Sequence.PPQ, RESOLUTION, 1);
        hit(guitar, 0, 60, 0);
        Path silent = written(guitar);
        assertEquals(
                "drums.mid: has no drums on channel 10",
                assertThrows(FormatException.class, () -> GrooveFile.read(silent))
                        .getMessage());
        Path text = Files.writeString(folder.resolve("drums.txt"), "boom chick");
        assertTrue(assertThrows(FormatException.class, () -> GrooveFile.read(text))
                .getMessage()
                .contains("is no MIDI file"));
    }

    /** A drummer who is never quite on the beat plays every common groove; it is read as it was meant. */
    @ParameterizedTest
    @EnumSource(CommonGroove.class)
    void everyCommonGrooveIsReadAsItWasMeant(CommonGroove common) throws Exception {
        Groove groove = common.groove();
        var random = new Random(11);
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION, 1);
        int denominator = Integer.numberOfTrailingZeros(groove.meter().unit());
        byte[] signature = {(byte) groove.meter().count(), (byte) denominator, 24, 8};
        sequence.getTracks()[0].add(new MidiEvent(new MetaMessage(0x58, signature, 4), 0));
        for (Drum drum : Drum.values()) {
            int key = drum == Drum.KICK ? KICK : drum == Drum.SNARE ? SNARE : CLOSED_HAT;
            for (Length at : groove.at(drum)) {
                long tick = Math.round(at.toDouble() * 4 * RESOLUTION) + random.nextInt(17) - (at.isZero() ? 0 : 8);
                hit(sequence, 9, key, tick);
            }
        }
        Groove read = GrooveFile.read(written(sequence));
        for (Drum drum : Drum.values()) assertEquals(groove.at(drum), read.at(drum), drum.toString());
        assertEquals(groove.meter().count(), read.meter().count());
    }
}
