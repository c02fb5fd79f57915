package tactus.sound.take;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.practice.OnsetDetector;
import tactus.core.taught.practice.Tap;

/** A recording of a take: where strings are struck in it. Which way the hand went cannot be heard. */
public final class RecordedTake {

    private static final int BLOCK_FRAMES = 8_192;
    private static final int MOST_CHANNELS = 64;
    private static final double LONGEST_SECONDS = 3_600.0;
    private static final float SLOWEST_RATE = 4_000;
    private static final float FASTEST_RATE = 192_000;

    private RecordedTake() {}

    /**
     * Reads a WAV, AIFF or AU file; all of its channels are heard together.
     *
     * @return a tap for each stroke, in seconds from the start of the file
     * @throws Refusal if it is no sound that can be read, or longer than an hour, as its header says or as it turns out
     * @throws IOException if the file cannot be read
     */
    public static List<Tap> read(Path file) throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file));
                AudioInputStream sound = AudioSystem.getAudioInputStream(in)) {
            return heard(sound, Files.size(file));
        } catch (UnsupportedAudioFileException | IllegalArgumentException other) {
            if (other instanceof Refusal refusal) throw refusal;
            throw new Refusal("take.sound", String.valueOf(file.getFileName()));
        }
    }

    private static List<Tap> heard(AudioInputStream sound, long size) throws IOException {
        AudioFormat format = sound.getFormat();
        Samples samples = Samples.of(format)
                .orElseThrow(() -> new Refusal(
                        "take.sound-kind",
                        Math.max(0, format.getSampleSizeInBits()),
                        Math.max(0, format.getChannels())));
        long promised = sound.getFrameLength() < 0 ? size / format.getFrameSize() : sound.getFrameLength();
        if (promised > LONGEST_SECONDS * format.getSampleRate()) throw new Refusal("take.sound-long");
        var detector = new OnsetDetector(format.getSampleRate());
        var taps = new ArrayList<Tap>();
        byte[] bytes = new byte[BLOCK_FRAMES * format.getFrameSize()];
        var mono = new float[BLOCK_FRAMES];
        long frames = 0;
        while (true) {
            int read = sound.readNBytes(bytes, 0, bytes.length) / format.getFrameSize();
            if (read == 0) break;
            frames += read;
            if (frames > LONGEST_SECONDS * format.getSampleRate()) throw new Refusal("take.sound-long");
            samples.together(bytes, read, mono);
            for (double at : detector.hear(mono, read)) taps.add(new Tap(at, Optional.empty()));
        }
        for (double at : detector.end()) taps.add(new Tap(at, Optional.empty()));
        return taps;
    }

    /** How the bytes of a format are read. */
    private record Samples(AudioFormat.Encoding encoding, int bits, int channels, ByteOrder order) {

        static Optional<Samples> of(AudioFormat format) {
            int bits = format.getSampleSizeInBits();
            AudioFormat.Encoding encoding = format.getEncoding();
            boolean isWhole = encoding.equals(AudioFormat.Encoding.PCM_SIGNED)
                    || encoding.equals(AudioFormat.Encoding.PCM_UNSIGNED);
            boolean isFloat = encoding.equals(AudioFormat.Encoding.PCM_FLOAT);
            boolean known = isWhole && (bits == 8 || bits == 16 || bits == 24 || bits == 32)
                    || isFloat && (bits == 32 || bits == 64);
            boolean isHeard = format.getSampleRate() >= SLOWEST_RATE && format.getSampleRate() <= FASTEST_RATE;
            boolean isPacked = format.getFrameSize() == format.getChannels() * (bits / 8);
            if (!known || !isHeard || !isPacked || format.getChannels() < 1 || format.getChannels() > MOST_CHANNELS)
                return Optional.empty();
            ByteOrder order = format.isBigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN;
            return Optional.of(new Samples(encoding, bits, format.getChannels(), order));
        }

        /** The mean of the channels of each frame. */
        void together(byte[] bytes, int frames, float[] into) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes).order(order);
            for (int frame = 0; frame < frames; frame++) {
                double sum = 0;
                for (int channel = 0; channel < channels; channel++) sum += next(buffer);
                into[frame] = (float) (sum / channels);
            }
        }

        private double next(ByteBuffer buffer) {
            if (encoding.equals(AudioFormat.Encoding.PCM_FLOAT))
                return bits == 32 ? buffer.getFloat() : buffer.getDouble();
            boolean isSigned = encoding.equals(AudioFormat.Encoding.PCM_SIGNED);
            return switch (bits) {
                case 8 -> isSigned ? buffer.get() / 128.0 : ((buffer.get() & 0xFF) - 128) / 128.0;
                case 16 -> buffer.getShort() / 32_768.0;
                case 24 -> three(buffer) / 8_388_608.0;
                default -> buffer.getInt() / 2_147_483_648.0;
            };
        }

        private int three(ByteBuffer buffer) {
            int first = buffer.get() & 0xFF;
            int second = buffer.get() & 0xFF;
            int third = buffer.get() & 0xFF;
            int whole = order == ByteOrder.BIG_ENDIAN
                    ? first << 16 | second << 8 | third
                    : third << 16 | second << 8 | first;
            return whole << 8 >> 8;
        }
    }
}
