package tactus.app;

import java.time.Duration;
import java.time.Instant;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.slf4j.LoggerFactory;

/**
 * Logs how long it took from the start of the process until the window was drawn. With the system property {@code
 * tactus.start.only} it is printed, and the program ends: for measuring.
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
        Instant start = ProcessHandle.current().info().startInstant().orElseGet(Instant::now);
        long millis = Duration.between(start, Instant.now()).toMillis();
        LoggerFactory.getLogger(StartReport.class).info("window drawn after {} ms", millis);
        if (!Boolean.getBoolean("tactus.start.only")) return;
        System.out.println(millis);
        Platform.exit();
    }
}
