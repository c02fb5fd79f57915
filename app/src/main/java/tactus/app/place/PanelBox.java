package tactus.app.place;

import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import tactus.words.Words;

/** A panel beside the bars, its parts below each other. Style class {@code arrangement-panel}. */
public abstract class PanelBox extends VBox {

    protected PanelBox() {
        getStyleClass().add("arrangement-panel");
    }

    /** Shows what is chosen now. */
    public abstract void show();

    /** Where one goes on when the panel is brought into sight. */
    public abstract Node first();

    protected static Label title(String key) {
        var title = new Label(Words.of(key));
        title.getStyleClass().add("column-title");
        return title;
    }

    protected static Label quiet(String text) {
        var label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    protected static Label plain(String text) {
        var label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    protected static Hyperlink link(String text, Runnable effect) {
        var link = new Hyperlink(text);
        link.setWrapText(true);
        link.setMinHeight(USE_PREF_SIZE);
        link.setOnAction(_ -> effect.run());
        return link;
    }

    /** A list of nodes made from {@code things}; a line that says there is nothing where there are none. */
    protected static <T> void fill(VBox list, List<T> things, Function<T, Node> node, String none) {
        list.getChildren().setAll(things.stream().map(node).toList());
        if (things.isEmpty() && !none.isEmpty()) list.getChildren().add(quiet(none));
    }
}
