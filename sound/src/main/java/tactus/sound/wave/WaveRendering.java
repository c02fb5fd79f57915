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
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.Performance;
import tactus.core.laid.timeline.Timeline;
import tactus.sound.loudness.Trim;
import tactus.sound.score.Music;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.synth.Band;
import tactus.sound.synth.Pcm;

/** Renders a part of a song as a WAV file: two channels of 16-bit samples, with the end ringing out. */
public final class WaveRendering {

    private static final AudioFormat FORMAT = new AudioFormat(Score.RATE, 16, Band.CHANNELS, true, false);
    private static final int BLOCK = 4_096;
    private static final int FRAME = FORMAT.getFrameSize();
    /** A WAV file counts its bytes in 32 bits; the JDK's writer in 31. */
    private static final long MOST_FRAMES = (Integer.MAX_VALUE - 1024) / FRAME;

    private final Score score;
    private final Mix mix;
    private final int rounds;
    private final long frames;

    private WaveRendering(Score score, Mix mix, int rounds) {
        this.score = score;
        this.mix = mix;
        this.rounds = rounds;
        long ringing = Math.round(Performance.LAST_RING * Score.RATE);
        frames = score.start() + rounds * (score.end() - score.start()) + ringing;
    }

    /**
     * Prepares the guitars of the whole of {@code timeline} at its own tempo.
     *
     * @throws Refusal if it has no bars or is too long for a WAV file (about three hours)
     */
    public static WaveRendering of(Timeline timeline) {
        if (timeline.bars().isEmpty()) throw new Refusal("sound.no-bars");
        var all = new Playback(0, timeline.seconds(), false, 1, false);
        return of(Music.of(timeline).trimmed(Trim.of(timeline)), all, Mix.USUAL, 1);
    }

    /**
     * Prepares a part of {@code music}.
     *
     * @param rounds how many times it is played, at least once, one behind the other
     * @throws Refusal if it has no bars or is too long for a WAV file (about three hours)
     */
    public static WaveRendering of(Music music, Playback playback, Mix mix, int rounds) {
        if (music.timeline().bars().isEmpty()) throw new Refusal("sound.no-bars");
        var rendering = new WaveRendering(Score.of(music, playback), mix, rounds);
        if (rendering.frames > MOST_FRAMES) throw new Refusal("sound.too-long");
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

    /** Renders the first {@code count} frames, left and right in turn; for measuring. */
    public float[] render(int count) {
        var player = new Player();
        var samples = new float[count * Band.CHANNELS];
        for (int frame = 0; frame < count; ) {
            int length = player.fill(Math.min(BLOCK, count - frame));
            System.arraycopy(player.block, 0, samples, frame * Band.CHANNELS, length * Band.CHANNELS);
            frame += length;
        }
        return samples;
    }

    /** Goes through the score round by round, and lets the end ring. */
    private final class Player {

        private final Band band = new Band(Score.RATE);
        private final float[] block = new float[BLOCK * Band.CHANNELS];
        private long frame;
        private int event;
        private int round = 1;

        Player() {
            band.setMix(mix);
        }

        /** Fills the block with at most {@code most} frames, and returns how many there are. */
        int fill(int most) {
            boolean goesRound = round < rounds;
            int count = goesRound ? (int) Math.min(most, score.end() - frame) : most;
            event = band.render(score, frame, event, block, count);
            frame += count;
            if (goesRound && frame == score.end()) {
                round++;
                frame = score.start();
                event = score.eventAt(frame);
            }
            return count;
        }
    }

    private final class Samples extends InputStream {

        private final DoubleConsumer progress;
        private final BooleanSupplier cancelled;
        private final Player player = new Player();
        private final byte[] bytes = new byte[BLOCK * FRAME];
        private long done;
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
            int most = (int) Math.min(BLOCK, frames - done);
            if (most <= 0) return false;
            int count = player.fill(most);
            Pcm.encode(player.block, 1, bytes, count * Band.CHANNELS);
            done += count;
            ready = FRAME * count;
            taken = 0;
            progress.accept((double) done / frames);
            return true;
        }
    }
}
