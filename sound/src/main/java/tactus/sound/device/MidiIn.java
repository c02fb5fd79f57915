package tactus.sound.device;

import java.util.ArrayList;
import java.util.List;
import java.util.function.LongConsumer;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Sequencer;
import javax.sound.midi.ShortMessage;

/** Every MIDI instrument that is plugged in: each note that begins is a stroke. */
public final class MidiIn implements AutoCloseable {

    private final List<MidiDevice> devices = new ArrayList<>();
    private final List<String> names = new ArrayList<>();
    private final List<String> busy = new ArrayList<>();

    private MidiIn() {}

    /**
     * Listens to all that can send.
     *
     * @param stroke is told of each note that begins, with the time of {@link System#nanoTime}, on the instrument's thread
     */
    public static MidiIn open(LongConsumer stroke) {
        var devices = new ArrayList<MidiDevice>();
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            try {
                devices.add(MidiSystem.getMidiDevice(info));
            } catch (MidiUnavailableException | IllegalArgumentException unplugged) {
                // It was pulled out in this moment; the others are listened to.
                continue;
            }
        }
        return on(devices, stroke);
    }

    /** Listens to those of {@code all} that can send, as {@link #open} does. */
    static MidiIn on(List<? extends MidiDevice> all, LongConsumer stroke) {
        var in = new MidiIn();
        for (MidiDevice device : all) {
            // Sequencers of the Java platform send too, but nobody plays them.
            boolean sends = device.getMaxTransmitters() != 0 && !(device instanceof Sequencer);
            if (sends) in.listen(device, stroke);
        }
        return in;
    }

    private void listen(MidiDevice device, LongConsumer stroke) {
        try {
            device.open();
            device.getTransmitter().setReceiver(new Ear(stroke));
            devices.add(device);
            names.add(device.getDeviceInfo().getName());
        } catch (MidiUnavailableException taken) {
            this.busy.add(device.getDeviceInfo().getName());
        }
    }

    /** What is listened to; none where nothing is plugged in. */
    public List<String> names() {
        return List.copyOf(names);
    }

    /** What another program has taken. */
    public List<String> busy() {
        return List.copyOf(busy);
    }

    @Override
    public void close() {
        devices.forEach(MidiDevice::close);
        devices.clear();
        names.clear();
    }

    /** A chord is one stroke: notes that follow within a few milliseconds belong to it. */
    private static final class Ear implements Receiver {

        private static final long TOGETHER = 40_000_000L;

        private final LongConsumer stroke;
        private long last = Long.MIN_VALUE / 2;

        Ear(LongConsumer stroke) {
            this.stroke = stroke;
        }

        @Override
        public void send(MidiMessage message, long timeStamp) {
            boolean begins = message instanceof ShortMessage note
                    && note.getCommand() == ShortMessage.NOTE_ON
                    && note.getData2() > 0;
            if (!begins) return;
            long now = System.nanoTime();
            if (now - last > TOGETHER) stroke.accept(now);
            last = now;
        }

        @Override
        public void close() {}
    }
}
