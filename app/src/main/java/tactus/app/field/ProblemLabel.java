package tactus.app.field;

import javafx.scene.control.Label;
import tactus.core.ground.refusal.Outcome;
import tactus.words.Words;

/** What is wrong with what was typed; takes no room while nothing is. Style class {@code problem}. */
public final class ProblemLabel extends Label {

    public ProblemLabel() {
        getStyleClass().add("problem");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        managedProperty().bind(textProperty().isNotEmpty());
    }

    /** Says why something cannot be, nothing if it is done; answers whether it is. */
    public boolean say(Outcome outcome) {
        setText(outcome.refusal().map(Words::why).orElse(""));
        return outcome.isDone();
    }

    /** Says nothing any longer. */
    public void clear() {
        setText("");
    }
}
