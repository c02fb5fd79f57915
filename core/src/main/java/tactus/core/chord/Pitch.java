package tactus.core.chord;

import java.util.Locale;
import java.util.regex.Pattern;
import tactus.core.time.NotationException;

/**
 * A sounding pitch of equal temperament, as a MIDI key number: 69 is A4, 40 the low E of a guitar.
 *
 * @param number from 0 to 127
 */
public record Pitch(int number) implements Comparable<Pitch> {

    private static final Pattern FORM = Pattern.compile("([A-Ga-g])([#♯b♭]?)(-?\\d)");
    private static final int[] STEPS = {9, 11, 0, 2, 4, 5, 7};
    private static final String[] NAMES = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};

    /** @throws IllegalArgumentException if {@code number} is outside its range */
    public Pitch {
        if (number < 0 || number > 127) {
            throw new IllegalArgumentException("a pitch must be 0 to 127, was " + number);
        }
    }

    /**
     * Reads a letter, an accidental and an octave: {@code F#3}; C4 is middle C.
     *
     * @throws NotationException if the text is no pitch
     */
    public static Pitch parse(String text) {
        var match = FORM.matcher(text.strip());
        if (!match.matches()) throw new NotationException("is not a pitch such as E2 or F#3", text, 0);
        int letter = STEPS[match.group(1).toUpperCase(Locale.ROOT).charAt(0) - 'A'];
        int accidental = switch (match.group(2)) {
            case "#", "♯" -> 1;
            case "b", "♭" -> -1;
            default -> 0;
        };
        int number = 12 * (Integer.parseInt(match.group(3)) + 1) + letter + accidental;
        if (number < 0 || number > 127) throw new NotationException("is out of the range of pitches", text, 0);
        return new Pitch(number);
    }

    public Pitch plus(int semitones) {
        return new Pitch(number + semitones);
    }

    /** The frequency in hertz with A4 at {@code concertA} hertz; equal temperament, ISO 16 for 440. */
    public double frequency(double concertA) {
        return concertA * Math.pow(2, (number - 69) / 12.0);
    }

    /** The note without its octave: {@code F#}. */
    public String note() {
        return NAMES[number % 12];
    }

    @Override
    public int compareTo(Pitch other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        return note() + (number / 12 - 1);
    }
}
