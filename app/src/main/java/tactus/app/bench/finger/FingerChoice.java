package tactus.app.bench.finger;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Where a finger of the picking hand goes on the chosen chord. */
public sealed interface FingerChoice {

    /** Where the rule puts it. */
    enum ByRule implements FingerChoice {
        FOLLOWED
    }

    /**
     * On a string of this chord.
     *
     * @param string from 1
     */
    record Here(int string) implements FingerChoice {}

    /**
     * On the same string whatever the chord is.
     *
     * @param string from 1
     */
    record Always(int string) implements FingerChoice {}

    /** Every choice on a guitar with so many strings. */
    static List<FingerChoice> all(int strings) {
        return Stream.<FingerChoice>concat(
                        Stream.of(ByRule.FOLLOWED),
                        Stream.concat(
                                IntStream.rangeClosed(1, strings).<FingerChoice>mapToObj(Here::new),
                                IntStream.rangeClosed(1, strings).mapToObj(Always::new)))
                .toList();
    }
}
