package tactus.core.music.search;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.shape.Voicing;

/**
 * Something wrong with a shape.
 *
 * @param sentence what is wrong
 * @param strings the strings it is about
 * @param remedy the nearest shape without the fault, where one was found
 */
public record ShapeFault(Kind kind, Statement sentence, List<Integer> strings, Optional<Voicing> remedy) {

    /** What there is to find. */
    public enum Kind {
        /** Its notes are not those of its name. */
        NOT_ITS_NAME,
        /** Two fingers are said to be on one spot. */
        TWO_ON_ONE_SPOT,
        /** One finger is said to be at two frets. */
        FINGER_TWICE,
        /** A string that is said to sound lies under a finger that silences it. */
        COVERED,
        /** A string between played ones is left out, and no finger beside it can keep it quiet. */
        RINGS_ON,
        /** A held string has no finger, or a string that is not held has one. */
        FINGER_MISPLACED,
        /** No hand reaches it. */
        TOO_WIDE
    }

    public ShapeFault {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(remedy);
        Objects.requireNonNull(sentence);
        strings = List.copyOf(strings);
    }
}
