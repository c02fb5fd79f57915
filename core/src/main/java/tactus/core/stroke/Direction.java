package tactus.core.stroke;

/** Which way the hand goes over the strings. */
public enum Direction {
    /** From the lowest-sounding string to the highest. */
    DOWN("down"),
    /** From the highest-sounding string to the lowest. */
    UP("up");

    private final String word;

    Direction(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
