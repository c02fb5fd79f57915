package tactus.sound.wave;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import tactus.core.performance.Performance;
import tactus.core.timeline.Timeline;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.synth.Guitar;
import tactus.sound.synth.Pcm;

/** Renders a song as a WAV file: one channel of 16-bit samples, with the end ringing out. */
public final class WaveRendering {

    private static final AudioFormat FORMAT = new AudioFormat(Score.RATE, 16, 1, true, false);
    private static final int BLOCK = 4_096;
    /** A WAV file counts its bytes in 32 bits; the JDK's writer in 31. */
    private static final long MOST_FRAMES = (Integer.MAX_VALUE - 1024) / 2;

    private final Score score;
    private final long frames;

    private WaveRendering(Score score) {
        this.score = score;
        this.frames = score.end() + Math.round(Performance.LAST_RING * Score.RATE);
    }

    /**
     * Prepares the whole of {@code timeline} at its own tempo.
     *
     * @throws IllegalArgumentException if it has no bars or is too long for a WAV file (over six hours)
     */
    public static WaveRendering of(Timeline timeline) {
        if (timeline.bars().isEmpty()) throw new IllegalArgumentException("the song has no bars to play yet");
        var rendering =
                new WaveRendering(Score.of(timeline, new Playback(0, timeline.seconds(), false, 1, false, false)));
        if (rendering.frames > MOST_FRAMES) {
            throw new IllegalArgumentException("the song is longer than a WAV file can be (about six hours)");
        }
        return rendering;
    }

    /**
     * Writes the sound file to {@code out}.
     *
     * @param progress is told what part is done, from 0 to 1
     * @param cancelled is asked again and again
     * @throws CancellationException if {@code cancelled} says so
     * @throws IOException if {@code out} cannot take it
     */
    public void writeTo(OutputStream out, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
        var sound = new AudioInputStream(new Samples(progress, cancelled), FORMAT, frames);
        AudioSystem.write(sound, AudioFileFormat.Type.WAVE, out);
    }

    /** Renders {@code count} samples; for measuring how fast that is. */
    public float[] render(int count) {
        var guitar = new Guitar(Score.RATE);
        var samples = new float[count];
        var block = new float[BLOCK];
        int event = 0;
        for (int frame = 0; frame < count; frame += BLOCK) {
            int length = Math.min(BLOCK, count - frame);
            event = guitar.render(score, frame, event, block, length);
            System.arraycopy(block, 0, samples, frame, length);
        }
        return samples;
    }

    private final class Samples extends InputStream {

        private final DoubleConsumer progress;
        private final BooleanSupplier cancelled;
        private final Guitar guitar = new Guitar(Score.RATE);
        private final float[] block = new float[BLOCK];
        private final byte[] bytes = new byte[BLOCK * 2];
        private long frame;
        private int event;
        private int ready;
        private int taken;

        Samples(DoubleConsumer progress, BooleanSupplier cancelled) {
            this.progress = progress;
            this.cancelled = cancelled;
        }

        @Override
        public int read() {
            if (taken == ready && !fill()) return -1;
            return bytes[taken++] & 0xFF;
        }

        @Override
        public int read(byte[] into, int from, int count) {
            if (taken == ready && !fill()) return -1;
            int given = Math.min(count, ready - taken);
            System.arraycopy(bytes, taken, into, from, given);
            taken += given;
            return given;
        }

        private boolean fill() {
            if (cancelled.getAsBoolean()) throw new CancellationException("rendering was cancelled");
            int count = (int) Math.min(BLOCK, frames - frame);
            if (count <= 0) return false;
            event = guitar.render(score, frame, event, block, count);
            Pcm.encode(block, 1, bytes, count);
            frame += count;
            ready = 2 * count;
            taken = 0;
            progress.accept((double) frame / frames);
            return true;
        }
    }
}
