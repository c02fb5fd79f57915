package tactus.app.field;

import java.util.function.Function;
import javafx.scene.control.TextField;
import tactus.core.ground.refusal.Outcome;

/** A text that is taken with Enter or when the field is left; what is wrong with it is said beside it, and it stays. */
public final class TakenField extends TextField {

    private final Function<String, Outcome> take;
    private final ProblemLabel problem;
    private String shown = "";

    /**
     * @param take takes the text and returns what is wrong with it, if anything
     * @param problem where that is said
     */
    public TakenField(String id, Function<String, Outcome> take, ProblemLabel problem) {
        this.take = take;
        this.problem = problem;
        setId(id);
        setOnAction(_ -> take());
        focusedProperty().subscribe((_, focused) -> {
            if (!focused) take();
        });
    }

    private void take() {
        if (getText().equals(shown)) return;
        problem.say(take.apply(getText()));
    }

    /** Shows {@code text}; what was typed and not taken, since it is wrong, stays until there is something else to show. */
    public void show(String text) {
        if (text.equals(shown) && !getText().equals(shown)) return;
        shown = text;
        setText(text);
        problem.setText("");
    }
}
