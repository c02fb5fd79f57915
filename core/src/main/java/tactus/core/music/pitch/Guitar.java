package tactus.core.music.pitch;

import java.util.Optional;

/**
 * What is played: how long its strings are, what they are made of and what they are made for. Scale lengths and tunings are
 * common practice.
 */
public enum Guitar {
    /** Whatever the tuning is usual for. */
    AS_TUNED(Length.USUAL, Stretch.STEEL, Optional.empty()),
    STEEL_STRINGS(Length.USUAL, Stretch.STEEL, Optional.of("standard")),
    SHORT_SCALE(Length.SHORT, Stretch.STEEL, Optional.of("standard")),
    LONG_SCALE(Length.LONG, Stretch.STEEL, Optional.of("standard")),
    BARITONE(Length.USUAL, Stretch.STEEL, Optional.of("baritone-from-b")),
    TWELVE_STRINGS(Length.USUAL, Stretch.THIN_STEEL, Optional.of("twelve-strings")),
    NYLON_STRINGS(Length.USUAL, Stretch.NYLON, Optional.of("standard"));

    /** How long the strings are against 648 mm, by which their tension is compared. */
    private static final class Length {
        private static final double USUAL = 1;
        private static final double SHORT = 629.0 / 648;
        private static final double LONG = 660.0 / 648;
    }

    /** How far above what it is made for a string can be pulled. */
    private static final class Stretch {
        // Strings, and the bridge they pull at, are made with little to spare above concert pitch (common practice).
        private static final double STEEL = 1.03;
        // The octave string of G on a guitar with twelve breaks first (common practice): nothing to spare.
        private static final double THIN_STEEL = 1.01;
        // Nylon bears about a semitone more (from memory).
        private static final double NYLON = 1.13;
    }

    private final double scale;
    private final double most;
    private final Optional<String> tuning;

    Guitar(double scale, double most, Optional<String> tuning) {
        this.scale = scale;
        this.most = most;
        this.tuning = tuning;
    }

    /** The tuning that its strings are made for, if it is one alone. */
    public Optional<Tuning> usualTuning() {
        return tuning.flatMap(code -> CommonTuning.all().stream()
                        .filter(common -> common.code().equals(code))
                        .findFirst())
                .map(CommonTuning::tuning);
    }

    /** What its strings are made for; for a tuning with another number of strings, what those are made for. */
    Tuning madeFor(Tuning tuned) {
        return usualTuning().filter(made -> made.strings() == tuned.strings()).orElseGet(tuned::usual);
    }

    /** By how much its length changes the tension at the same pitch: with its square (Mersenne's law). */
    double lengthRatio() {
        return scale * scale;
    }

    /** The most tension that its strings bear, against the usual one. */
    double most() {
        return most;
    }
}
