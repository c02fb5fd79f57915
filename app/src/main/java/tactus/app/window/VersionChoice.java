package tactus.app.window;

import javafx.scene.control.ComboBox;
import tactus.app.arrangement.VersionsModel;
import tactus.app.work.Work;
import tactus.words.Words;

/** The version that is shown, to be changed; takes no room while there is only the full one. */
final class VersionChoice extends ComboBox<String> {

    private boolean showing;

    VersionChoice(Work work, VersionsModel versions) {
        setId("version");
        setAccessibleText(Words.of("versions.shown"));
        managedProperty().bind(visibleProperty());
        valueProperty().subscribe((_, chosen) -> {
            if (!showing && chosen != null) versions.show(chosen);
        });
        work.stateProperty().subscribe(_ -> show(versions));
    }

    private void show(VersionsModel versions) {
        showing = true;
        if (!getItems().equals(versions.names())) getItems().setAll(versions.names());
        setValue(versions.shown());
        setVisible(getItems().size() > 1);
        showing = false;
    }
}
