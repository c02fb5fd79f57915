package tactus.app.window;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Something the user should know, above the place, without stopping the work. Style class {@code notice-bar}. */
final class NoticeBar extends HBox {

    private final Label text = new Label();
    private Optional<Song> about = Optional.empty();

    NoticeBar() {
        getStyleClass().add("notice-bar");
        text.setId("notice");
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    /** Shows {@code message} with what can be done about it; each answer and the cross put it away. */
    void show(String message, List<Card.Answer> answers) {
        about = Optional.empty();
        text.setText(message);
        getChildren().setAll(text);
        for (var answer : answers) {
            var button = new Button(answer.text());
            button.setId("notice-" + answer.id());
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(_ -> {
                setVisible(false);
                answer.effect().run();
            });
            getChildren().add(button);
        }
        var close = new Button();
        close.setGraphic(new FontIcon(Feather.X));
        close.setAccessibleText(Words.of("notice.close"));
        close.getStyleClass().add("flat");
        close.setOnAction(_ -> setVisible(false));
        getChildren().add(close);
        setVisible(true);
    }

    /** Shows what came of an edit, after which the song is {@code made}, until the song is changed again. */
    void showOf(Song made, String message, List<Card.Answer> answers) {
        show(message, answers);
        about = Optional.of(made);
    }

    /** The song is {@code now}: what was said of it as it was before, and what was offered, is over. */
    void goOn(Song now) {
        if (about.filter(made -> !made.equals(now)).isPresent()) leave();
    }

    /** Another song is worked on: what was said of an edit of the last one is over. */
    void leave() {
        if (about.isPresent()) setVisible(false);
        about = Optional.empty();
    }
}
