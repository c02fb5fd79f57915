package tactus.app.practice;

import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** What pages that cover the practice are made of: texts that wrap, buttons and links that keep their width. */
final class PageText {

    private PageText() {}

    static Label text(String said, String style) {
        var label = new Label(MusicText.signs(said));
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    static Button button(String words, String id, Runnable effect) {
        return made(new Button(Words.of(words)), id, effect);
    }

    static Hyperlink link(String words, String id, Runnable effect) {
        return made(new Hyperlink(Words.of(words)), id, effect);
    }

    private static <T extends ButtonBase> T made(T button, String id, Runnable effect) {
        button.setId(id);
        button.setOnAction(_ -> effect.run());
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }
}
