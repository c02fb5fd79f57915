package tactus.sound.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import tactus.sound.score.Score;

/** The loudspeaker through a line that stands in for the machine's. */
class SpeakerOutTest {

    private final SourceDataLine line = mock(SourceDataLine.class);

    @Test
    void theLineIsOpenedForTwoChannelsOf16BitsAndStarted() throws Exception {
        assertFalse(SpeakerOut.on(() -> line).orElseThrow().isSilent());
        var format = ArgumentCaptor.forClass(AudioFormat.class);
        var order = inOrder(line);
        order.verify(line).open(format.capture(), anyInt());
        order.verify(line).start();
        assertEquals(Score.RATE, format.getValue().getSampleRate());
        assertEquals(16, format.getValue().getSampleSizeInBits());
        assertEquals(2, format.getValue().getChannels());
        assertFalse(format.getValue().isBigEndian());
    }

    @Test
    void whatWasWrittenAndIsNotYetHeardIsPending() throws Exception {
        SpeakerOut out = SpeakerOut.on(() -> line).orElseThrow();
        byte[] block = new byte[1_024];
        out.write(block, 256);
        out.write(block, 256);
        verify(line, times(2)).write(block, 0, 1_024);
        when(line.getLongFramePosition()).thenReturn(300L);
        assertEquals(212, out.pending());
        when(line.getLongFramePosition()).thenReturn(600L);
        assertEquals(0, out.pending(), "a device that counts what it adds itself is never behind");
    }

    @Test
    void aLineThatIsInUseLeavesTheStandIn() throws Exception {
        doThrow(new LineUnavailableException("in use")).when(line).open(any(AudioFormat.class), anyInt());
        assertTrue(SpeakerOut.on(() -> line).isEmpty());
    }

    @Test
    void aMachineWithoutAnyLineLeavesTheStandIn() {
        assertTrue(SpeakerOut.on(() -> {
                    throw new IllegalArgumentException("no line matches");
                })
                .isEmpty());
    }

    @Test
    void theLineIsGivenBackWhenItIsClosed() throws Exception {
        SpeakerOut.on(() -> line).orElseThrow().close();
        verify(line).close();
    }
}
