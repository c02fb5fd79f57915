package tactus.core.stroke;

import java.util.stream.IntStream;

/** Which strings a strum goes over. The halves of six strings are common practice. */
public enum Reach {
    ALL,
    /** The lower half: strings 4 to 6 of six. */
    BASS,
    /** The upper half: strings 1 to 3 of six. */
    TREBLE;

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
