package tactus.core.music.pitch;

import java.util.Comparator;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * The notes that a tune goes over, and the key in which it does: {@code D4-B4 (D)}. In another key it lies as many semitones
 * higher or lower, in whichever octave suits the voice.
 */
public record Tune(VoiceRange range, Key key) {

    private static final int OCTAVES = 4;
    private static final Pattern FORM = Pattern.compile("(.*?)\\s*\\(([^()]*)\\)\\s*");

    public Tune {
        Objects.requireNonNull(range);
        Objects.requireNonNull(key);
    }

    /**
     * Reads a range with a key behind it in brackets.
     *
     * @param usual the key where none is said
     * @throws tactus.core.ground.refusal.Refusal if the text is neither
     */
    public static Tune parse(String text, Key usual) {
        Matcher keyed = FORM.matcher(text.strip());
        return keyed.matches()
                ? new Tune(VoiceRange.parse(keyed.group(1)), Key.parse(keyed.group(2)))
                : new Tune(VoiceRange.parse(text), usual);
    }

    /**
     * Where a voice sings it.
     *
     * @param semitones by how many it is moved
     * @param outside by how many it goes above the voice then, or below it if negative; 0 where the voice has all of it
     */
    public record Sung(int semitones, int outside) {}

    /** How {@code voice} sings it in {@code other}: in the octave that suits it best, and of those the nearest. */
    public Sung in(Key other, VoiceRange voice) {
        int up = Math.floorMod(other.tonic() - key.tonic(), 12);
        return IntStream.rangeClosed(-OCTAVES, OCTAVES)
                .map(octave -> up + 12 * octave)
                .mapToObj(semitones -> new Sung(semitones, outside(semitones, voice)))
                .min(Comparator.comparingInt((Sung sung) -> Math.abs(sung.outside()))
                        .thenComparingInt(sung -> Math.abs(sung.semitones())))
                .orElseThrow();
    }

    private int outside(int semitones, VoiceRange voice) {
        int above = range.highest().number() + semitones - voice.highest().number();
        int below = voice.lowest().number() - range.lowest().number() - semitones;
        if (above <= 0 && below <= 0) return 0;
        return above >= below ? above : -below;
    }

    @Override
    public String toString() {
        return range + " (" + key + ")";
    }
}
