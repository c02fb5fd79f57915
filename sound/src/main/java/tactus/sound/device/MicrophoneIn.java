package tactus.sound.device;

import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/** The machine's microphone, or whatever it listens to in its place. */
public final class MicrophoneIn implements AudioIn {

    private static final int RATE = 44_100;
    private static final int SAMPLE_BYTES = 2;
    /** Kept short, so that a stroke is known of soon: about 23 ms. */
    private static final int BUFFER_FRAMES = 1_024;

    private static final AudioFormat FORMAT = new AudioFormat(RATE, 16, 1, true, false);

    private final TargetDataLine line;
    private byte[] bytes = new byte[0];

    private MicrophoneIn(TargetDataLine line) {
        this.line = line;
    }

    /** How a line is got. */
    interface Lines {
        TargetDataLine line() throws LineUnavailableException;
    }

    /** The microphone; empty where the machine has none that is free. */
    public static Optional<AudioIn> open() {
        return on(() -> AudioSystem.getTargetDataLine(FORMAT));
    }

    static Optional<AudioIn> on(Lines lines) {
        try {
            TargetDataLine line = lines.line();
            line.open(FORMAT, BUFFER_FRAMES * SAMPLE_BYTES);
            line.start();
            return Optional.of(new MicrophoneIn(line));
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException none) {
            return Optional.empty();
        }
    }

    @Override
    public String name() {
        return "microphone";
    }

    @Override
    public int rate() {
        return RATE;
    }

    @Override
    public int read(float[] samples) {
        if (bytes.length != samples.length * SAMPLE_BYTES) bytes = new byte[samples.length * SAMPLE_BYTES];
        int count = line.read(bytes, 0, bytes.length) / SAMPLE_BYTES;
        // A line that was unplugged gives nothing, at once and for ever.
        if (count <= 0) return -1;
        for (int i = 0; i < count; i++) samples[i] = (short) (bytes[2 * i] & 0xFF | bytes[2 * i + 1] << 8) / 32_768f;
        return count;
    }

    @Override
    public void close() {
        line.close();
    }
}
