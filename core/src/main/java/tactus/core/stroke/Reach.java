package tactus.core.stroke;

import java.util.stream.IntStream;

/** Which strings a strum goes over. The halves of six strings are common practice. */
public enum Reach {
    ALL("all strings"),
    /** The lower half: strings 4 to 6 of six. */
    BASS("bass strings"),
    /** The upper half: strings 1 to 3 of six. */
    TREBLE("treble strings");

    private final String words;

    Reach(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Answers whether {@code string} of an instrument with {@code strings} strings is reached. */
    public boolean covers(int string, int strings) {
        return string >= highest(strings) && string <= lowest(strings);
    }

    /** The number of the highest-sounding string reached. */
    public int highest(int strings) {
        return this == BASS ? strings / 2 + 1 : 1;
    }

    /** The number of the lowest-sounding string reached. */
    public int lowest(int strings) {
        return this == TREBLE ? strings / 2 : strings;
    }

    /** The strings reached in the order in which a hand going {@code direction} meets them. */
    public IntStream order(Direction direction, int strings) {
        int low = lowest(strings);
        int high = highest(strings);
        return direction == Direction.UP
                ? IntStream.rangeClosed(high, low)
                : IntStream.rangeClosed(high, low).map(string -> low + high - string);
    }
}
