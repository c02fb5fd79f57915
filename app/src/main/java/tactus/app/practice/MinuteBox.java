package tactus.app.practice;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleSupplier;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import tactus.app.field.ChosenText;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.practice.ChangeMinute;
import tactus.core.practice.ChangeWork;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** A minute of changes between two chords of the open song: the clock runs, each press of a button or of space is one. */
final class MinuteBox extends VBox {

    private final ClassModel model;
    private final DoubleSupplier seconds;
    private final ComboBox<ChangeWork> change = new ComboBox<>();
    private final Button press = new Button();
    private final Button stop = new Button(Words.of("minute.stop"));
    private final Label said = new Label();
    private final AnimationTimer clock;
    private Optional<ChangeMinute> running = Optional.empty();

    /** @param seconds the clock */
    MinuteBox(Work work, Settings settings, ClassModel model, DoubleSupplier seconds) {
        this.model = model;
        this.seconds = seconds;
        change.setId("minute-change");
        change.setAccessibleText(Words.of("minute.change"));
        change.setConverter(
                new ChosenText<>(each -> MusicText.signs(Words.of("minute.of", each.from(), each.to(), each.times()))));
        press.setId("minute-press");
        press.setOnAction(_ -> press());
        stop.setId("minute-stop");
        stop.setOnAction(_ -> end());
        said.setId("minute-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        var row = new FlowPane(change, press, stop);
        row.getStyleClass().add("head-flow");
        getChildren().setAll(row, said);
        List<ChangeWork> changes = ChangeWork.of(
                work.song(),
                work.timeline(),
                settings.neck(work.song().facts().capo()),
                settings.handProperty().get());
        change.getItems().setAll(changes);
        if (!changes.isEmpty()) change.setValue(changes.getFirst());
        clock = new AnimationTimer() {
            @Override
            public void handle(long now) {
                tick();
            }
        };
        sceneProperty().subscribe(scene -> {
            if (scene == null) leave();
        });
        show();
    }

    /** A first press begins, each further one is a change. */
    private void press() {
        if (change.getValue() == null) return;
        if (running.isEmpty()) {
            running = Optional.of(ChangeMinute.at(now()));
            said.setText("");
            clock.start();
        } else {
            running = running.map(minute -> minute.counted(now()));
        }
        show();
    }

    private double now() {
        return seconds.getAsDouble();
    }

    private void tick() {
        if (running.filter(minute -> minute.isOver(now())).isPresent()) end();
        else show();
    }

    private void end() {
        if (running.isEmpty()) return;
        ChangeMinute over = running.get();
        OptionalInt perMinute = over.perMinute(now());
        leave();
        ChangeWork of = change.getValue();
        if (perMinute.isEmpty()) {
            said.setText(Words.of("minute.short"));
            return;
        }
        Optional<String> wrong = model.count(of.from(), of.to(), perMinute.getAsInt());
        said.setText(
                wrong.orElse(MusicText.signs(Words.of("progress.change", of.from(), of.to(), perMinute.getAsInt()))));
        // The page around it was made anew.
        press.requestFocus();
    }

    private void leave() {
        clock.stop();
        running = Optional.empty();
        show();
    }

    private void show() {
        press.setText(Words.of(running.isPresent() ? "minute.one" : "minute.begin"));
        press.setDisable(change.getValue() == null);
        change.setDisable(running.isPresent());
        stop.setVisible(running.isPresent());
        running.ifPresent(
                minute -> said.setText(Words.of("minute.left", Math.round(minute.left(now())), minute.count())));
    }
}
