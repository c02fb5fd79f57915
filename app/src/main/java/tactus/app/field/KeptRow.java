package tactus.app.field;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * What stands in a pane that is shown anew at every change. It is made anew only where its facts are others: a button
 * that is replaced between the press of the mouse and its release would lose the click, and the press itself can end an
 * edit elsewhere.
 */
public final class KeptRow {

    private final Pane pane;
    private Object shown;

    public KeptRow(Pane pane) {
        this.pane = pane;
    }

    /**
     * Makes the content anew unless it stands there already.
     *
     * @param facts all that the content depends on, compared with {@code equals}
     */
    public void show(Object facts, Supplier<? extends List<? extends Node>> content) {
        if (facts.equals(shown)) return;
        shown = facts;
        pane.getChildren().setAll(content.get());
    }
}
