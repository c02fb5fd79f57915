package tactus.sound.score;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** A word that the counting voice can say. They are read when the first is asked for, and kept. */
public final class SpokenWord {

    /** The files have half the rate of everything else. */
    private static final int TIMES = 2;

    private static final class All {
        private static final Map<String, SpokenWord> BY_WORD = read();
        private static final List<SpokenWord> IN_ORDER = List.copyOf(BY_WORD.values());
    }

    private final int number;
    private final float[] samples;
    private final int vowel;

    private SpokenWord(int number, float[] samples, int vowel) {
        this.number = number;
        this.samples = samples;
        this.vowel = vowel;
    }

    /** The word written as {@code text}; empty if the voice does not know it. */
    public static Optional<SpokenWord> of(String text) {
        return Optional.ofNullable(All.BY_WORD.get(text));
    }

    /** The word with the number {@code number}, see {@link #number}. */
    public static SpokenWord numbered(int number) {
        return All.IN_ORDER.get(number);
    }

    /** Which it is, from 0. */
    public int number() {
        return number;
    }

    /** How many samples it has. */
    public int length() {
        return samples.length;
    }

    /** The sample at which its vowel begins, which is where the word is heard to be. */
    public int vowel() {
        return vowel;
    }

    public float sample(int at) {
        return samples[at];
    }

    private static Map<String, SpokenWord> read() {
        var words = new LinkedHashMap<String, SpokenWord>();
        for (String line : text("words.csv").lines().toList()) {
            if (line.startsWith("#")) continue;
            String[] parts = line.split(",");
            int vowel = Integer.parseInt(parts[2]) * TIMES;
            words.put(parts[0], new SpokenWord(words.size(), samples(parts[1]), vowel));
        }
        return words;
    }

    private static String text(String name) {
        try (InputStream in = resource(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static InputStream resource(String name) throws IOException {
        InputStream in = SpokenWord.class.getResourceAsStream("/tactus/sound/voice/" + name);
        if (in == null) throw new IOException("no word " + name);
        return in;
    }

    private static float[] samples(String name) {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new BufferedInputStream(resource(name)))) {
            byte[] bytes = in.readAllBytes();
            int count = bytes.length / 2;
            var samples = new float[count * TIMES];
            float before = 0;
            for (int i = 0; i < count; i++) {
                float now = (bytes[2 * i + 1] << 8 | bytes[2 * i] & 0xFF) / 32_768f;
                samples[TIMES * i] = (before + now) / 2;
                samples[TIMES * i + 1] = now;
                before = now;
            }
            return samples;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        } catch (UnsupportedAudioFileException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
