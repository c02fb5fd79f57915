package tactus.app.practice;

import javafx.scene.control.Label;

/** Words in as many lines as they need; without any it takes no room. */
final class WrappedLabel extends Label {

    WrappedLabel(String id, String style) {
        setId(id);
        getStyleClass().add(style);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        managedProperty().bind(textProperty().isNotEmpty());
    }
}
