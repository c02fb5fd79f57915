package tactus.app.place;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.words.Words;

/** A sentence that can be opened, and taken away with its button or the Delete key. Style class {@code sentence-row}. */
public final class SentenceRow extends HBox {

    public SentenceRow(String text, Runnable open, Runnable remove) {
        getStyleClass().add("sentence-row");
        Hyperlink sentence = PanelBox.link(text, open);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        sentence.setMaxWidth(Double.MAX_VALUE);
        sentence.setOnKeyPressed(press -> {
            if (press.getCode() != KeyCode.DELETE) return;
            remove.run();
            press.consume();
        });
        getChildren().setAll(sentence, removal(text, remove));
    }

    /** A row with one more thing to do, in words. */
    public SentenceRow with(String title, Runnable action) {
        Hyperlink link = PanelBox.link(title, action);
        link.setMinWidth(USE_PREF_SIZE);
        getChildren().add(1, link);
        return this;
    }

    private static Node removal(String text, Runnable remove) {
        var button = new Button();
        button.setGraphic(new FontIcon(Feather.X));
        button.setAccessibleText(Words.of("sentence.remove", text));
        button.setMinWidth(USE_PREF_SIZE);
        button.setFocusTraversable(false);
        button.setOnAction(_ -> remove.run());
        return button;
    }
}
