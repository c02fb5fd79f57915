package tactus.core.music.shape;

import java.util.Optional;

/** A finger of the fretting hand. */
public enum Finger {
    INDEX('1'),
    MIDDLE('2'),
    RING('3'),
    LITTLE('4'),
    /** Over the edge of the neck, on the lowest strings. */
    THUMB('T');

    private final char sign;

    Finger(char sign) {
        this.sign = sign;
    }

    /** As it is written: 1 to 4, or T. */
    public char sign() {
        return sign;
    }

    static Optional<Finger> of(char sign) {
        for (Finger finger : values()) if (finger.sign == Character.toUpperCase(sign)) return Optional.of(finger);
        return Optional.empty();
    }
}
