package tactus.core.music.pitch;

import tactus.core.ground.refusal.NotationException;

/**
 * A sounding pitch of equal temperament, as a MIDI key number: 69 is A4, 40 the low E of a guitar.
 *
 * @param number from 0 to 127
 */
public record Pitch(int number) implements Comparable<Pitch> {

    private static final Key NO_KEY = new Key(0, false);

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
        String plain = text.strip();
        String upper = plain.isEmpty() ? "" : Character.toUpperCase(plain.charAt(0)) + plain.substring(1);
        int name = NoteName.lengthIn(upper, 0, NoteSchool.INTERNATIONAL);
        String octave = upper.substring(name);
        if (name == 0 || !octave.matches("-?\\d")) {
            throw new NotationException("pitch.unread", text, text.indexOf(plain) + name);
        }
        NoteName note = NoteName.at(upper, 0, NoteSchool.INTERNATIONAL);
        // A flat C lies in the octave of its letter, so the sign is added after the octave.
        int natural = new NoteName(note.letter(), 0).pitchClass();
        int number = 12 * (Integer.parseInt(octave) + 1) + natural + note.alter();
        if (number < 0 || number > 127)
            throw new NotationException("pitch.out-range", text, text.indexOf(plain) + name);
        return new Pitch(number);
    }

    /** The pitch so many semitones higher, or lower if they are negative. */
    public Pitch plus(int semitones) {
        return new Pitch(number + semitones);
    }

    /** The frequency in hertz with A4 at {@code concertA} hertz; equal temperament, ISO 16 for 440. */
    public double frequency(double concertA) {
        return concertA * Math.pow(2, (number - 69) / 12.0);
    }

    /** How many semitones it lies above a C, 0 to 11. */
    public int pitchClass() {
        return number % 12;
    }

    /** Its octave; 4 begins with middle C. */
    public int octave() {
        return number / 12 - 1;
    }

    /** The note without its octave: {@code F#}. */
    public String note() {
        return Spelling.BY_KEY.name(pitchClass(), NO_KEY).toString();
    }

    @Override
    public int compareTo(Pitch other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        return note() + octave();
    }
}
