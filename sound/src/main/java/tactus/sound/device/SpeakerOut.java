package tactus.sound.device;

import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import tactus.sound.score.Score;

/** The machine's loudspeaker. */
final class SpeakerOut implements AudioOut {

    private static final AudioFormat FORMAT = new AudioFormat(Score.RATE, 16, 2, true, false);
    private static final int BUFFER_FRAMES = 4_096;

    private final SourceDataLine line;
    private long written;

    private SpeakerOut(SourceDataLine line) {
        this.line = line;
    }

    /** How a line is got. */
    interface Lines {
        SourceDataLine line() throws LineUnavailableException;
    }

    /** Returns the loudspeaker, or nothing where the machine has none that is free. */
    static Optional<SpeakerOut> open() {
        return on(() -> AudioSystem.getSourceDataLine(FORMAT));
    }

    static Optional<SpeakerOut> on(Lines lines) {
        try {
            SourceDataLine line = lines.line();
            line.open(FORMAT, BUFFER_FRAMES * FORMAT.getFrameSize());
            line.start();
            return Optional.of(new SpeakerOut(line));
        } catch (LineUnavailableException | IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    @Override
    public void write(byte[] samples, int frames) {
        line.write(samples, 0, frames * FORMAT.getFrameSize());
        written += frames;
    }

    @Override
    public long pending() {
        return Math.max(0, written - line.getLongFramePosition());
    }

    @Override
    public boolean isSilent() {
        return false;
    }

    @Override
    public void close() {
        line.close();
    }
}
