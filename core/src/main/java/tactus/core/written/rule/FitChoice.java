package tactus.core.written.rule;

/** What happens where a pattern and the length of its chord do not come out even. */
public enum FitChoice {
    /** A pattern that is longer than the chord takes its short form. */
    SHORT,
    /** It is played as far as the chord lasts, and that is meant. */
    CUT,
    /** It goes on through the change of chord. */
    CARRY,
    /** It goes round whole or not at all, and what is left of the chord rings. */
    WHOLE_ROUNDS;
}
