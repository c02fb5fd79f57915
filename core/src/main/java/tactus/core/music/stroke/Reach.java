package tactus.core.music.stroke;

import java.util.stream.IntStream;
import tactus.core.ground.refusal.Refusal;

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

        @Override
        public IntStream order(Direction direction, int strings) {
            return Reach.order(lowest(strings), highest(strings), direction);
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

        /** @throws Refusal if a string is outside its range */
        public Named {
            if (first < 1 || last < first || last > MOST_STRINGS) {
                throw new Refusal("reach.goes-over", last, first);
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

        @Override
        public IntStream order(Direction direction, int strings) {
            return Reach.order(lowest(strings), highest(strings), direction);
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
    IntStream order(Direction direction, int strings);

    private static IntStream order(int low, int high, Direction direction) {
        return direction == Direction.UP
                ? IntStream.rangeClosed(high, low)
                : IntStream.rangeClosed(high, low).map(string -> low + high - string);
    }
}
