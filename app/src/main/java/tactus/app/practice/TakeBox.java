package tactus.app.practice;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.core.taught.practice.Round;
import tactus.core.taught.practice.Take;
import tactus.words.TakeWords;
import tactus.words.Words;

/** What was played: the stroke that came just now, the last round in a sentence, in numbers and as a strip; until then the keys. */
final class TakeBox extends VBox {

    private final PracticeModel model;
    private final TakeStrip strip = new TakeStrip();
    private final WrappedLabel stroke = new WrappedLabel("take-now", "take-now");
    private final WrappedLabel sentence = new WrappedLabel("take-sentence", "take-sentence");
    private final WrappedLabel numbers = new WrappedLabel("take-numbers", "quiet");

    TakeBox(PracticeModel model) {
        this.model = model;
        getStyleClass().add("take-box");
        var unkept = new ProblemLabel();
        unkept.setId("take-unkept");
        unkept.textProperty().bind(model.unkeptProperty());
        unkept.managedProperty().bind(unkept.textProperty().isNotEmpty());
        getChildren().setAll(stroke, sentence, numbers, unkept, strip, keys());
        strip.managedProperty().bind(strip.takeProperty().map(Optional::isPresent));
        TakeModel takes = model.takes();
        var bound = new Bound(this);
        bound.follow(
                this::showTake,
                takes.takeProperty(),
                takes.earlyProperty(),
                model.chosenProperty(),
                model.stepsProperty(),
                model.ownBarsProperty());
        bound.follow(takes.nowProperty(), this::showNow);
    }

    /** Who has played a round knows them. */
    private WrappedLabel keys() {
        var keys = new WrappedLabel("practice-keys", "quiet");
        keys.setText(Words.of("practice.keys"));
        keys.visibleProperty()
                .bind(sentence.textProperty()
                        .isEmpty()
                        .and(model.standIn().playsProperty().not()));
        keys.managedProperty().unbind();
        keys.managedProperty().bind(keys.visibleProperty());
        return keys;
    }

    private void showTake() {
        TakeModel takes = model.takes();
        String early = takes.earlyProperty().get() ? Words.of("practice.playFirst") : "";
        sentence.setText(takes.takeProperty()
                .get()
                .filter(_ -> early.isEmpty())
                .map(TakeWords::sentence)
                .orElse(early));
        numbers.setText(takes.takeProperty().get().map(this::numbers).orElse(""));
        showNow(takes.nowProperty().get());
    }

    /** The round that is played, as far as it is; otherwise the last one. */
    private void showNow(Optional<Round.Judged> now) {
        stroke.setText(now.map(each -> TakeWords.stroke(each.last())).orElse(""));
        strip.toComeProperty()
                .set(now.map(each -> each.due()
                                .subList(
                                        each.take().strokes().size(), each.due().size()))
                        .orElse(List.of()));
        strip.takeProperty().set(model.takes().shown());
    }

    private String numbers(Take take) {
        return Words.of(
                "take.numbers",
                take.score(),
                Math.round(take.meanMs()),
                Math.round(take.spreadMs()),
                String.format(Locale.ROOT, "%.1f", Math.round(take.driftPercent() * 10) / 10.0 + 0.0),
                take.missed(),
                take.extra().size(),
                model.scoreOfLastWeek().orElse(-1));
    }
}
