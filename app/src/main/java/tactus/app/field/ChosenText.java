package tactus.app.field;

import java.util.function.Function;
import javafx.util.StringConverter;

/** What the values of a choice are called; they are only chosen, never typed. */
public final class ChosenText<T> extends StringConverter<T> {

    private final Function<T, String> words;

    public ChosenText(Function<T, String> words) {
        this.words = words;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new UnsupportedOperationException("is only chosen, never typed");
    }
}
