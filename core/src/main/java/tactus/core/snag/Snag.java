package tactus.core.snag;

import java.util.List;

/**
 * Something that does not fit.
 *
 * @param where the place as a person would say it: {@code Verse, bar 3}
 * @param sentence what is wrong, in plain words
 * @param numbers what was counted
 */
public record Snag(Kind kind, Place place, String where, String sentence, List<Number> numbers) {

    /** What there is to find. */
    public enum Kind {
        /** The chords of a section do not add up to its bars. */
        SPANS_DO_NOT_FILL_BARS,
        /** A chord ends before the pattern has come round. */
        PATTERN_CUT,
        /** A stroke goes another way than the hand. */
        AGAINST_THE_HAND,
        /** A finger plucks a string that the chord's shape leaves out, or that is not there. */
        DEAD_STRING,
        /** A finger plucks a note that is not in the chord. */
        NOTE_OFF_CHORD,
        /** A chord's name cannot be read. */
        NAME_UNREADABLE,
        /** A shape's notes are not those of its name. */
        SHAPE_NOT_ITS_NAME,
        /** A hand cannot hold a shape, or not with the fingers that are asked for. */
        SHAPE_NOT_PLAYABLE,
        /** A string is pulled far above what it is made for. */
        STRING_TOO_TIGHT,
        /** The capo sits where the hand is cramped. */
        CAPO_TOO_HIGH
    }

    /**
     * Something counted.
     *
     * @param label what it is, in a few words
     * @param value the exact value: a whole number or a fraction
     */
    public record Number(String label, String value) {}

    public Snag {
        numbers = List.copyOf(numbers);
    }

    @Override
    public String toString() {
        return where + ": " + sentence;
    }
}
