package tactus.core.written.rule;

/** How loud one plays, from soft to strong, with the usual letters of written music. */
public enum Dynamic {
    VERY_SOFT("pp"),
    SOFT("p"),
    RATHER_SOFT("mp"),
    MEDIUM("mf"),
    STRONG("f"),
    VERY_STRONG("ff");

    private final String letters;

    Dynamic(String letters) {
        this.letters = letters;
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
