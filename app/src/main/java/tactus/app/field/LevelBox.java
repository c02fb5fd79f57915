package tactus.app.field;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import tactus.core.patterns.library.Level;
import tactus.words.Words;

/** For whom a song is arranged, to be chosen; nobody in particular as well. */
public final class LevelBox extends ComboBox<Optional<Level>> {

    public LevelBox() {
        getItems().add(Optional.empty());
        Stream.of(Level.values()).map(Optional::of).forEach(getItems()::add);
        setConverter(new ChosenText<>(LevelBox::said));
        setValue(Optional.empty());
    }

    private static String said(Optional<Level> level) {
        return level.map(each -> Words.lexicon().word("level", each)).orElse(Words.of("level.nobody"));
    }
}
