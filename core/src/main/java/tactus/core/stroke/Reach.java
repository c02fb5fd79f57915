package tactus.core.stroke;

import java.util.stream.IntStream;

/** Which strings a strum goes over: all, a half, or a named range such as 4 to 2. */
public sealed interface Reach {

    Reach ALL = Half.ALL;
    /** Strings 4 to 6 of six. */
    Reach BASS = Half.BASS;
    /** Strings 1 to 3 of six. */
    Reach TREBLE = Half.TREBLE;

    /** The reaches that follow the number of strings. The halves of six strings are common practice. */
    enum Half implements Reach {
        ALL,
        BASS,
        TREBLE;

        @Override
        public int highest(int strings) {
            return this == BASS ? strings / 2 + 1 : 1;
        }

        @Override
        public int lowest(int strings) {
            return this == TREBLE ? strings / 2 : strings;
        }
    }

    /**
     * Strings that are named.
     *
     * @param first the highest-sounding, from 1
     * @param last the lowest-sounding, from {@code first} to 12
     */
    record Named(int first, int last) implements Reach {

        private static final int MOST_STRINGS = 12;

        /** @throws IllegalArgumentException if a string is outside its range */
        public Named {
            if (first < 1 || last < first || last > MOST_STRINGS) {
                throw new IllegalArgumentException(
                        "a reach goes over strings 1 to 12, lowest first, not " + last + " to " + first);
            }
        }

        @Override
        public int highest(int strings) {
            return first;
        }

        @Override
        public int lowest(int strings) {
            return Math.min(last, strings);
        }
    }

    /** Returns strings {@code lowest} to {@code highest}, in any order. */
    static Reach of(int one, int other) {
        return new Named(Math.min(one, other), Math.max(one, other));
    }

    /** The number of the highest-sounding string reached; over {@link #lowest} if the instrument has none of them. */
    int highest(int strings);

    /** The number of the lowest-sounding string reached. */
    int lowest(int strings);

    /** The strings reached in the order in which a hand going {@code direction} meets them. */
    default IntStream order(Direction direction, int strings) {
        int low = lowest(strings);
        int high = highest(strings);
        return direction == Direction.UP
                ? IntStream.rangeClosed(high, low)
                : IntStream.rangeClosed(high, low).map(string -> low + high - string);
    }
}
