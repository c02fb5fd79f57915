package tactus.core.patterns.picking;

/** Which strings the fingers above the thumb take, where a figure says nothing else; the main schools (common practice). */
public enum FingerSchool {
    /** Strings 3 2 1 on a root on string 6 or 5, one string higher on a root on string 4. */
    FOLLOWING,
    /** Strings 4 3 2 on a root on the lowest string, otherwise as {@link #FOLLOWING}. */
    LOW_ON_SIX,
    /** Strings 3 2 1 whatever the chord is. */
    STAYING;

    /**
     * The string of the lowest finger.
     *
     * @param root the string of the root; 0 if there is none
     * @param highest the highest string that is a bass string's neighbour: 3 of six
     * @param strings how many there are
     */
    int lowest(int root, int highest, int strings) {
        if (this == STAYING || root == 0) return highest;
        boolean low = this == LOW_ON_SIX && root == strings;
        return low ? root - 2 : Math.min(highest, root - 2);
    }
}
