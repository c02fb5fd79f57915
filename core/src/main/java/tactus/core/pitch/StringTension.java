package tactus.core.pitch;

import java.util.ArrayList;
import java.util.List;

/**
 * What a tuning does to one string: by Mersenne's law its tension goes with the square of its frequency.
 *
 * @param string from 1, the highest-sounding
 * @param semitones how far it is tuned above the pitch it is made for; negative below
 * @param ratio its tension against the usual one: 1.26 is 26 % more
 */
public record StringTension(int string, int semitones, double ratio) {

    // Strings, and the bridge they pull at, are made with little to spare above concert pitch (common practice).
    private static final double TIGHT = 1.03;
    // Below about two thirds of its tension a string buzzes and its pitch wavers (from memory).
    private static final double SLACK = 0.66;

    /** The strings of {@code tuning} from the lowest to the highest, against the usual tuning at 440 Hz. */
    public static List<StringTension> of(Tuning tuning, ConcertPitch concert) {
        List<Integer> above = tuning.semitonesAbove(tuning.usual());
        double concertRatio = concert.hertz() / ConcertPitch.ISO_16.hertz();
        var tensions = new ArrayList<StringTension>();
        for (int i = 0; i < above.size(); i++) {
            double pitchRatio = concertRatio * Math.pow(2, above.get(i) / 12.0);
            tensions.add(new StringTension(above.size() - i, above.get(i), pitchRatio * pitchRatio));
        }
        return tensions;
    }

    /** Whether it is pulled so far above what it is made for that it may break. */
    public boolean isTight() {
        return ratio > TIGHT;
    }

    /** Whether it hangs so loose that it buzzes. */
    public boolean isSlack() {
        return ratio < SLACK;
    }

    /** Its tension against the usual one in whole percent: {@code +26}, {@code -11}. */
    public int percent() {
        return (int) Math.round((ratio - 1) * 100);
    }
}
