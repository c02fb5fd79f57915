package tactus.core.rule;

/** Who plays along. */
public enum Company {
    ALONE("alone"),
    SECOND_GUITAR("a second guitar"),
    PIANO("a piano"),
    BAND("a band");

    private final String word;

    Company(String word) {
        this.word = word;
    }

    /** {@code a band}. */
    public String word() {
        return word;
    }

    /** Whether somebody else carries the pulse, so that the guitar may leave it out (common practice). */
    public boolean carriesThePulse() {
        return this == PIANO || this == BAND;
    }
}
