package tactus.core.music.pitch;

import java.util.ArrayList;
import java.util.List;

/**
 * What a tuning does to one string: by Mersenne's law its tension goes with the square of its frequency.
 *
 * @param string from 1, the highest-sounding
 * @param semitones how far it is tuned above the pitch it is made for; negative below
 * @param ratio its tension against the usual one: 1.26 is 26 % more
 * @param most the ratio above which it may break
 */
public record StringTension(int string, int semitones, double ratio, double most) {

    // Below about two thirds of its tension a string buzzes and its pitch wavers (from memory).
    private static final double SLACK = 0.66;
    // What is tuned no higher than it is made for does not break, however long it is.
    private static final double RAISED = 1.005;

    /** The strings of {@code tuning} from the lowest to the highest, against what is usual for it at 440 Hz. */
    public static List<StringTension> of(Tuning tuning, ConcertPitch concert) {
        return of(new Instrument(tuning, 0, 0, concert));
    }

    /** The strings of {@code instrument} from the lowest to the highest, against what they are made for at 440 Hz. */
    public static List<StringTension> of(Instrument instrument) {
        Tuning tuning = instrument.strings();
        Guitar guitar = instrument.guitar();
        List<Integer> above = tuning.semitonesAbove(guitar.madeFor(tuning));
        double concertRatio = instrument.concert().hertz() / ConcertPitch.ISO_16.hertz();
        var tensions = new ArrayList<StringTension>();
        for (int i = 0; i < above.size(); i++) {
            double pitchRatio = concertRatio * Math.pow(2, above.get(i) / 12.0);
            double most = pitchRatio > RAISED ? guitar.most() : Double.MAX_VALUE;
            double ratio = pitchRatio * pitchRatio * guitar.lengthRatio();
            tensions.add(new StringTension(above.size() - i, above.get(i), ratio, most));
        }
        return tensions;
    }

    /** Whether it is pulled so far above what it is made for that it may break. */
    public boolean isTight() {
        return ratio > most;
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
