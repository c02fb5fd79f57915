package tactus.core.laid.performance;

import java.util.Objects;
import tactus.core.music.time.CountSchool;

/**
 * What a voice counts along.
 *
 * @param school how slots are called
 * @param chords whether the name of the next chord is said on the felt beat before it, in place of the count
 */
public record CountVoice(CountSchool school, Said said, boolean chords, Silence silence) {

    /** What is said. */
    public enum Said {
        /** Felt beats only. */
        BEATS("beats"),
        /** Every slot that the hand goes through. */
        SLOTS("counts"),
        /** Where something is struck, and which way. */
        STROKES("strokes");

        private final String code;

        Said(String code) {
            this.code = code;
        }

        /** What it is called in files and commands. */
        public String code() {
            return code;
        }
    }

    /** Where the voice leaves the counting to the student. */
    public enum Silence {
        NEVER("never"),
        /** In every pass of a section but the first. */
        REPEATS("repeats"),
        /** In the second pass, the fourth and so on. */
        EVERY_SECOND("second"),
        /** Behind the first bar of every pass. */
        AFTER_FIRST_BAR("bar1");

        private final String code;

        Silence(String code) {
            this.code = code;
        }

        /** What it is called in files and commands. */
        public String code() {
            return code;
        }
    }

    /** Felt beats in numbers. */
    public static final CountVoice USUAL = new CountVoice(CountSchool.NUMBERS, Said.BEATS, false, Silence.NEVER);

    public CountVoice {
        Objects.requireNonNull(school);
        Objects.requireNonNull(said);
        Objects.requireNonNull(silence);
    }
}
