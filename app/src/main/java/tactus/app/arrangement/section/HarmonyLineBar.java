package tactus.app.arrangement.section;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenArea;
import tactus.words.Words;

/** The chords of the section as a line to be typed, explained while it is. Style class {@code harmony-line}. */
final class HarmonyLineBar extends VBox {

    private final HarmonyLineModel harmony;
    private final TakenArea line;
    private final ProblemLabel problem = new ProblemLabel();

    HarmonyLineBar(HarmonyLineModel harmony) {
        this.harmony = harmony;
        getStyleClass().add("harmony-line");
        line = new TakenArea("harmony-line", harmony::takeLine, problem);
        line.watch(harmony::problem);
        line.setPromptText(Words.of("harmony.prompt"));
        var field = new NamedField(Words.of("harmony.line"), line);
        HBox.setHgrow(field, Priority.ALWAYS);
        var help = new Label(Words.of("harmony.help"));
        help.getStyleClass().add("quiet");
        help.setWrapText(true);
        help.setMinHeight(USE_PREF_SIZE);
        help.visibleProperty().bind(line.focusedProperty());
        help.managedProperty().bind(help.visibleProperty());
        getChildren().setAll(field, problem, help);
    }

    void show() {
        line.show(harmony.subject(), harmony.line());
    }

    void takeFocus() {
        line.requestFocus();
        line.end();
    }

    boolean isTyping() {
        return line.isFocused();
    }
}
