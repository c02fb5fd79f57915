package tactus.core.patterns.picking;

/** What strikes the strings. */
public enum Strike {
    PICK,
    FINGERS,
    /** The thumb goes down, the index up. */
    THUMB_AND_INDEX,
    THUMB
}
