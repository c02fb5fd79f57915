package tactus.formats.midi;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.laid.performance.Performance;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;

/** Read back with the JDK's own reader, and byte by byte against Standard MIDI Files 1.0. */
class MidiSongTest {

    @TempDir
    private Path folder;

    private final Song song = SampleSong.plain();
    private final Timeline timeline = Timeline.of(song);
    private Path file;
    private Sequence sequence;

    @BeforeEach
    void write() throws Exception {
        file = folder.resolve("song.mid");
        MidiSong.write(song, timeline, file);
        sequence = MidiSystem.getSequence(file.toFile());
    }

    @Test
    void theHeaderIsThatOfATypeOneFileWithTwoTracks() throws Exception {
        byte[] head = Arrays.copyOf(Files.readAllBytes(file), 14);
        assertEquals("MThd", new String(head, 0, 4, StandardCharsets.US_ASCII));
        assertArrayEquals(new byte[] {0, 0, 0, 6, 0, 1, 0, 2, 0x03, (byte) 0xC0}, Arrays.copyOfRange(head, 4, 14));
        assertEquals(960, sequence.getResolution());
    }

    private List<MidiEvent> metas(int type) {
        var found = new ArrayList<MidiEvent>();
        Track track = sequence.getTracks()[0];
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == type)
                found.add(track.get(i));
        }
        return found;
    }

    private static byte[] data(MidiEvent event) {
        return ((MetaMessage) event.getMessage()).getData();
    }

    @Test
    void theTempoIsInMicrosecondsAQuarter() {
        byte[] data = data(metas(0x51).getFirst());
        int microseconds = (data[0] & 0xFF) << 16 | (data[1] & 0xFF) << 8 | data[2] & 0xFF;
        assertEquals(Math.round(60_000_000 / 92.5), microseconds);
    }

    @Test
    void everyChangeOfMeterIsATimeSignature() {
        List<MidiEvent> signatures = metas(0x58);
        assertArrayEquals(new byte[] {4, 2, 24, 8}, data(signatures.get(0)));
        assertArrayEquals(new byte[] {2, 2, 24, 8}, data(signatures.get(1)));
        assertEquals(9 * 4 * 960, signatures.get(1).getTick(), "after nine bars of 4/4");
        assertEquals(3, signatures.size());
    }

    @Test
    void everyPassOfASectionHasAMarker() {
        List<String> markers = metas(0x06).stream()
                .map(event -> new String(data(event), StandardCharsets.UTF_8))
                .toList();
        assertEquals(
                List.of(
                        "first Verse, pass 1",
                        "first Verse, pass 2",
                        "Turn",
                        "second Verse, pass 1",
                        "second Verse, pass 2"),
                markers);
    }

    @Test
    void everyNoteThatStartsEndsAndNoneStartsTwice() {
        boolean[] sounding = new boolean[128];
        int on = 0;
        Track guitar = sequence.getTracks()[1];
        for (int i = 0; i < guitar.size(); i++) {
            if (!(guitar.get(i).getMessage() instanceof ShortMessage message)) continue;
            boolean off = message.getCommand() == ShortMessage.NOTE_OFF;
            if (message.getCommand() == ShortMessage.NOTE_ON) {
                assertTrue(
                        !sounding[message.getData1()],
                        "key " + message.getData1() + " at " + guitar.get(i).getTick());
                assertTrue(message.getData2() >= 1 && message.getData2() <= 127);
                on++;
            }
            if (off || message.getCommand() == ShortMessage.NOTE_ON) sounding[message.getData1()] = !off;
        }
        assertEquals(Performance.of(timeline).notes().size(), on);
        for (boolean left : sounding) assertEquals(false, left);
    }

    @Test
    void aStrumIsSpreadInItsDirection() {
        Track guitar = sequence.getTracks()[1];
        var firstKeys = new ArrayList<Integer>();
        for (int i = 0; i < guitar.size() && firstKeys.size() < 5; i++) {
            if (guitar.get(i).getMessage() instanceof ShortMessage message
                    && message.getCommand() == ShortMessage.NOTE_ON) {
                firstKeys.add(message.getData1());
            }
        }
        // x32010 with a capo at 2: D3 F#3 A3 D4 F#4, from low to high.
        assertEquals(List.of(50, 54, 57, 62, 66), firstKeys);
    }

    @Test
    void theFileLastsAsLongAsTheSong() {
        double seconds = sequence.getMicrosecondLength() / 1e6;
        assertTrue(seconds >= timeline.seconds(), seconds + " s");
        assertTrue(seconds <= timeline.seconds() + Performance.LAST_RING + 0.1, seconds + " s");
    }
}
