package tactus.sound.wave;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.concurrent.CancellationException;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.sound.SoundFixture;

class WaveRenderingTest {

    private final WaveRendering rendering = WaveRendering.of(SoundFixture.twoBars("320003", "d-Du-uDu"));

    @Test
    void theFileIsReadBackAsSixteenBitsOfFourSecondsAndTheirRing() throws Exception {
        var out = new ByteArrayOutputStream();
        rendering.writeTo(out, _ -> {}, () -> false);
        try (var in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            assertEquals(44_100, in.getFormat().getSampleRate());
            assertEquals(16, in.getFormat().getSampleSizeInBits());
            assertEquals(2, in.getFormat().getChannels());
            assertEquals(Math.round(6.5 * 44_100), in.getFrameLength());
            byte[] first = in.readNBytes(88_200);
            int loudest = 0;
            for (int i = 0; i < first.length; i += 2) {
                loudest = Math.max(loudest, Math.abs(first[i + 1] << 8 | first[i] & 0xFF));
            }
            assertTrue(loudest > 3_000, "loudest sample " + loudest);
        }
    }

    @Test
    void progressRisesToOne() throws IOException {
        var seen = new ArrayList<Double>();
        rendering.writeTo(new ByteArrayOutputStream(), seen::add, () -> false);
        assertEquals(seen.stream().sorted().toList(), seen);
        assertEquals(1.0, seen.getLast());
        assertTrue(seen.size() > 10);
    }

    @Test
    void cancellingStopsItAtOnce() {
        var seen = new ArrayList<Double>();
        assertThrows(
                CancellationException.class,
                () -> rendering.writeTo(new ByteArrayOutputStream(), seen::add, () -> seen.size() == 3));
        assertEquals(3, seen.size());
    }

    @Test
    void aSongWithoutBarsIsRefused() {
        var wrong = assertThrows(Refusal.class, () -> WaveRendering.of(Timeline.of(Song.empty("Empty"))));
        assertEquals("sound.no-bars", wrong.reason().code());
    }
}
