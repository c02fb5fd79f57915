package tactus.app.practice;

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
import tactus.core.taught.practice.ChangeWork;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/**
 * A minute of changes between two chords of the open song: the clock runs; each press of a button or of space is one, or each strum
 * that the microphone or an instrument hears.
 */
final class MinuteBox extends VBox {

    private final MinuteModel model;
    private final ComboBox<ChangeWork> change = new ComboBox<>();
    private final CheckBox byEar = new CheckBox(Words.of("minute.by-ear"));
    private final Button press = new Button();
    private final Button stop = new Button(Words.of("minute.stop"));
    private final Label said = new Label();
    private final AnimationTimer clock = new AnimationTimer() {
        @Override
        public void handle(long now) {
            if (model.isOver()) end();
        }
    };

    /**
     * @param input what strums are heard by
     * @param seconds the clock
     */
    MinuteBox(Work work, Settings settings, ClassModel students, InputModel input, DoubleSupplier seconds) {
        model = new MinuteModel(students, input, seconds);
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
        sceneProperty().subscribe(scene -> {
            if (scene != null) return;
            clock.stop();
            model.beginAnew();
            model.hearNothing();
        });
        model.minuteProperty().subscribe(_ -> show());
        var bound = new Bound(this);
        bound.follow(model.byEarProperty(), _ -> show());
        bound.follow(input.hearingProperty(), _ -> {
            // Pulled out: keys count again.
            if (byEar.isSelected() && !input.isListening()) model.hearNothing();
            show();
        });
    }

    private void prepareControls() {
        change.setId("minute-change");
        change.setAccessibleText(Words.of("minute.change"));
        change.setConverter(
                new ChosenText<>(each -> MusicText.signs(Words.of("minute.of", each.from(), each.to(), each.times()))));
        press.setId("minute-press");
        press.setOnAction(_ -> {
            if (!model.isRunning()) clock.start();
            model.press();
        });
        stop.setId("minute-stop");
        stop.setOnAction(_ -> end());
        stop.managedProperty().bind(stop.visibleProperty());
        said.setId("minute-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.textProperty().bind(model.saidProperty());
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        byEar.setId("minute-ear");
        byEar.selectedProperty().bindBidirectional(model.byEarProperty());
        byEar.setOnAction(_ -> model.listen());
    }

    private void end() {
        clock.stop();
        model.end(change.getValue());
        // The page around it was made anew.
        press.requestFocus();
    }

    /** Forgets a minute that was begun and what was said of the last one: somebody else is chosen. */
    void beginAnew() {
        clock.stop();
        model.beginAnew();
    }

    private void show() {
        boolean runs = model.isRunning();
        boolean hears = runs && model.byEarProperty().get();
        press.setText(Words.of(hears ? "minute.hears" : runs ? "minute.one" : "minute.begin"));
        press.setDisable(change.getValue() == null || hears);
        byEar.setDisable(runs);
        change.setDisable(runs);
        stop.setVisible(runs);
    }
}
