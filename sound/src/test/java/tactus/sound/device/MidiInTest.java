package tactus.sound.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Sequencer;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Transmitter;
import org.junit.jupiter.api.Test;

class MidiInTest {

    private final List<Receiver> ears = new ArrayList<>();

    private <T extends MidiDevice> T device(Class<T> kind, String name, int transmitters)
            throws MidiUnavailableException {
        T device = mock(kind);
        var info = mock(MidiDevice.Info.class);
        when(info.getName()).thenReturn(name);
        when(device.getDeviceInfo()).thenReturn(info);
        when(device.getMaxTransmitters()).thenReturn(transmitters);
        Transmitter cable = mock(Transmitter.class);
        when(device.getTransmitter()).thenReturn(cable);
        doAnswer(call -> ears.add(call.getArgument(0))).when(cable).setReceiver(any());
        return device;
    }

    /** Status bytes of the MIDI 1.0 specification: a note on with velocity 0 ends a note. */
    @Test
    void aNoteThatBeginsIsAStrokeAndAChordIsOne() throws Exception {
        var strokes = new ArrayList<Long>();
        MidiDevice pad = device(MidiDevice.class, "Pad", -1);
        try (MidiIn in = MidiIn.on(List.of(pad), strokes::add)) {
            assertEquals(List.of("Pad"), in.names());
            send(ShortMessage.NOTE_ON, 40, 90);
            send(ShortMessage.NOTE_ON, 47, 90);
            send(ShortMessage.NOTE_OFF, 40, 0);
            send(ShortMessage.NOTE_ON, 47, 0);
            send(ShortMessage.CONTROL_CHANGE, 64, 127);
            assertEquals(1, strokes.size());
            Thread.sleep(60);
            send(ShortMessage.NOTE_ON, 40, 1);
            assertEquals(2, strokes.size());
        }
        verify(pad).close();
    }

    @Test
    void whatOnlyReceivesIsTakenOrIsNoInstrumentIsNotListenedTo() throws Exception {
        MidiDevice speaker = device(MidiDevice.class, "Speaker", 0);
        MidiDevice sequencer = device(Sequencer.class, "Sequencer", -1);
        MidiDevice taken = device(MidiDevice.class, "Taken", -1);
        doThrow(new MidiUnavailableException("busy")).when(taken).open();
        try (MidiIn in = MidiIn.on(List.of(speaker, sequencer, taken), _ -> {})) {
            assertEquals(List.of(), in.names());
            assertEquals(List.of("Taken"), in.busy());
        }
        verify(speaker, never()).open();
        verify(sequencer, never()).open();
    }

    private void send(int command, int note, int velocity) throws InvalidMidiDataException {
        ears.getFirst().send(new ShortMessage(command, 0, note, velocity), -1);
    }
}
