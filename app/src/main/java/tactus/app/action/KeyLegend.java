package tactus.app.action;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** The keys that work on a place, shown beside it. Style class {@code key-legend}. */
public final class KeyLegend extends FlowPane {

    public KeyLegend(Actions actions, Scope scope) {
        getStyleClass().add("key-legend");
        List<Action> shown =
                actions.all().stream().filter(action -> action.scope() == scope).toList();
        shown.forEach(action -> getChildren().add(entry(action)));
    }

    private static Label entry(Action action) {
        var key = new Label(action.keyText());
        key.getStyleClass().add("key-cap");
        var entry = new Label(action.text(), key);
        entry.getStyleClass().addAll("key-entry", "quiet");
        return entry;
    }
}
