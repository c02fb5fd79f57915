package tactus.core.music.chord;

import tactus.core.music.pitch.NoteName;

/** A note of a chord by its place above the root: {@code b3} is the minor third. In the order in which they are named. */
public enum Degree {
    ROOT("1", 0, 0),
    TWO("2", 2, 1),
    FLAT_THREE("b3", 3, 2),
    THREE("3", 4, 2),
    FOUR("4", 5, 3),
    FLAT_FIVE("b5", 6, 4),
    FIVE("5", 7, 4),
    SHARP_FIVE("#5", 8, 4),
    SIX("6", 9, 5),
    DIMINISHED_SEVEN("bb7", 9, 6),
    FLAT_SEVEN("b7", 10, 6),
    SEVEN("7", 11, 6),
    FLAT_NINE("b9", 1, 1),
    NINE("9", 2, 1),
    SHARP_NINE("#9", 3, 1),
    ELEVEN("11", 5, 3),
    SHARP_ELEVEN("#11", 6, 3),
    FLAT_THIRTEEN("b13", 8, 5),
    THIRTEEN("13", 9, 5);

    private final String sign;
    private final int semitones;
    private final int letters;

    Degree(String sign, int semitones, int letters) {
        this.sign = sign;
        this.semitones = semitones;
        this.letters = letters;
    }

    /** As it is written: {@code b3}, {@code #11}. */
    public String sign() {
        return sign;
    }

    /** Its distance above the root within an octave, from 0 to 11. */
    public int semitones() {
        return semitones;
    }

    /** Whether it is a third of any size. */
    public boolean isThird() {
        return this == FLAT_THREE || this == THREE;
    }

    /** Whether it is a fifth of any size. */
    public boolean isFifth() {
        return this == FLAT_FIVE || this == FIVE || this == SHARP_FIVE;
    }

    /** Whether it is a seventh of any size. */
    public boolean isSeventh() {
        return this == DIMINISHED_SEVEN || this == FLAT_SEVEN || this == SEVEN;
    }

    /** The note above {@code root}, spelled with its own letter: the third of D is F sharp, never G flat. */
    public NoteName above(NoteName root) {
        char letter = (char) ('A' + (root.letter() - 'A' + letters) % 7);
        int plain = new NoteName(letter, 0).pitchClass();
        int alter = Math.floorMod(root.pitchClass() + semitones - plain + 6, 12) - 6;
        if (Math.abs(alter) <= 2) return new NoteName(letter, alter);
        return NoteName.ofFifths((root.pitchClass() + semitones) * 7 % 12).simplest();
    }
}
