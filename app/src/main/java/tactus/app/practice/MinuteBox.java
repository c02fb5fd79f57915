package tactus.app.practice;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleSupplier;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.practice.ChangeMinute;
import tactus.core.practice.ChangeWork;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/**
 * A minute of changes between two chords of the open song: the clock runs; each press of a button or of space is one, or each strum
 * that the microphone or an instrument hears.
 */
final class MinuteBox extends VBox {

    private final ClassModel model;
    private final DoubleSupplier seconds;
    private final InputModel input;
    private final ComboBox<ChangeWork> change = new ComboBox<>();
    private final CheckBox byEar = new CheckBox(Words.of("minute.by-ear"));
    private final Button press = new Button();
    private final Button stop = new Button(Words.of("minute.stop"));
    private final Label said = new Label();
    private final AnimationTimer clock;
    private Optional<ChangeMinute> running = Optional.empty();
    private boolean isOurs;

    /**
     * @param input what strums are heard by
     * @param seconds the clock
     */
    MinuteBox(Work work, Settings settings, ClassModel model, InputModel input, DoubleSupplier seconds) {
        this.input = input;
        this.model = model;
        this.seconds = seconds;
        prepareControls();
        var row = new FlowPane(change, press, stop, byEar);
        row.getStyleClass().add("head-flow");
        getChildren().setAll(row, said);
        change.getItems()
                .setAll(ChangeWork.of(
                        work.song(),
                        work.timeline(),
                        settings.neck(work.song().facts().capo()),
                        settings.handProperty().get()));
        change.getItems().stream().findFirst().ifPresent(change::setValue);
        clock = new AnimationTimer() {
            @Override
            public void handle(long now) {
                tick();
            }
        };
        sceneProperty().subscribe(scene -> {
            if (scene == null) {
                leave();
                hearNothing();
            }
        });
        new Bound(this).follow(input.hearingProperty(), _ -> {
            // Pulled out: keys count again.
            if (byEar.isSelected() && !input.isListening()) hearNothing();
            show();
        });
        show();
    }

    private void prepareControls() {
        change.setId("minute-change");
        change.setAccessibleText(Words.of("minute.change"));
        change.setConverter(
                new ChosenText<>(each -> MusicText.signs(Words.of("minute.of", each.from(), each.to(), each.times()))));
        press.setId("minute-press");
        press.setOnAction(_ -> press());
        stop.setId("minute-stop");
        stop.setOnAction(_ -> end());
        stop.managedProperty().bind(stop.visibleProperty());
        said.setId("minute-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        byEar.setId("minute-ear");
        byEar.setOnAction(_ -> listen());
    }

    /** Strums are counted from now on, if there is something that hears them. */
    private void listen() {
        if (!byEar.isSelected()) {
            hearNothing();
            return;
        }
        if (!input.isListening()) {
            input.toggleMicrophone();
            isOurs = input.isListening();
        }
        if (input.isListening()) input.lend(this::hear);
        else byEar.setSelected(false);
        said.setText(Words.of(input.isListening() ? "minute.listens" : "input.no-microphone"));
    }

    private void hearNothing() {
        input.giveBack();
        if (isOurs) input.close();
        isOurs = false;
        byEar.setSelected(false);
    }

    private void hear(double ago) {
        running = running.map(minute -> minute.heard(now() - ago));
        show();
    }

    /** A first press begins, each further one is a change. */
    private void press() {
        if (change.getValue() == null) return;
        if (running.isEmpty()) {
            running = Optional.of(ChangeMinute.at(now()));
            said.setText("");
            clock.start();
        } else if (!byEar.isSelected()) {
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

    /** Forgets a minute that was begun and what was said of the last one: somebody else is chosen. */
    void beginAnew() {
        leave();
        said.setText("");
    }

    private void leave() {
        clock.stop();
        running = Optional.empty();
        show();
    }

    private void show() {
        boolean hears = running.isPresent() && byEar.isSelected();
        press.setText(Words.of(hears ? "minute.hears" : running.isPresent() ? "minute.one" : "minute.begin"));
        press.setDisable(change.getValue() == null || hears);
        byEar.setDisable(running.isPresent());
        change.setDisable(running.isPresent());
        stop.setVisible(running.isPresent());
        running.ifPresent(
                minute -> said.setText(Words.of("minute.left", Math.round(minute.left(now())), minute.count())));
    }
}
