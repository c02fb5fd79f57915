package tactus.app.window;

import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import tactus.words.Words;

/** One quiet line: what was done, what runs, and whether anything can be heard. Style class {@code status-line}. */
final class StatusLine extends HBox {

    private final Label text = new Label();
    private final Label sound = new Label();
    private final ProgressBar progress = new ProgressBar();
    private final Button cancel = new Button(Words.of("status.cancel"));

    StatusLine() {
        getStyleClass().add("status-line");
        setAlignment(Pos.CENTER_LEFT);
        text.setId("status");
        sound.setId("sound-status");
        cancel.setId("cancel-task");
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        // At the edge, so that nothing that comes to be said moves it away under the mouse.
        getChildren().setAll(text, progress, sound, cancel);
        progress.managedProperty().bind(progress.visibleProperty());
        cancel.managedProperty().bind(cancel.visibleProperty());
        showTask(false);
    }

    void say(String message) {
        text.setText(message);
    }

    void sayNoSound(boolean silent) {
        sound.setText(silent ? Words.of("status.silent") : "");
    }

    /** Shows how far {@code task} is and lets it be cancelled, until it ends. */
    void follow(Task<?> task, String message) {
        say(message);
        progress.progressProperty().bind(task.progressProperty());
        cancel.setOnAction(_ -> task.cancel());
        showTask(true);
        task.runningProperty().subscribe((was, runs) -> {
            if (was && !runs) showTask(false);
        });
    }

    private void showTask(boolean runs) {
        progress.setVisible(runs);
        cancel.setVisible(runs);
    }
}
