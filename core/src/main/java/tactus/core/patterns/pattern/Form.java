package tactus.core.patterns.pattern;

import java.util.Objects;

/**
 * What a pattern is to another one.
 *
 * @param of the pattern that it belongs to
 * @param rule how it is derived
 * @param isEdited whether it was changed by hand since, so that it no longer follows
 */
public record Form(PatternId of, Derivation rule, boolean isEdited) {

    /** The rules by which forms are derived. */
    public enum Derivation {
        /** The first half. */
        SHORT_FIRST_HALF,
        /** The half with more accents. */
        SHORT_ACCENTED_HALF,
        /** The ending before the next section: the last beat rings. */
        LAST_TIME,
        /** Only strokes on felt beats. */
        LIGHT_BEATS,
        /** Only downs. */
        LIGHT_DOWNS,
        /** The empty crossings between strokes filled. */
        BUSIER,
        /** Mutes where the snare usually is. */
        BACKBEAT_MUTES,
        /** First the bass, then the treble. */
        BASS_THEN_CHORD,
        /** Pairs of slots in triplet swing. */
        SWUNG,
        /** Every stroke lasts twice as long. */
        HALF_TIME,
        /** Every stroke lasts half as long. */
        DOUBLE_TIME
    }

    public Form {
        Objects.requireNonNull(of);
        Objects.requireNonNull(rule);
    }

    /** The same form once it is changed by hand: it no longer follows. */
    public Form edited() {
        return new Form(of, rule, true);
    }
}
