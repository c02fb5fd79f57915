package tactus.app.window;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;

/** Every command with its key, by where it works. Style class {@code key-list}. */
final class KeyList extends FlowPane {

    KeyList(Actions actions) {
        getStyleClass().add("key-list");
        for (Scope scope : Scope.values()) {
            List<Action> here = actions.all().stream()
                    .filter(action -> action.scope() == scope && !action.keys().isEmpty())
                    .toList();
            if (!here.isEmpty()) getChildren().add(group(scope, here));
        }
    }

    private static VBox group(Scope scope, List<Action> actions) {
        var title = new Label(scope.title());
        title.getStyleClass().add("column-title");
        var rows = new GridPane();
        rows.getStyleClass().add("key-rows");
        for (Action action : actions) {
            var key = new Label(action.keyText());
            key.getStyleClass().add("key-cap");
            rows.addRow(rows.getRowCount(), key, new Label(action.text()));
        }
        return new VBox(title, rows);
    }
}
