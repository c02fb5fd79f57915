package tactus.app.window;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import tactus.app.work.Settings;
import tactus.words.Language;
import tactus.words.Words;

/** The languages that ship, each by its own name. What is chosen is spoken from the next start on, and says so in that language. */
final class LanguageMenu extends Menu {

    private final ToggleGroup group = new ToggleGroup();
    private final Settings settings;
    private final Consumer<String> told;

    /** @param told is given what a person must be told */
    LanguageMenu(Settings settings, Consumer<String> told) {
        super(Words.of("menu.language"));
        this.settings = settings;
        this.told = told;
        setId("menu-language");
        add("", Words.of("language.as-machine"));
        Language.codes().forEach(code -> add(code, language(code).name()));
    }

    private static Language language(String code) {
        return Language.of(code, Locale.getDefault());
    }

    private void add(String code, String name) {
        var item = new RadioMenuItem(name);
        item.setId("language-" + (code.isEmpty() ? "machine" : code));
        item.setToggleGroup(group);
        settings.languageProperty().subscribe(chosen -> item.setSelected(chosen.equals(code)));
        item.setOnAction(_ -> choose(code));
        getItems().add(item);
    }

    private void choose(String code) {
        if (code.equals(settings.languageProperty().get())) return;
        settings.languageProperty().set(code);
        told.accept(settings.areKept() ? language(code).whenChosen() : Words.of("language.unkept"));
    }
}
