package tactus.app.window;

import javafx.scene.control.ComboBox;
import tactus.app.comparison.VersionsModel;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.work.Work;
import tactus.words.Words;

/** The version that is shown, to be changed; takes no room while there is only the full one. */
final class VersionChoice extends ComboBox<String> {

    private final Bound bound = new Bound(this);

    VersionChoice(Work work, VersionsModel versions) {
        setId("version");
        setMinWidth(USE_PREF_SIZE);
        setAccessibleText(Words.of("versions.shown"));
        setConverter(new ChosenText<>(VersionsModel::title));
        managedProperty().bind(visibleProperty());
        bound.take(valueProperty(), versions::show);
        bound.follow(work.stateProperty(), _ -> show(versions));
    }

    private void show(VersionsModel versions) {
        if (!getItems().equals(versions.names())) getItems().setAll(versions.names());
        setValue(versions.shown());
        setVisible(getItems().size() > 1);
    }
}
