package tactus.core.chord;

import tactus.core.pitch.NoteName;

/** A note of a chord by its place above the root: {@code b3} is the minor third. In the order in which they are named. */
public enum Degree {
    ROOT("1", 0, 0, "root"),
    TWO("2", 2, 1, "second"),
    FLAT_THREE("b3", 3, 2, "minor third"),
    THREE("3", 4, 2, "major third"),
    FOUR("4", 5, 3, "fourth"),
    FLAT_FIVE("b5", 6, 4, "flat fifth"),
    FIVE("5", 7, 4, "fifth"),
    SHARP_FIVE("#5", 8, 4, "sharp fifth"),
    SIX("6", 9, 5, "sixth"),
    DIMINISHED_SEVEN("bb7", 9, 6, "diminished seventh"),
    FLAT_SEVEN("b7", 10, 6, "minor seventh"),
    SEVEN("7", 11, 6, "major seventh"),
    FLAT_NINE("b9", 1, 1, "flat ninth"),
    NINE("9", 2, 1, "ninth"),
    SHARP_NINE("#9", 3, 1, "sharp ninth"),
    ELEVEN("11", 5, 3, "eleventh"),
    SHARP_ELEVEN("#11", 6, 3, "sharp eleventh"),
    FLAT_THIRTEEN("b13", 8, 5, "flat thirteenth"),
    THIRTEEN("13", 9, 5, "thirteenth");

    private final String sign;
    private final int semitones;
    private final int letters;
    private final String word;

    Degree(String sign, int semitones, int letters, String word) {
        this.sign = sign;
        this.semitones = semitones;
        this.letters = letters;
        this.word = word;
    }

    /** As it is written: {@code b3}, {@code #11}. */
    public String sign() {
        return sign;
    }

    /** Its distance above the root within an octave, from 0 to 11. */
    public int semitones() {
        return semitones;
    }

    /** As it is said: {@code minor third}. */
    public String word() {
        return word;
    }

    public boolean isThird() {
        return this == FLAT_THREE || this == THREE;
    }

    public boolean isFifth() {
        return this == FLAT_FIVE || this == FIVE || this == SHARP_FIVE;
    }

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
