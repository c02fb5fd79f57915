package tactus.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.work.Autosave;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.records.folder.DataFolder;
import tactus.sound.device.AudioOut;
import tactus.sound.transport.Transport;

/** Opens the window of a running program. */
public final class Opening {

    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private Opening() {}

    /**
     * Opens it in {@code stage}.
     *
     * @param work what is there at first
     * @param file a song to open then
     */
    public static void open(Stage stage, Work work, Optional<Path> file, DataFolder folder) {
        MainWindow window = open(stage, work, folder, new SystemFileAsker(stage));
        file.ifPresent(window::openFile);
    }

    static MainWindow open(Stage stage, Work work, DataFolder folder, FileAsker asker) {
        return open(stage, work, folder, asker, Places::of);
    }

    static MainWindow open(
            Stage stage, Work work, DataFolder folder, FileAsker asker, Function<PlaceServices, List<Place>> places) {
        var settings = new Settings(folder);
        var transport = new Transport(AudioOut::open);
        var window = new MainWindow(work, settings, new Autosave(folder), transport, asker, places, stage::hide);
        Theme.loadFonts();
        var room = Screen.getPrimary().getVisualBounds();
        var scene = new Scene(window, Math.min(WIDTH, room.getWidth()), Math.min(HEIGHT, room.getHeight()));
        WholeClicks.in(scene);
        settings.darkProperty().subscribe(dark -> Theme.dress(scene, dark));
        stage.setScene(scene);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        work.fileProperty()
                .subscribe(file -> stage.setTitle(
                        file.map(path -> path.getFileName() + " – Tactus").orElse("Tactus")));
        Thread.setDefaultUncaughtExceptionHandler((_, fault) -> {
            LOG.error("a fault nobody foresaw", fault);
            Platform.runLater(window::sayFault);
        });
        window.start();
        var settled = new PauseTransition(Duration.seconds(1));
        settled.setOnFinished(_ -> transport.prepare());
        settled.play();
        // The desktop may end its programs without asking them.
        var end = new Thread(window::keepNow, "tactus end");
        Runtime.getRuntime().addShutdownHook(end);
        closeWithCare(stage, window, transport, end);
        return window;
    }

    private static void closeWithCare(Stage stage, MainWindow window, Transport transport, Thread end) {
        stage.setOnCloseRequest(request -> {
            request.consume();
            window.askToClose(stage::hide);
        });
        stage.setOnHidden(_ -> {
            window.end();
            transport.close();
            forget(end);
        });
    }

    private static void forget(Thread end) {
        try {
            Runtime.getRuntime().removeShutdownHook(end);
        } catch (IllegalStateException ending) {
            LOG.debug("the program is ending already", ending);
        }
    }
}
