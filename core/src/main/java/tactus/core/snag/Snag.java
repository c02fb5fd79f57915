package tactus.core.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.song.SnagId;

/**
 * Something that does not fit: what it is, where, and the exact numbers behind it. Its sentence is made where it is shown.
 */
public sealed interface Snag
        permits SetUpSnag, SectionSnag, SlipSnag, RuleSnag, WordedSnag, PatternSnag, PlayedSnag, SecondPartSnag {

    Kind kind();

    /** Where one goes to look at it. */
    SnagPlace place();

    /** The ids and places of what it is about; of two snags of a kind they differ. */
    List<Object> about();

    /** What was counted. */
    default List<Number> numbers() {
        return List.of();
    }

    /** What mends it in one step, if anything does. */
    default Optional<Fix> fix() {
        return Optional.empty();
    }

    /** What it is known by, whatever things are called. */
    default SnagId id() {
        return new SnagId(kind().code(), about().stream().map(String::valueOf).toList());
    }

    /** The exact values that were counted; with other ones it has to be accepted anew. */
    default List<String> values() {
        var values = new ArrayList<String>();
        for (Number number : numbers()) values.add(number.code() + " " + number.value());
        return values;
    }

    /**
     * Something counted.
     *
     * @param code what it is: {@code beats-of-chords}
     * @param value exact: a whole number, a fraction, a rounded decimal as text
     */
    record Number(String code, Object value) {

        public Number {
            Objects.requireNonNull(code);
            Objects.requireNonNull(value);
        }
    }

    /** Numbers from codes and values by turns. */
    static List<Number> numbers(Object... codesAndValues) {
        return Stream.iterate(0, i -> i < codesAndValues.length, i -> i + 2)
                .map(i -> new Number((String) codesAndValues[i], codesAndValues[i + 1]))
                .toList();
    }
}
