package tactus.core.rule;

/** What happens where a pattern and the length of its chord do not come out even. */
public enum FitChoice {
    /** A pattern that is longer than the chord takes its short form. */
    SHORT("short to fit"),
    /** It is played as far as the chord lasts, and that is meant. */
    CUT("cut"),
    /** It goes on through the change of chord. */
    CARRY("carry through"),
    /** It goes round whole or not at all, and what is left of the chord rings. */
    WHOLE_ROUNDS("whole rounds");

    private final String word;

    FitChoice(String word) {
        this.word = word;
    }

    /** How a rule says it: {@code carry through}. */
    public String word() {
        return word;
    }
}
