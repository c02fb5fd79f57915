package tactus.sound.device;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.LongConsumer;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Transmitter;

/** The stand-in for a MIDI instrument: what it is told to strike goes the way of any instrument's messages. */
public final class StandInInstrument {

    private static final int LOUD = 90;
    /** How far one note of a strum follows the other, in nanoseconds: 6 ms. */
    private static final long SPREAD = 6_000_000;

    private final List<Receiver> receivers = new CopyOnWriteArrayList<>();

    /** One that nobody listens to yet. */
    public StandInInstrument() {}

    /**
     * Strikes notes, one behind the other as a strum does, and lets them go.
     *
     * @param keys 0 to 127 each (MIDI 1.0)
     */
    public void strike(int... keys) {
        for (int i = 0; i < keys.length; i++) send(ShortMessage.NOTE_ON, keys[i], LOUD, i * SPREAD / 1000);
        for (int i = 0; i < keys.length; i++) send(ShortMessage.NOTE_OFF, keys[i], 0, i * SPREAD / 1000);
    }

    private void send(int command, int key, int velocity, long micros) {
        try {
            var message = new ShortMessage(command, 0, key, velocity);
            receivers.forEach(each -> each.send(message, micros));
        } catch (InvalidMidiDataException wrong) {
            throw new IllegalArgumentException("a key is 0 to 127, was " + key, wrong);
        }
    }

    /** Listens to it as {@link MidiIn#open} does to what is plugged in. */
    public MidiIn listen(LongConsumer stroke) {
        return MidiIn.on(List.of(new Device()), stroke);
    }

    private final class Device implements MidiDevice {

        private boolean isOpen;

        @Override
        public Info getDeviceInfo() {
            return new Info("stand-in instrument", "Tactus", "plays along as a learner might", "1") {};
        }

        @Override
        public void open() {
            isOpen = true;
        }

        @Override
        public void close() {
            isOpen = false;
            receivers.clear();
        }

        @Override
        public boolean isOpen() {
            return isOpen;
        }

        @Override
        public long getMicrosecondPosition() {
            return -1;
        }

        @Override
        public int getMaxReceivers() {
            return 0;
        }

        @Override
        public int getMaxTransmitters() {
            return -1;
        }

        @Override
        public Receiver getReceiver() throws MidiUnavailableException {
            throw new MidiUnavailableException("nobody plays to it");
        }

        @Override
        public List<Receiver> getReceivers() {
            return List.of();
        }

        @Override
        public Transmitter getTransmitter() {
            return new Sending();
        }

        @Override
        public List<Transmitter> getTransmitters() {
            return new ArrayList<>();
        }
    }

    private final class Sending implements Transmitter {

        private Receiver receiver;

        @Override
        public void setReceiver(Receiver other) {
            close();
            receiver = other;
            if (other != null) receivers.add(other);
        }

        @Override
        public Receiver getReceiver() {
            return receiver;
        }

        @Override
        public void close() {
            if (receiver != null) receivers.remove(receiver);
            receiver = null;
        }
    }
}
