package tactus.app.bench.pattern;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import tactus.app.field.WrappingBox;
import tactus.app.hand.HandView;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;

/** Patterns to choose from as small pictures in rows, each with a word above and below. Style class {@code picture-cards}. */
public final class PictureCards extends ScrollPane {

    private final Settings settings;
    private final FlowPane row = new FlowPane();

    /**
     * One picture.
     *
     * @param key the key that chooses it, or nothing
     * @param note what speaks for it, or what is wrong
     * @param isWarning whether the note is about something wrong
     * @param choose what happens when it is clicked
     */
    public record Card(String title, String key, Passage passage, String note, boolean isWarning, Runnable choose) {}

    public PictureCards(Settings settings) {
        this.settings = settings;
        getStyleClass().add("picture-cards");
        row.getStyleClass().add("picture-card-row");
        setContent(row);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    /** Shows {@code cards}, or {@code otherwise} where there are none. */
    public void show(List<Card> cards, String otherwise) {
        if (cards.isEmpty()) {
            var empty = new Label(otherwise);
            empty.getStyleClass().add("quiet");
            empty.setWrapText(true);
            row.getChildren().setAll(empty);
            return;
        }
        int focused = focused();
        row.getChildren().setAll(cards.stream().map(this::button).toList());
        // Otherwise what is shown anew would hand the focus to whatever comes first in the window.
        if (focused >= 0)
            row.getChildren().get(Math.min(focused, cards.size() - 1)).requestFocus();
    }

    /** The card that has the focus, from 0; -1 if none has. */
    private int focused() {
        return IntStream.range(0, row.getChildren().size())
                .filter(index -> row.getChildren().get(index).isFocused())
                .findFirst()
                .orElse(-1);
    }

    private Node button(Card card) {
        var picture = new HandView(Frame.Size.SMALL);
        picture.lowStringOnTopProperty().bind(settings.lowStringOnTopProperty());
        picture.rolesProperty().bind(settings.rolesProperty());
        picture.setPassage(card.passage());
        var title = new Label(card.title());
        title.getStyleClass().add("card-title");
        var head = new HBox(title);
        head.getStyleClass().add("card-head");
        if (!card.key().isEmpty()) {
            var key = new Label(card.key());
            key.getStyleClass().add("key-cap");
            head.getChildren().add(key);
        }
        var note = new Label(card.note());
        note.getStyleClass().add(card.isWarning() ? "warning" : "quiet");
        note.setWrapText(true);
        note.setMinHeight(Region.USE_PREF_SIZE);
        note.getStyleClass().add("card-note");
        var button = new Button();
        button.getStyleClass().setAll("picture-card");
        button.setGraphic(new WrappingBox(head, picture, note));
        button.setAccessibleText(card.title() + ". " + card.note());
        button.setOnAction(_ -> card.choose().run());
        return button;
    }
}
