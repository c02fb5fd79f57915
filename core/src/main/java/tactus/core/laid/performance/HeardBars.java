package tactus.core.laid.performance;

/**
 * So many bars are heard and as many are silent, in turn, so that whoever plays keeps the time alone (common practice).
 *
 * @param bars how many at a time, to {@value #MOST}; with 0 none is heard but what is counted in
 */
public record HeardBars(int bars) {

    public static final int MOST = 8;

    /** Nothing but what is counted in. */
    public static final HeardBars NONE = new HeardBars(0);

    /** @throws IllegalArgumentException if {@code bars} is outside its range */
    public HeardBars {
        if (bars < 0 || bars > MOST) throw new IllegalArgumentException("0 to 8 bars, not " + bars);
    }

    /** Whether the bar with {@code index}, from 0 at the start of the first round, is heard. */
    public boolean isHeard(int index) {
        return bars > 0 && index / bars % 2 == 0;
    }

    /** After how many rounds of {@code length} bars it begins anew with the first heard bar. */
    public int rounds(int length) {
        if (bars == 0) return 1;
        int both = 2 * bars;
        return both / gcd(length, both);
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
