package tactus.app;

import javafx.application.Platform;
import javafx.stage.Stage;
import org.slf4j.LoggerFactory;

/**
 * Logs when the window has been drawn. With the system property {@code tactus.start.only} it is printed as well, and the
 * program ends: so that what started it can measure how long that took.
 */
final class StartReport {

    private StartReport() {}

    static void when(Stage stage) {
        stage.setOnShown(_ -> afterPulses(stage, 2));
    }

    /** The picture is on the screen when the pulse after the first one that drew it begins. */
    private static void afterPulses(Stage stage, int pulses) {
        var scene = stage.getScene();
        var runnable = new Runnable[1];
        int[] left = {pulses};
        runnable[0] = () -> {
            if (--left[0] > 0) {
                Platform.requestNextPulse();
                return;
            }
            scene.removePostLayoutPulseListener(runnable[0]);
            report();
        };
        scene.addPostLayoutPulseListener(runnable[0]);
        Platform.requestNextPulse();
    }

    private static void report() {
        LoggerFactory.getLogger(StartReport.class).info("window drawn");
        if (!Boolean.getBoolean("tactus.start.only")) return;
        System.out.println("drawn");
        Platform.exit();
    }
}
