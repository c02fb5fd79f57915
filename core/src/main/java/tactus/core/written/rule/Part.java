package tactus.core.written.rule;

import java.util.Comparator;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.Stretch;

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

    /**
     * A chord by its name, wherever it comes; one of several shapes by its label as well.
     *
     * @param chord as it is written; without a label every shape of the name
     * @param isLast whether only the last one of a pass is meant
     */
    record OnName(String chord, boolean isLast) implements Part {
        /** @throws Refusal if it is no name of a chord */
        public OnName {
            chord = Chord.checkedName(chord);
        }

        /** Whether a chord that is written as {@code written} is meant. */
        public boolean has(String written) {
            return chord.equals(written) || Chord.label(chord).isEmpty() && chord.equals(Chord.plainName(written));
        }
    }

    /** Where both parts are: the last chord where nobody sings. */
    record Both(Part one, Part other) implements Part {
        public Both {
            Objects.requireNonNull(one);
            Objects.requireNonNull(other);
        }
    }

    /** Where both parts are; in whatever order they are said, it is the same part. */
    static Part both(Part one, Part other) {
        return Stream.concat(one.single(), other.single())
                .sorted(Comparator.comparingInt(Part::rank))
                .reduce(Both::new)
                .orElseThrow();
    }

    private Stream<Part> single() {
        return this instanceof Both both ? Stream.concat(both.one.single(), both.other.single()) : Stream.of(this);
    }

    private int rank() {
        return switch (this) {
            case OnChord _ -> 0;
            case OnChordFromEnd _ -> 1;
            case OnName _ -> 2;
            case InBars _ -> 3;
            case SharedBars _ -> 4;
            case InHalf _ -> 5;
            case Voice _ -> 6;
            case Both _ -> 7;
        };
    }

    /** The same with chords called otherwise. */
    default Part renamed(UnaryOperator<String> name) {
        return switch (this) {
            case OnName on -> new OnName(name.apply(on.chord), on.isLast);
            case Both(Part one, Part other) -> new Both(one.renamed(name), other.renamed(name));
            default -> this;
        };
    }

    /** Whether it speaks of places that are counted, rather than of what they are like. */
    default boolean isExact() {
        return switch (this) {
            case OnChord _, OnChordFromEnd _, InBars _ -> true;
            case OnName name -> name.isLast;
            case Both both -> both.one.isExact() || both.other.isExact();
            case SharedBars _, InHalf _, Voice _ -> false;
        };
    }

    private static void checkChord(int number) {
        if (number < 1 || number > 10_000) throw new Refusal("part.chords-counted", number);
    }

    /**
     * Whether it is the chord with the index {@code chord}, from 0, of {@code section}: its number is the one it has where it is
     * written; from the end those are counted that are played.
     */
    default boolean isChord(Numbered section, int chord) {
        return switch (this) {
            case OnChord(int number) -> section.chords().get(chord) == number;
            case OnChordFromEnd(int number) -> section.chords().size() - number == chord;
            case Both(Part one, Part other) -> one.isChord(section, chord) || other.isChord(section, chord);
            case SharedBars _, InBars _, InHalf _, Voice _, OnName _ -> false;
        };
    }
}
