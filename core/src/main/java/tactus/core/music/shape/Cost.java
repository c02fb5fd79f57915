package tactus.core.music.shape;

import java.util.Objects;

/**
 * What each thing that a shape asks of the hand takes off its ease. The weights are our own (from memory): they keep the
 * order in which methods bring shapes, from two open fingers to a full barre at the first fret. A search for shapes uses
 * the same ones as a lower bound.
 */
public final class Cost {

    /** The thumb over the neck. */
    public static final double THUMB = 5;

    /** A string left out below the lowest that is played. */
    public static final double AVOIDED_BELOW = 1.5;

    /** A string left out above the highest that is played, which the hand must not touch. */
    public static final double AVOIDED_ABOVE = 4;

    /** The same, where a finger beside it keeps it quiet. */
    public static final double AVOIDED_DAMPED = 2.5;

    /** A string left out between two that are played, kept quiet by a finger beside it. */
    public static final double SKIPPED_DAMPED = 10;

    /** The same, with no finger beside it. */
    public static final double SKIPPED_OPEN = 16;

    private static final double[] FINGERS = {0, 2, 5, 9, 14};
    private static final int COMFORTABLE_FRET = 3;
    private static final int OPEN_TONE_FRET = 3;
    private static final int LAST_FREE_FRET = 12;

    private Cost() {}

    /** What so many fingers cost, thumb apart: 0 to 4. */
    public static double fingers(int count) {
        return FINGERS[count];
    }

    /** A barre over so many strings, with or without an open string beyond it. */
    public static double barre(int strings, boolean openBeyond) {
        return 1.5 * (strings + 1) + (openBeyond ? 5 : 0);
    }

    /** A hand whose lowest and highest finger lie at these frets, counted from the capo. */
    public static double height(int lowest, int highest, Neck neck) {
        Objects.requireNonNull(neck);
        return aboveComfort(lowest) + 4 * beyondBody(highest, neck);
    }

    static int aboveComfort(int lowest) {
        return Math.max(0, lowest - COMFORTABLE_FRET);
    }

    static int beyondBody(int highest, Neck neck) {
        return Math.max(0, highest + neck.capo() - LAST_FREE_FRET);
    }

    /** A stretch in millimetres, for a hand that spans so much. */
    public static double stretch(double millimetres, FrettingHand hand) {
        double share = millimetres / hand.span();
        return 6 * Math.max(0, share - 0.3) + 20 * Math.max(0, share - 0.6);
    }

    /** So many strings of all that do not sound. */
    public static double thin(int silent, int strings) {
        return silent + 4.5 * Math.max(0, Math.min(4, strings) - (strings - silent));
    }

    /** Open strings beside a finger at this fret. */
    public static double mixed(int highest) {
        return 1.2 * beyondOpenTone(highest);
    }

    static int beyondOpenTone(int highest) {
        return Math.max(0, highest - OPEN_TONE_FRET);
    }
}
