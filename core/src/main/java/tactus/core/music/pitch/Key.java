package tactus.core.music.pitch;

import java.util.Set;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;

/**
 * A key: {@code D}, {@code Bb}, {@code F#m}.
 *
 * @param tonic the pitch class of its first note
 */
public record Key(int tonic, boolean minor) {

    private static final Set<Integer> MAJOR = Set.of(0, 2, 4, 5, 7, 9, 11);
    private static final Set<Integer> MINOR = Set.of(0, 2, 3, 5, 7, 8, 10);
    private static final Pattern FORM = Pattern.compile("([A-G][#♯b♭]?)(m?)");

    /** @throws IllegalArgumentException if {@code tonic} is outside its range */
    public Key {
        if (tonic < 0 || tonic > 11) throw new IllegalArgumentException("a tonic must be 0 to 11, was " + tonic);
    }

    /**
     * Reads {@code Bb}, {@code F#m}.
     *
     * @throws NotationException if the text is no key
     */
    public static Key parse(String text) {
        var match = FORM.matcher(text.strip());
        if (!match.matches()) {
            throw new NotationException("key.unread", text, NotationException.stop(match.pattern(), text));
        }
        return new Key(
                NoteName.parse(match.group(1)).pitchClass(), !match.group(2).isEmpty());
    }

    /** Whether a note is one of its scale, in minor of the natural one. */
    public boolean has(int pitchClass) {
        return (minor ? MINOR : MAJOR).contains(Math.floorMod(pitchClass - tonic, 12));
    }

    /** Returns the key {@code semitones} higher, or lower if negative. */
    public Key plus(int semitones) {
        return new Key(Math.floorMod(tonic + semitones, 12), minor);
    }

    /**
     * The sharps of its signature, flats negative: -5 to 6. Where two signatures have six signs the usual one on guitar
     * is taken: F sharp major, E flat minor.
     */
    public int fifths() {
        int position = (minor ? tonic + 3 : tonic) * 7 % 12;
        return position > (minor ? 5 : 6) ? position - 12 : position;
    }

    /** Its first note: {@code Bb}. */
    public NoteName note() {
        return NoteName.ofFifths(minor ? fifths() + 3 : fifths());
    }

    @Override
    public String toString() {
        return note() + (minor ? "m" : "");
    }
}
