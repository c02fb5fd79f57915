package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.pattern.PatternId;

/** Something said in words that what is written does not bear out. */
public sealed interface WordedSnag extends Snag {

    /**
     * A string is called by its name and by the number of another one: {@code low E (string 1)}.
     *
     * @param place where the words stand
     * @param words the name and the number as they stand there
     * @param said the number that is said
     * @param right the number of the string with that name
     * @param mended the words with the number that is right
     */
    record TwoNumbers(SnagPlace place, String words, int said, int right, String mended) implements WordedSnag {

        public TwoNumbers {
            Objects.requireNonNull(place);
            Objects.requireNonNull(words);
            Objects.requireNonNull(mended);
        }

        @Override
        public Kind kind() {
            return Kind.STRING_BY_TWO_NUMBERS;
        }

        @Override
        public List<Object> about() {
            return List.of(words);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("string", right);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new WordedFix.SayInstead(words, mended));
        }
    }

    /**
     * A pattern is called a suspension, and on none of its chords do its fingers put the second or fourth in the place of the
     * third.
     *
     * @param chord one of them
     */
    record NoSuspension(PatternId pattern, int slot, String chord) implements WordedSnag {

        public NoSuspension {
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(chord);
        }

        @Override
        public Kind kind() {
            return Kind.SUSPENSION_THAT_IS_NONE;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, slot);
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, chord);
        }
    }
}
