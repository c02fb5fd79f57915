package tactus.core.music.stroke;

import java.util.Arrays;
import java.util.Optional;

/**
 * Which finger of the picking hand plays, and for the thumb which bass. The letters {@code p i m a} are the Spanish
 * ones (common practice); {@code q}, the letter beside {@code p}, is ours for the thumb on the alternate bass.
 */
public enum Role {
    /** The thumb on the lowest string that carries the chord's bass note. */
    ROOT_BASS('p', "p", "T"),
    /** The thumb on another bass string of the chord. */
    ALTERNATE_BASS('q', "p", "T"),
    INDEX('i', "i", "1"),
    MIDDLE('m', "m", "2"),
    RING('a', "a", "3");

    private final char letter;
    private final String pima;
    private final String numbered;

    Role(char letter, String pima, String numbered) {
        this.letter = letter;
        this.pima = pima;
        this.numbered = numbered;
    }

    /** The role that {@code letter} writes on a line of strokes. */
    public static Optional<Role> of(char letter) {
        return Arrays.stream(values()).filter(role -> role.letter == letter).findFirst();
    }

    /** The letter that writes it on a line of strokes. */
    public char letter() {
        return letter;
    }

    /** What the finger is called in {@code school}. */
    public String label(RoleSchool school) {
        return school == RoleSchool.LETTERS ? pima : numbered;
    }

    /** Whether the thumb plays it, on the root or on the other bass. */
    public boolean isThumb() {
        return this == ROOT_BASS || this == ALTERNATE_BASS;
    }
}
