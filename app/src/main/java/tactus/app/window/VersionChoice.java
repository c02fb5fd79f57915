package tactus.app.window;

import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.work.Work;
import tactus.core.written.song.Version;
import tactus.words.Words;

/**
 * The version that is shown, to be changed, and where changes go meanwhile; takes no room while there is only the full one.
 */
final class VersionChoice extends VBox {

    private final Bound bound = new Bound(this);
    private final ComboBox<String> shown = new ComboBox<>();
    private final Label into = new Label();

    VersionChoice(Work work, VersionsModel versions) {
        getStyleClass().add("version-choice");
        shown.setId("version");
        shown.setMinWidth(USE_PREF_SIZE);
        shown.setAccessibleText(Words.of("versions.shown"));
        shown.setConverter(new ChosenText<>(VersionsModel::title));
        into.setId("version-into");
        into.getStyleClass().add("quiet");
        into.setMinWidth(USE_PREF_SIZE);
        into.setTooltip(new Tooltip(Words.of("versions.into-tip")));
        into.managedProperty().bind(into.visibleProperty());
        setMinWidth(USE_PREF_SIZE);
        setAlignment(Pos.CENTER_RIGHT);
        managedProperty().bind(visibleProperty());
        getChildren().setAll(shown, into);
        bound.take(shown.valueProperty(), versions::show);
        bound.follow(work.stateProperty(), _ -> show(versions));
    }

    private void show(VersionsModel versions) {
        if (!shown.getItems().equals(versions.names())) shown.getItems().setAll(versions.names());
        shown.setValue(versions.shown());
        setVisible(shown.getItems().size() > 1);
        into.setVisible(!versions.shown().equals(Version.FULL));
        into.setText(Words.of("versions.into", versions.shown()));
    }
}
