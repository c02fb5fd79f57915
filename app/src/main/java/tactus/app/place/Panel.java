package tactus.app.place;

import java.util.Objects;
import javafx.scene.Node;

/**
 * One of the panels that share a room in a place.
 *
 * @param node what is shown
 * @param focus puts the focus where its work is done; it is in sight
 * @param shown is done whenever it comes into sight
 */
public record Panel(Node node, Runnable focus, Runnable shown) {

    public Panel {
        Objects.requireNonNull(node);
        Objects.requireNonNull(focus);
        Objects.requireNonNull(shown);
    }

    public static Panel of(Node node, Runnable focus) {
        return new Panel(node, focus, () -> {});
    }
}
