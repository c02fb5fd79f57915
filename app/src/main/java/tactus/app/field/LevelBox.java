package tactus.app.field;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;
import tactus.core.library.Level;
import tactus.words.Words;

/** For whom a song is arranged, to be chosen; nobody in particular as well. */
public final class LevelBox extends ComboBox<Optional<Level>> {

    public LevelBox() {
        getItems().add(Optional.empty());
        Stream.of(Level.values()).map(Optional::of).forEach(getItems()::add);
        setConverter(new LevelText());
        setValue(Optional.empty());
    }

    private static final class LevelText extends StringConverter<Optional<Level>> {

        @Override
        public String toString(Optional<Level> level) {
            return level.map(each -> Words.lexicon().word("level", each)).orElse(Words.of("level.nobody"));
        }

        @Override
        public Optional<Level> fromString(String text) {
            throw new UnsupportedOperationException("levels are chosen, not typed");
        }
    }
}
