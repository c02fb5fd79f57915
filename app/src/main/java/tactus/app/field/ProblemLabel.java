package tactus.app.field;

import java.util.Optional;
import javafx.scene.control.Label;

/** What is wrong with what was typed; takes no room while nothing is. Style class {@code problem}. */
public final class ProblemLabel extends Label {

    public ProblemLabel() {
        getStyleClass().add("problem");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        managedProperty().bind(textProperty().isNotEmpty());
    }

    /** Says {@code problem}, or nothing. */
    public void say(Optional<String> problem) {
        setText(problem.orElse(""));
    }
}
