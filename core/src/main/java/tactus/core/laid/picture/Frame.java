package tactus.core.laid.picture;

import java.util.Objects;
import tactus.core.music.stroke.RoleSchool;

/**
 * How large a picture is and what of it is shown.
 *
 * @param width over 0
 * @param height over 0
 * @param lowStringOnTop whether string 6 lies on top, so that down on the page is down on the guitar
 * @param roles how the fingers of the picking hand are called
 */
public record Frame(Size size, double width, double height, boolean lowStringOnTop, RoleSchool roles) {

    private static final double MOST_FOR_COUNTS = 0.25;

    /** The sizes of the picture. */
    public enum Size {
        /** For writing: string names, every count. */
        LARGE(64, 14, 58),
        /** For paper: as {@link #LARGE}, in points. */
        PRINT(34, 6, 30),
        /** For a bar among others: counts only. */
        SMALL(4, 4, 18),
        /** For a list: strokes only. */
        TINY(2, 2, 0);

        final double left;
        final double right;
        final double counts;

        Size(double left, double right, double counts) {
            this.left = left;
            this.right = right;
            this.counts = counts;
        }

        boolean namesStrings() {
            return this == LARGE || this == PRINT;
        }
    }

    /** @throws IllegalArgumentException if the width or height is not positive */
    public Frame {
        Objects.requireNonNull(roles);
        Objects.requireNonNull(size);
        if (!(width > 0 && height > 0)) {
            throw new IllegalArgumentException("a picture needs room, was " + width + " x " + height);
        }
    }

    /** String 6 on top. */
    public static Frame of(Size size, double width, double height) {
        return new Frame(size, width, height, true, RoleSchool.LETTERS);
    }

    /** Where the slots start. */
    public double left() {
        return size.left;
    }

    /** How wide all slots are together. */
    public double slotsWidth() {
        return Math.max(1, width - size.left - size.right);
    }

    /** How much room the counts have below the hand. */
    public double countsHeight() {
        return Math.min(size.counts, height * MOST_FOR_COUNTS);
    }
}
