package tactus.core.pattern;

import java.util.Arrays;
import java.util.Objects;

/**
 * What a pattern is to another one.
 *
 * @param of the pattern that it belongs to
 * @param rule how it is derived
 * @param isEdited whether it was changed by hand since, so that it no longer follows
 */
public record Form(PatternId of, Rule rule, boolean isEdited) {

    /** The rules by which forms are derived. */
    public enum Rule {
        /** The first half. */
        SHORT_FIRST_HALF("short"),
        /** The half with more accents. */
        SHORT_ACCENTED_HALF("short with the accents"),
        /** The ending before the next section: the last beat rings. */
        LAST_TIME("last time"),
        /** Only strokes on felt beats. */
        LIGHT_BEATS("only beats"),
        /** Only downs. */
        LIGHT_DOWNS("only downs"),
        /** The empty crossings between strokes filled. */
        BUSIER("busier"),
        /** Mutes where the snare usually is. */
        BACKBEAT_MUTES("muted backbeat"),
        /** First the bass, then the treble. */
        BASS_THEN_CHORD("bass then chord"),
        /** Pairs of slots in triplet swing. */
        SWUNG("swung"),
        /** Every stroke lasts twice as long. */
        HALF_TIME("half time"),
        /** Every stroke lasts half as long. */
        DOUBLE_TIME("double time");

        private final String word;

        Rule(String word) {
            this.word = word;
        }

        /** What the form is called: {@code only beats}. */
        public String word() {
            return word;
        }

        /** @throws IllegalArgumentException if no rule is called that */
        public static Rule of(String word) {
            return Arrays.stream(values())
                    .filter(rule -> rule.word.equals(word))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("there is no form called \"" + word + "\""));
        }
    }

    public Form {
        Objects.requireNonNull(of);
        Objects.requireNonNull(rule);
    }

    public Form edited() {
        return new Form(of, rule, true);
    }
}
