package tactus.core.music.pitch;

import tactus.core.ground.refusal.NotationException;

/**
 * A note without its octave as it is spelled: {@code F#}, {@code Bb}, {@code Cb}.
 *
 * @param letter {@code A} to {@code G}
 * @param alter semitones above the plain letter: -2 for a double flat to 2 for a double sharp
 */
public record NoteName(char letter, int alter) {

    // F C G D A E B: each a fifth above the one before it.
    private static final String FIFTHS = "FCGDAEB";
    private static final int[] CLASSES = {9, 11, 0, 2, 4, 5, 7};
    private static final String[] ALTERS = {"bb", "b", "", "#", "##"};

    /** @throws IllegalArgumentException if the letter or its alteration is outside its range */
    public NoteName {
        if (letter < 'A' || letter > 'G') throw new IllegalArgumentException("a note is A to G, was " + letter);
        if (alter < -2 || alter > 2) throw new IllegalArgumentException("a note is altered by -2 to 2, was " + alter);
    }

    /**
     * Reads {@code F#}, {@code B♭}, {@code Cb}.
     *
     * @throws NotationException if the text is no note
     */
    public static NoteName parse(String text) {
        String plain = text.strip();
        int read = lengthIn(plain, 0, NoteSchool.INTERNATIONAL);
        if (read == 0 || read < plain.length()) throw new NotationException("note-name.unread", text, read);
        return at(plain, 0, NoteSchool.INTERNATIONAL);
    }

    /** How many characters of {@code text} from {@code start} are a note; 0 if there is none. */
    public static int lengthIn(String text, int start, NoteSchool school) {
        if (start >= text.length() || !school.isLetter(text.charAt(start))) return 0;
        int end = start + 1;
        while (end < text.length() && end - start < 3 && sign(text.charAt(end)) != 0) {
            if (end > start + 1 && sign(text.charAt(end)) != sign(text.charAt(end - 1))) break;
            end++;
        }
        return end - start;
    }

    /** Reads the note that {@link #lengthIn} has found. */
    public static NoteName at(String text, int start, NoteSchool school) {
        int alter = 0;
        int end = start + lengthIn(text, start, school);
        for (int i = start + 1; i < end; i++) alter += sign(text.charAt(i));
        return school.note(text.charAt(start), alter);
    }

    private static int sign(char sign) {
        return switch (sign) {
            case '#', '♯' -> 1;
            case 'b', '♭' -> -1;
            default -> 0;
        };
    }

    /**
     * The note that stands {@code position} fifths above C, negative below: 1 is G, -2 is B flat.
     *
     * @throws IllegalArgumentException if it needs more than a double sharp or flat
     */
    public static NoteName ofFifths(int position) {
        int fromF = position + 1;
        return new NoteName(FIFTHS.charAt(Math.floorMod(fromF, 7)), Math.floorDiv(fromF, 7));
    }

    /** How many fifths above C it stands. */
    public int fifths() {
        return FIFTHS.indexOf(letter) - 1 + 7 * alter;
    }

    /** How many semitones it lies above C, 0 to 11. */
    public int pitchClass() {
        return Math.floorMod(CLASSES[letter - 'A'] + alter, 12);
    }

    /** The same pitch with at most one sign, and none where there is a plain letter: {@code B} for {@code Cb}. */
    public NoteName simplest() {
        int position = fifths();
        while (position > 6) position -= 12;
        while (position < -5) position += 12;
        return ofFifths(position);
    }

    @Override
    public String toString() {
        return letter + ALTERS[alter + 2];
    }
}
