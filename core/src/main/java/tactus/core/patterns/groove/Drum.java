package tactus.core.patterns.groove;

/** The drums that a groove is told by. */
public enum Drum {
    KICK('k'),
    SNARE('s'),
    HAT('h');

    private final char letter;

    Drum(char letter) {
        this.letter = letter;
    }

    /** The letter that writes it: {@code k s h}. */
    public char letter() {
        return letter;
    }
}
