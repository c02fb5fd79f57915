package tactus.app.arrangement.bars;

/** How large the bars are drawn. */
public enum Zoom {
    /** All of a long song at once: chords, and emblems of patterns. */
    OVERVIEW(56, 35, 0, 0.85),
    /** Chords, and ribbons of what is played. */
    RIBBONS(104, 40, 0, 1),
    /** The hand over the strings in every bar. */
    PICTURES(168, 40, 84, 1),
    LARGE(330, 52, 150, 1.4),
    /** One line of bars. */
    LARGEST(600, 66, 250, 1.9);

    private final double leastWidth;
    private final double head;
    private final double picture;
    private final double scale;

    Zoom(double leastWidth, double head, double picture, double scale) {
        this.leastWidth = leastWidth;
        this.head = head;
        this.picture = picture;
        this.scale = scale;
    }

    /** The least width of a bar with one chord. */
    double leastWidth() {
        return leastWidth;
    }

    /** The height of number and chords. */
    double head() {
        return head;
    }

    /** The height of the hand over the strings; 0 for none. */
    double picture() {
        return picture;
    }

    boolean hasPicture() {
        return picture > 0;
    }

    /** How many times larger chords are than usual. */
    double scale() {
        return scale;
    }

    /** The height of a ribbon. */
    double ribbon() {
        return this == OVERVIEW ? 18 : 22;
    }

    /** The next larger one, or smaller if {@code step} is negative. */
    public Zoom next(int step) {
        return values()[Math.clamp((long) ordinal() + step, 0, values().length - 1)];
    }
}
