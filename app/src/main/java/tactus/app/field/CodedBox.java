package tactus.app.field;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;
import tactus.words.Words;

/** One of a few values that have words of their own, or none of them. */
public final class CodedBox<T extends Enum<T>> extends ComboBox<Optional<T>> {

    /**
     * @param group of the lexicon, in which the values have their words
     * @param none what stands for no value
     */
    public CodedBox(T[] values, String group, String none) {
        getItems().add(Optional.empty());
        Stream.of(values).map(Optional::of).forEach(getItems()::add);
        setConverter(new Text(group, none));
        setValue(Optional.empty());
    }

    private final class Text extends StringConverter<Optional<T>> {

        private final String group;
        private final String none;

        Text(String group, String none) {
            this.group = group;
            this.none = none;
        }

        @Override
        public String toString(Optional<T> value) {
            return value == null
                    ? ""
                    : value.map(each -> Words.lexicon().word(group, each)).orElse(none);
        }

        @Override
        public Optional<T> fromString(String text) {
            throw new UnsupportedOperationException("chosen, not typed");
        }
    }
}
