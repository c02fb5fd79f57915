package tactus.app.arrangement.assignment;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.place.PanelBox;
import tactus.app.place.SentenceRow;
import tactus.core.ground.refusal.Outcome;
import tactus.words.Words;

/** Hints: one line says a new one or changes one that is pressed. */
public final class HintsPanel extends PanelBox {

    private final HintsModel model;
    private final TextField hint = new TextField();
    private final ProblemLabel problem = new ProblemLabel();
    private final VBox hints = new VBox();
    private OptionalInt changed = OptionalInt.empty();

    public HintsPanel(HintsModel model) {
        this.model = model;
        hint.setId("hint");
        hint.setOnAction(_ -> take());
        hints.getStyleClass().add("sentences");
        hints.setId("hints");
        getChildren()
                .setAll(
                        new NamedField(Words.of("hints.new"), hint),
                        problem,
                        quiet(Words.of("hints.how")),
                        title("hints.all"),
                        hints);
    }

    private void take() {
        Outcome outcome =
                changed.isPresent() ? model.replace(changed.getAsInt(), hint.getText()) : model.add(hint.getText());
        if (!problem.say(outcome)) return;
        changed = OptionalInt.empty();
        hint.clear();
    }

    private void open(int index, String sentence) {
        changed = OptionalInt.of(index);
        hint.setText(sentence);
        hint.requestFocus();
        hint.end();
    }

    private void remove(int index) {
        changed = OptionalInt.empty();
        model.remove(index);
    }

    @Override
    public void show() {
        hint.setPromptText(model.usual()
                .map(section -> Words.of("hints.promptIn", section))
                .orElse(Words.of("hints.prompt")));
        List<String> all = model.all();
        if (changed.isPresent() && changed.getAsInt() >= all.size()) changed = OptionalInt.empty();
        fill(
                hints,
                IntStream.range(0, all.size()).boxed().toList(),
                index -> new SentenceRow(all.get(index), () -> open(index, all.get(index)), () -> remove(index)),
                Words.of("hints.none"));
    }

    @Override
    public Node first() {
        return hint;
    }
}
