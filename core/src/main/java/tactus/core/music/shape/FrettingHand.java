package tactus.core.music.shape;

import tactus.core.ground.refusal.Refusal;

/**
 * The hand of whoever plays.
 *
 * @param span from the index to the little finger when they reach along one string without strain, in millimetres
 * @param thumb whether the thumb is used over the edge of the neck
 */
public record FrettingHand(int span, boolean thumb) {

    public static final int SMALLEST = 50;
    public static final int WIDEST = 180;

    /** A usual grown hand: one finger a fret from the first fret on (from memory). */
    public static final FrettingHand USUAL = new FrettingHand(110, false);

    /** The widest hand we reckon with; what it cannot reach nobody can. */
    public static final FrettingHand LARGEST = new FrettingHand(WIDEST, true);

    /** @throws Refusal if {@code span} is outside its range */
    public FrettingHand {
        if (span < SMALLEST || span > WIDEST) {
            throw new Refusal("fretting-hand.spans-mm", span);
        }
    }
}
