package tactus.core.written.rule;

/** Who plays along. */
public enum Company {
    ALONE,
    SECOND_GUITAR,
    PIANO,
    BAND;

    /** Whether somebody else carries the pulse, so that the guitar may leave it out (common practice). */
    public boolean carriesThePulse() {
        return this == PIANO || this == BAND;
    }
}
