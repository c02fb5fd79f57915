package tactus.core.rule;

/** How loud one plays, from soft to strong, with the usual letters of written music. */
public enum Dynamic {
    VERY_SOFT("very soft", "pp"),
    SOFT("soft", "p"),
    RATHER_SOFT("rather soft", "mp"),
    MEDIUM("medium", "mf"),
    STRONG("strong", "f"),
    VERY_STRONG("very strong", "ff");

    private final String word;
    private final String letters;

    Dynamic(String word, String letters) {
        this.word = word;
        this.letters = letters;
    }

    /** How a rule says it: {@code rather soft}. */
    public String word() {
        return word;
    }

    /** The letters that stand below notes: {@code mp}. */
    public String letters() {
        return letters;
    }

    /** One step softer, or the same where there is none. */
    public Dynamic softer() {
        return values()[Math.max(0, ordinal() - 1)];
    }
}
