package tactus.core.music.pitch;

import tactus.core.ground.refusal.Refusal;

/**
 * The frequency that an ensemble tunes A4 to. ISO 16 says 440; recordings and old instruments lie from 415 to 466.
 *
 * @param hertz from 415 to 466
 */
public record ConcertPitch(double hertz) {

    public static final ConcertPitch ISO_16 = new ConcertPitch(440);

    /** @throws Refusal if {@code hertz} is outside its range */
    public ConcertPitch {
        if (!(hertz >= 415 && hertz <= 466)) {
            throw new Refusal("concert-pitch.hz", text(hertz));
        }
    }

    /** The frequency of {@code pitch} in hertz, by equal temperament. */
    public double frequency(Pitch pitch) {
        return pitch.frequency(hertz);
    }

    private static String text(double hertz) {
        return hertz == Math.rint(hertz) ? Long.toString(Math.round(hertz)) : Double.toString(hertz);
    }

    /** The number of hertz, without a point where it is whole. */
    @Override
    public String toString() {
        return text(hertz);
    }
}
