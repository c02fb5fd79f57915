package tactus.app;

import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.stage.Stage;
import tactus.app.window.Opening;
import tactus.records.folder.DataFolder;

/** Opens the main window. */
public final class TactusApplication extends Application {

    /** The parameter that asks for the demo songs. */
    static final String DEMO = "--demo";

    /** Called by the launcher. */
    public TactusApplication() {}

    @Override
    public void start(Stage stage) {
        Opening.open(stage, FirstSong.get(), file(), DataFolder.usual());
        StartReport.when(stage);
        stage.show();
    }

    private Optional<Path> file() {
        return getParameters().getRaw().stream()
                .filter(text -> !text.equals(DEMO))
                .map(Path::of)
                .findFirst();
    }
}
