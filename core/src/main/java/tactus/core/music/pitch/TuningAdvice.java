package tactus.core.music.pitch;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What to do instead of tightening strings: every string is tuned lower by as much as the tightest one would go up, and a
 * capo at that fret gives the same sound.
 *
 * @param tuning the lower tuning, with no string above what it is made for
 * @param capo the fret at which it sounds as the tuning that was asked for
 */
public record TuningAdvice(Tuning tuning, int capo) {

    public TuningAdvice {
        Objects.requireNonNull(tuning);
    }

    /** The advice for {@code tuning} played with a capo at {@code capo}; empty if no string is tightened. */
    public static Optional<TuningAdvice> of(Tuning tuning, int capo, int highestCapo) {
        return of(new Instrument(tuning, 0, capo, ConcertPitch.ISO_16), highestCapo);
    }

    /** The advice for {@code instrument}; empty if no string is tightened. */
    public static Optional<TuningAdvice> of(Instrument instrument, int highestCapo) {
        Tuning tuning = instrument.strings();
        int capo = instrument.capo();
        List<Integer> above = tuning.semitonesAbove(instrument.guitar().madeFor(tuning));
        int up = above.stream().mapToInt(Integer::intValue).max().orElse(0);
        if (up <= 0 || capo + up > highestCapo) return Optional.empty();
        return Optional.of(new TuningAdvice(tuning.plus(-up), capo + up));
    }
}
