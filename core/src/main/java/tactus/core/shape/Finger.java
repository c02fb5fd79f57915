package tactus.core.shape;

import java.util.Optional;

/** A finger of the fretting hand. */
public enum Finger {
    INDEX('1', "finger 1"),
    MIDDLE('2', "finger 2"),
    RING('3', "finger 3"),
    LITTLE('4', "finger 4"),
    /** Over the edge of the neck, on the lowest strings. */
    THUMB('T', "the thumb");

    private final char sign;
    private final String word;

    Finger(char sign, String word) {
        this.sign = sign;
        this.word = word;
    }

    /** As it is written: 1 to 4, or T. */
    public char sign() {
        return sign;
    }

    /** As it is said: {@code finger 2}. */
    public String word() {
        return word;
    }

    static Optional<Finger> of(char sign) {
        for (Finger finger : values()) if (finger.sign == Character.toUpperCase(sign)) return Optional.of(finger);
        return Optional.empty();
    }
}
