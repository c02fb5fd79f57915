package tactus.app.practice;

import java.util.List;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.WrappedCell;
import tactus.core.taught.practice.HandLoad;
import tactus.core.taught.practice.LadderStep;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The ladder, its first step at the foot, and what it asks of the hands. */
final class LadderColumn extends VBox {

    private final Bound bound = new Bound(this);
    private final PracticeModel model;
    private final ListView<Integer> ladder = new ListView<>();
    private final WrappedLabel load = new WrappedLabel("practice-load", "quiet");

    LadderColumn(PracticeModel model) {
        this.model = model;
        getStyleClass().add("side-column");
        ladder.setId("ladder");
        ladder.setAccessibleText(Words.of("practice.ladder"));
        ladder.setCellFactory(_ -> new StepCell());
        var title = new Label(Words.of("practice.ladder"));
        title.getStyleClass().add("column-title");
        getChildren().setAll(title, ladder, load);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        ladder.getSelectionModel().selectedItemProperty().subscribe((_, index) -> {
            if (!bound.isShowing() && index != null) model.chosenProperty().set(index);
        });
        bound.follow(this::showLadder, model.stepsProperty());
        bound.follow(this::showChosen, model.chosenProperty(), model.stepsProperty());
    }

    void takeFocus() {
        ladder.requestFocus();
    }

    private void showLadder() {
        List<LadderStep> steps = model.stepsProperty().get();
        // One climbs upwards: the first step lies at the foot.
        ladder.getItems()
                .setAll(IntStream.range(0, steps.size())
                        .map(i -> steps.size() - 1 - i)
                        .boxed()
                        .toList());
        HandLoad asked = model.load();
        long held = Math.round(asked.barreSeconds());
        long downs = Math.round(asked.downsAMinute());
        load.setText(Words.of("practice.load", held, downs)
                + String.join(
                        "",
                        asked.cautions(0).stream()
                                .map(code -> " " + Words.of(code, held, downs))
                                .toList()));
    }

    private void showChosen() {
        int row = ladder.getItems().indexOf(model.chosenProperty().get());
        if (row < 0) return;
        ladder.getSelectionModel().select(row);
        // Rows have their heights once they are laid out.
        Platform.runLater(() -> ladder.scrollTo(row));
    }

    /** What a step is and at which tempos. */
    private final class StepCell extends WrappedCell<Integer> {

        private final Label title = new Label();
        private final Label facts = new Label();
        private final VBox box = new VBox(title, facts);

        StepCell() {
            title.setWrapText(true);
            title.setMinHeight(USE_PREF_SIZE);
            facts.getStyleClass().add("quiet");
        }

        @Override
        protected void updateItem(Integer index, boolean isEmpty) {
            super.updateItem(index, isEmpty);
            List<LadderStep> steps = model.stepsProperty().get();
            boolean isGone = isEmpty || index == null || index >= steps.size();
            setGraphic(isGone ? null : box);
            if (isGone) return;
            LadderStep step = steps.get(index);
            title.setText(MusicText.signs(Words.say(step.what())));
            facts.setText(Words.of(
                    "practice.cell",
                    step.bars().toString(),
                    step.from(),
                    step.to(),
                    step.minutes(),
                    step.bars().from() == step.bars().to() ? 0 : 1));
        }
    }
}
