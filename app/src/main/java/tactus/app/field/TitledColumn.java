package tactus.app.field;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import tactus.words.Words;

/** Fields under a title, beside other columns of a page. Style class {@code start-column}. */
public final class TitledColumn extends VBox {

    /** @param key of the title among the words of the screen */
    public TitledColumn(String key, Node... parts) {
        var title = new Label(Words.of(key));
        title.getStyleClass().add("column-title");
        getStyleClass().add("start-column");
        getChildren().add(title);
        getChildren().addAll(parts);
    }
}
