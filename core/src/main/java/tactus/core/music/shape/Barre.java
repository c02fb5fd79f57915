package tactus.core.music.shape;

import java.util.Objects;

/**
 * One finger laid across several strings at one fret.
 *
 * @param lowest the lowest-sounding string it holds, the higher number
 * @param highest the highest-sounding string it holds
 */
public record Barre(Finger finger, int fret, int lowest, int highest) {

    public Barre {
        Objects.requireNonNull(finger);
    }

    /** How many strings it lies over, at least two. */
    public int strings() {
        return lowest - highest + 1;
    }
}
