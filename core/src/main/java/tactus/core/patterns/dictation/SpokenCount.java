package tactus.core.patterns.dictation;

import java.util.Objects;

/**
 * A count as it was said.
 *
 * @param said a number, or {@code &}, {@code e}, {@code a} or another syllable
 * @param index where in the text
 * @param stroke how many strokes were said before it
 * @param isBracketed whether it stands in brackets, so that nothing is struck on it
 */
public record SpokenCount(String said, int index, int stroke, boolean isBracketed) {

    public SpokenCount {
        Objects.requireNonNull(said);
    }

    /** Whether it counts a beat. */
    public boolean isNumber() {
        return Character.isDigit(said.charAt(0));
    }
}
