package tactus.app.practice;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.player.LoopModel;
import tactus.core.laid.performance.HeardBars;
import tactus.core.laid.timeline.BarRange;
import tactus.words.Words;

/** Which bars go round, with what between the rounds, and how the tempo climbs. */
final class LoopPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final PracticeModel model;
    private final TextField bars = new TextField();
    private final ProblemLabel problem = new ProblemLabel();
    private final CheckBox breath = new CheckBox(Words.of("loop.breath"));
    private final ComboBox<Integer> heard = new ComboBox<>();
    private final WholeNumberSpinner climb = new WholeNumberSpinner(0, LoopModel.MOST_CLIMB);
    private final WholeNumberSpinner rounds = new WholeNumberSpinner(1, LoopModel.MOST_ROUNDS);

    LoopPanel(PracticeModel model, LoopModel loop) {
        this.model = model;
        getStyleClass().add("loop-panel");
        bars.setId("loop-bars");
        bars.setPromptText(Words.of("loop.bars-prompt"));
        breath.setId("loop-breath");
        heard.setId("loop-heard");
        heard.getItems().setAll(List.of(0, 1, 2, 4));
        heard.setConverter(new ChosenText<>(count -> Words.of("loop.heard-bars", count)));
        climb.setId("loop-climb");
        rounds.setId("loop-rounds");
        bars.setPrefColumnCount(7);
        var row = new FlowPane(
                new NamedField(Words.of("loop.bars"), bars),
                new NamedField(Words.of("loop.heard"), heard),
                new NamedField(Words.of("loop.climb"), climb),
                new NamedField(Words.of("loop.rounds"), rounds),
                breath);
        row.getStyleClass().add("head-flow");
        row.setRowValignment(VPos.BOTTOM);
        getChildren().setAll(row, problem);
        takeFrom(loop);
        follow(loop);
    }

    private void takeFrom(LoopModel loop) {
        bars.setOnAction(_ -> takeBars());
        bound.take(bars.focusedProperty(), focused -> {
            if (!focused) takeBars();
        });
        bound.take(breath.selectedProperty(), loop.breathProperty()::set);
        bound.take(
                heard.valueProperty(),
                count -> loop.heardProperty()
                        .set(Stream.of(count)
                                .filter(each -> each > 0)
                                .map(HeardBars::new)
                                .findFirst()));
        bound.take(climb.valueProperty(), loop.climbProperty()::set);
        bound.take(rounds.valueProperty(), loop.roundsProperty()::set);
    }

    private void follow(LoopModel loop) {
        bound.follow(loop.breathProperty(), breath::setSelected);
        bound.follow(
                loop.heardProperty(),
                bars -> heard.setValue(bars.map(HeardBars::bars).orElse(0)));
        bound.follow(loop.climbProperty(), number -> climb.show(number.intValue()));
        bound.follow(loop.roundsProperty(), number -> rounds.show(number.intValue()));
        bound.follow(
                model.ownBarsProperty(),
                own -> bars.setText(own.map(BarRange::toString).orElse("")));
    }

    private void takeBars() {
        if (problem.say(model.loopBars(bars.getText())))
            bars.setText(model.ownBarsProperty().get().map(BarRange::toString).orElse(""));
    }
}
