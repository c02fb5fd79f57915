package tactus.core.music.pitch;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * How the guitar is set up.
 *
 * @param tuning what the open strings are called, so that shapes keep their names
 * @param tunedDown by how many semitones all strings lie below that, 0 to 4
 * @param capo the fret of the capo, 0 for none, to 11
 * @param guitar what is played, by which tension is judged
 */
public record Instrument(Tuning tuning, int tunedDown, int capo, ConcertPitch concert, Guitar guitar) {

    public static final int HIGHEST_CAPO = 11;
    public static final int LOWEST_TUNED_DOWN = 4;

    public static final Instrument USUAL = new Instrument(Tuning.STANDARD, 0, 0, ConcertPitch.ISO_16);

    /** @throws Refusal if the capo or the tuning down is outside its range */
    public Instrument {
        Objects.requireNonNull(tuning);
        Objects.requireNonNull(concert);
        Objects.requireNonNull(guitar);
        if (capo < 0 || capo > HIGHEST_CAPO) {
            throw new Refusal("instrument.capo-fret", capo);
        }
        if (tunedDown < 0 || tunedDown > LOWEST_TUNED_DOWN) {
            throw new Refusal("instrument.guitar-tuned", tunedDown);
        }
    }

    /** Whatever guitar the tuning is usual for. */
    public Instrument(Tuning tuning, int tunedDown, int capo, ConcertPitch concert) {
        this(tuning, tunedDown, capo, concert, Guitar.AS_TUNED);
    }

    /** The pitch of each open string as it sounds without the capo. */
    public Tuning strings() {
        return tuning.plus(-tunedDown);
    }

    /** How many semitones a chord sounds above the name of its shape; negative below. */
    public int transposition() {
        return capo - tunedDown;
    }

    /** The same with other open strings. */
    public Instrument withTuning(Tuning other) {
        return new Instrument(other, tunedDown, capo, concert, guitar);
    }

    /** @throws Refusal unless {@code other} is 0 to 4 semitones */
    public Instrument withTunedDown(int other) {
        return new Instrument(tuning, other, capo, concert, guitar);
    }

    /** @throws Refusal unless {@code other} is 0 to 11 */
    public Instrument withCapo(int other) {
        return new Instrument(tuning, tunedDown, other, concert, guitar);
    }

    /** The same tuned to another A. */
    public Instrument withConcert(ConcertPitch other) {
        return new Instrument(tuning, tunedDown, capo, other, guitar);
    }

    /** The same on another guitar. */
    public Instrument withGuitar(Guitar other) {
        return new Instrument(tuning, tunedDown, capo, concert, other);
    }

    /** The same tuned to {@code other}; the standard tuning said lower is the standard tuning, tuned down. */
    public Instrument tunedTo(Tuning other) {
        for (int down = 1; down <= LOWEST_TUNED_DOWN; down++) {
            if (other.equals(Tuning.STANDARD.plus(-down)))
                return withTuning(Tuning.STANDARD).withTunedDown(down);
        }
        return withTuning(other);
    }

    /** The same played on another guitar, which brings its usual tuning where the strings are tuned as usual. */
    public Instrument playedOn(Guitar other) {
        Tuning brought = tuning.equals(tuning.usual()) ? other.usualTuning().orElse(tuning) : tuning;
        return withGuitar(other).withTuning(brought);
    }
}
