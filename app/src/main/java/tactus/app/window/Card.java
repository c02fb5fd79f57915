package tactus.app.window;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A card over the window, for a question or a list; Escape puts it away. Style class {@code overlay}. */
final class Card extends StackPane {

    /** A button under a question. */
    record Answer(String id, String text, Runnable effect) {}

    private Node before;
    private boolean isPage;

    Card() {
        getStyleClass().add("overlay");
        hide();
        addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() == KeyCode.ESCAPE) {
                hide();
                press.consume();
            }
        });
    }

    /** Asks; the first answer has the focus. Nothing happens if it is put away. */
    void ask(String title, String text, List<Answer> answers) {
        var body = new Label(text);
        body.setWrapText(true);
        var buttons = new HBox();
        buttons.getStyleClass().add("answers");
        for (Answer answer : answers) {
            var button = new Button(answer.text());
            button.setId("answer-" + answer.id());
            button.setDefaultButton(buttons.getChildren().isEmpty());
            button.setOnAction(_ -> {
                hide();
                answer.effect().run();
            });
            buttons.getChildren().add(button);
        }
        isPage = false;
        show(title, body, buttons, buttons.getChildren().getFirst());
    }

    /** Whether it asks or tells something, behind which no command is reached. */
    boolean isQuestion() {
        return isVisible() && !isPage;
    }

    /** Shows something to read. */
    void tell(String title, Node content, String close) {
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        var button = new Button(close);
        button.setDefaultButton(true);
        button.setOnAction(_ -> hide());
        var buttons = new HBox(button);
        buttons.getStyleClass().add("answers");
        isPage = false;
        show(title, scroll, buttons, button).getStyleClass().add("reading");
    }

    /** Shows a page that does its own work; Escape puts it away. */
    VBox page(String title, Node content, Node focus) {
        isPage = true;
        VBox card = show(title, content, new HBox(), focus);
        VBox.setVgrow(content, Priority.ALWAYS);
        card.getStyleClass().add("whole-page");
        return card;
    }

    private VBox show(String title, Node body, Node buttons, Node focus) {
        var heading = new Label(title);
        heading.getStyleClass().add("overlay-title");
        var card = new VBox(heading, body, buttons);
        card.getStyleClass().add("overlay-card");
        card.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren().setAll(card);
        before = getScene() == null ? null : getScene().getFocusOwner();
        setVisible(true);
        focus.requestFocus();
        return card;
    }

    void hide() {
        setVisible(false);
        getChildren().clear();
        if (before != null) before.requestFocus();
        before = null;
    }
}
