package tactus.benchmarks;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** A JavaFX window with nothing in it, which says when it was drawn and ends: what any start is measured against. */
public final class EmptyWindow extends Application {

    /** Called by the launcher. */
    public EmptyWindow() {}

    @Override
    public void start(Stage stage) {
        var scene = new Scene(new StackPane(), 1280, 800);
        stage.setScene(scene);
        int[] pulses = {2};
        stage.setOnShown(_ -> {
            scene.addPostLayoutPulseListener(() -> {
                if (--pulses[0] == 0) {
                    System.out.println("drawn");
                    Platform.exit();
                } else Platform.requestNextPulse();
            });
            Platform.requestNextPulse();
        });
        stage.show();
    }
}
