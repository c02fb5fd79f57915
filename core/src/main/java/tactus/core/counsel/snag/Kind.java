package tactus.core.counsel.snag;

import tactus.core.ground.language.Lexicon;

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
    /** One shape, or one chord, has two names. */
    TWO_NAMES_OF_ONE_CHORD,
    /** A chord has a shape and is played nowhere. */
    CHORD_NOT_USED,
    /** The easier shape of a version is another chord, or lacks what makes it that chord. */
    STAND_IN_IS_ANOTHER_CHORD,
    /** The key that is said is not the one that shapes and capo sound in. */
    KEY_DOES_NOT_AGREE,
    /** A chord off the key is a letter away from one that stands between the same chords elsewhere. */
    CHORD_A_LETTER_AWAY,
    /** A section is called half of another one and has not half its bars. */
    HALF_THAT_IS_NONE,
    /** A cue or a voice stands in a bar that the section does not have. */
    MARK_BEYOND_BARS,
    /** The stop at the end of one pass is longer or shorter than those of all others. */
    STOPS_UNLIKE,
    /** A string is pulled far above what it is made for. */
    STRING_TOO_TIGHT,
    /** The capo sits where the hand is cramped. */
    CAPO_TOO_HIGH,
    /** A chord has no shape, so that it is silent. */
    CHORD_WITHOUT_SHAPE,
    /** A chord is counted in rounds where no pattern is assigned, so that it has no length. */
    CHORD_WITHOUT_LENGTH,
    /** No rule says what is played in some bars. */
    BAR_WITHOUT_PATTERN,
    /** Two rules of the same weight say different things about one place. */
    RULES_CONTRADICT,
    /** A rule speaks of a place that is not in the song. */
    RULE_NEVER_HOLDS,
    /** An exception speaks of bars that the section no longer has. */
    EXCEPTION_WITHOUT_BARS,
    /** Two sections are called the same and are not. */
    SAME_NAME_OTHER_BARS,
    /** A section is a little longer or shorter than one with nearly the same chords. */
    LENGTH_UNLIKE_SIBLING,
    /** A section's length is odd for a song whose others come in fours. */
    LENGTH_ODD,
    /** A part was planned for the lesson and is not there. */
    PLANNED_PART_MISSING,
    /** The same words were said for two different rhythms. */
    SAME_WORDS_OTHER_RHYTHM,
    /** Two patterns are the same rhythm under two names. */
    SAME_RHYTHM_OTHER_NAME,
    /** The guitar stops for long and nothing says how to count on. */
    STOP_WITHOUT_COUNT,
    /** The hand must cross the strings more often than the version allows. */
    TOO_FAST_FOR_VERSION,
    /** A chord is named where nothing is struck, so that it is not heard. */
    CHORD_NOT_STRUCK,
    /** A finger is added or moved, and nothing sounds otherwise. */
    MOVE_WITHOUT_EFFECT,
    /** A string is called by its name and by the number of another one. */
    STRING_BY_TWO_NUMBERS,
    /** A pattern is called a suspension and none is in it. */
    SUSPENSION_THAT_IS_NONE,
    /** A finger is moved to a note that is in neither the chord nor the key. */
    MOVE_OFF_KEY,
    /** A change of chord takes longer than the pattern leaves for it. */
    CHANGE_TOO_QUICK,
    /** The figures of the second guitar and the bars do not come out even. */
    SECOND_PART_UNEVEN,
    /** A note of the second guitar on the first beat of a bar is not in the chord. */
    SECOND_PART_OFF_CHORD,
    /** The song is not as long as the recording. */
    NOT_AS_LONG_AS_RECORDING;

    /** What it is called in files: {@code pattern-cut}. */
    public String code() {
        return Lexicon.code(this);
    }
}
