package tactus.core.music.shape;

import java.util.Collections;
import tactus.core.ground.refusal.Refusal;

/**
 * The neck of a guitar with its capo, for distances in millimetres.
 *
 * @param scaleLength from nut to bridge in millimetres, 300 to 900; 648 is usual
 * @param capo its fret, 0 for none, to 11
 */
public record Neck(double scaleLength, int capo) {

    public static final Neck USUAL = new Neck(648, 0);
    public static final int SHORTEST = 300;
    public static final int LONGEST = 900;
    /** The highest fret of the neck that chords are held at; beyond it the body is in the way (common practice). */
    public static final int HIGHEST_FRET = 15;
    /** From one string to the next where the hand holds them, in millimetres (common practice: 43 mm over five gaps). */
    public static final double STRING_GAP = 8.6;

    /** @throws Refusal if the scale or the capo is outside its range */
    public Neck {
        if (!(scaleLength >= SHORTEST && scaleLength <= LONGEST)) {
            throw new Refusal("neck.scale-mm", scaleLength);
        }
        if (capo < 0 || capo > 11) throw new Refusal("neck.capo", capo);
    }

    /** The same neck with the capo at fret {@code other}, 0 for none. */
    public Neck withCapo(int other) {
        return new Neck(scaleLength, other);
    }

    /** How far {@code fret}, counted from the capo, lies from the nut: L(1 - 2^(-n/12)), the rule of equal temperament. */
    public double distanceTo(int fret) {
        return scaleLength * (1 - Math.pow(2, -(fret + capo) / 12.0));
    }

    /** Whether every string of {@code voicing} is held where there is room for a hand. */
    public boolean reaches(Voicing voicing) {
        return Collections.max(voicing.frets()) + capo <= HIGHEST_FRET;
    }

    /** The distance between two frets in millimetres. */
    public double between(int low, int high) {
        return distanceTo(high) - distanceTo(low);
    }
}
