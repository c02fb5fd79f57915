package tactus.core.chord;

import java.util.regex.Pattern;
import tactus.core.time.NotationException;

/**
 * A key: {@code D}, {@code Bb}, {@code F#m}.
 *
 * @param tonic the pitch class of its first note, from 0 for C to 11 for B
 */
public record Key(int tonic, boolean minor) {

    private static final Pattern FORM = Pattern.compile("([A-G])([#♯b♭]?)(m?)");

    // The spelling with the fewest accidentals in the key signature; where two have six, the usual one on guitar.
    private static final String[] MAJOR = {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    private static final String[] MINOR = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "G#", "A", "Bb", "B"};

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
        if (!match.matches()) throw new NotationException("is not a key such as D, Bb or F#m", text, 0);
        int tonic = Pitch.parse(match.group(1) + match.group(2) + "4").number() % 12;
        return new Key(tonic, !match.group(3).isEmpty());
    }

    /** Returns the key {@code semitones} higher, or lower if negative. */
    public Key plus(int semitones) {
        return new Key(Math.floorMod(tonic + semitones, 12), minor);
    }

    @Override
    public String toString() {
        return (minor ? MINOR : MAJOR)[tonic] + (minor ? "m" : "");
    }
}
