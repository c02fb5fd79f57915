package tactus.app.bench.pattern;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.core.ground.refusal.NotationException;
import tactus.core.patterns.pattern.Pattern;
import tactus.words.Words;

/** The strokes as a line that can be typed. Style class {@code line-field}; state {@code :wrong}. */
public final class StrokeLineField extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Bound bound = new Bound(this);
    private final BenchModel bench;
    private final TextField text = new TextField();
    private final Label message = new Label();

    public StrokeLineField(BenchModel bench) {
        this.bench = bench;
        getStyleClass().add("line-field");
        var name = new Label(Words.of("bench.line"));
        name.getStyleClass().add("field-name");
        name.setLabelFor(text);
        text.setId("stroke-line");
        text.setAccessibleText(name.getText());
        message.getStyleClass().add("quiet");
        message.setId("stroke-line-message");
        message.setWrapText(true);
        getChildren().setAll(name, text, message);
        bound.take(text.textProperty(), this::read);
        text.focusedProperty().subscribe((_, focused) -> {
            if (!focused) bench.patternProperty().get().ifPresent(this::show);
        });
        bound.follow(bench.patternProperty(), this::follow);
    }

    private void read(String line) {
        bench.writeLine(line).ifPresentOrElse(this::complain, this::explain);
    }

    private void complain(NotationException wrong) {
        pseudoClassStateChanged(WRONG, true);
        message.setText(Words.of("bench.lineWrong", Words.why(wrong), wrong.index() + 1));
    }

    private void explain() {
        pseudoClassStateChanged(WRONG, false);
        message.setText(Words.of("bench.lineLetters"));
    }

    private void follow(Optional<Pattern> pattern) {
        setDisable(pattern.isEmpty());
        if (pattern.isEmpty()) clear();
        pattern.filter(shown -> !isTyped(shown)).ifPresent(this::show);
    }

    /** While one types, the line stays as it is as long as it means the pattern. */
    private boolean isTyped(Pattern pattern) {
        try {
            return text.isFocused() && pattern.withLine(text.getText()).equals(pattern);
        } catch (NotationException wrong) {
            return true;
        }
    }

    /** Without a pattern nothing of the last one is left. */
    private void clear() {
        try (var _ = bound.showing()) {
            text.setText("");
        }
        explain();
    }

    private void show(Pattern pattern) {
        try (var _ = bound.showing()) {
            text.setText(pattern.line());
        }
        explain();
    }
}
