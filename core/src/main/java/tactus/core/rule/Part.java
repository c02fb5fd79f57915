package tactus.core.rule;

import java.util.Objects;
import java.util.OptionalInt;
import tactus.core.refusal.Refusal;
import tactus.core.section.Stretch;

/** A part of a pass. */
public sealed interface Part {

    /**
     * One chord.
     *
     * @param number from 1
     */
    record OnChord(int number) implements Part {
        /** @throws Refusal if {@code number} is out of range */
        public OnChord {
            checkChord(number);
        }
    }

    /**
     * One chord counted from the end.
     *
     * @param number from 1, the last one
     */
    record OnChordFromEnd(int number) implements Part {
        /** @throws Refusal if {@code number} is out of range */
        public OnChordFromEnd {
            checkChord(number);
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

    private static void checkChord(int number) {
        if (number < 1 || number > 10_000) throw new Refusal("part.chords-counted", number);
    }

    /** The place of a single chord among {@code chords}, from 0; empty for other parts, or where there is no such chord. */
    default OptionalInt chord(int chords) {
        int index = switch (this) {
            case OnChord(int number) -> number - 1;
            case OnChordFromEnd(int number) -> chords - number;
            case SharedBars _, InBars _, InHalf _, Voice _ -> -1;
        };
        return index >= 0 && index < chords ? OptionalInt.of(index) : OptionalInt.empty();
    }
}
