package tactus.core.rule;

import java.util.Objects;
import tactus.core.section.Stretch;

/** A part of a pass. */
public sealed interface Part {

    /**
     * One chord.
     *
     * @param number from 1; or from the end, -1 the last
     */
    record OnChord(int number) implements Part {
        /** @throws IllegalArgumentException if {@code number} is 0 or out of range */
        public OnChord {
            if (number == 0 || Math.abs(number) > 10_000) {
                throw new IllegalArgumentException("chords are counted from 1 to 10,000, was " + number);
            }
        }
    }

    /** Chords that do not have a bar to themselves. */
    record SharedBars() implements Part {}

    /** Some bars or beats. */
    record InBars(Stretch bars) implements Part {
        public InBars {
            Objects.requireNonNull(bars);
        }
    }

    /** One half of the bars; the first one is the longer where they are odd. */
    record InHalf(boolean isSecond) implements Part {}

    /** Where somebody sings, or where nobody does. */
    record Voice(boolean isSung) implements Part {}
}
