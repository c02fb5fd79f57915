package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.music.shape.ShapeChange;
import tactus.core.written.song.ChangeCount;
import tactus.formats.font.ChordText;
import tactus.words.Words;

/** The changes between chords, the hardest work first, with what the student has counted. Style {@code changes-panel}. */
public final class ChangesPanel extends VBox {

    private static final int SHOWN = 24;

    private final Bound bound = new Bound(this);
    private final Work work;
    private final Settings settings;
    private final ChangesModel model;
    private final ProblemLabel problem;
    private final GridPane rows = new GridPane();

    public ChangesPanel(Work work, Settings settings, ProblemLabel problem) {
        this.work = work;
        this.settings = settings;
        this.problem = problem;
        model = new ChangesModel(work, settings);
        getStyleClass().add("changes-panel");
        rows.getStyleClass().add("change-rows");
        var scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        var explained = new Label(Words.of("changes.explained"));
        explained.getStyleClass().add("quiet");
        explained.setWrapText(true);
        explained.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(explained, scroll);
        bound.follow(work.stateProperty(), _ -> show());
        bound.follow(settings.handProperty(), _ -> show());
        bound.follow(settings.saysHProperty(), _ -> show());
    }

    /** Shows the changes anew if they are in sight; the field that is written in keeps the focus wherever it goes. */
    private void show() {
        if (getScene() == null) return;
        Optional<Object> written = rows.getChildren().stream()
                .filter(Node::isFocused)
                .map(Node::getUserData)
                .findFirst();
        fill();
        written.ifPresent(pair -> rows.getChildren().stream()
                .filter(node -> pair.equals(node.getUserData()))
                .forEach(Node::requestFocus));
    }

    private void fill() {
        rows.getChildren().clear();
        List<ChangesModel.Change> changes = model.changes();
        if (changes.isEmpty()) {
            rows.add(new Label(Words.of("changes.none")), 0, 0);
            return;
        }
        addHead();
        int row = 1;
        for (ChangesModel.Change change : changes.stream().limit(SHOWN).toList()) add(row++, change);
    }

    private void addHead() {
        int column = 0;
        for (String head : List.of("change", "times", "motion", "distance", "seconds", "counted")) {
            var label = new Label(Words.of("changes.head." + head));
            label.getStyleClass().add("quiet");
            rows.add(label, column++, 0);
        }
    }

    private void add(int row, ChangesModel.Change change) {
        var name = new Label(ChordText.of(change.from().name(), settings.noteSchool()) + "  –  "
                + ChordText.of(change.to().name(), settings.noteSchool()));
        name.getStyleClass().add("change-name");
        var counted = new TextField(change.counted()
                .map(count -> Integer.toString(count.perMinute()))
                .orElse(""));
        counted.setId("count-" + (row - 1));
        counted.setUserData(List.of(change.from().name(), change.to().name()));
        counted.setPrefColumnCount(4);
        counted.setPromptText("–");
        counted.setAccessibleText(
                Words.of("changes.count", change.from().name(), change.to().name()));
        Runnable keep = () -> {
            String before = change.counted()
                    .map(ChangeCount::perMinute)
                    .map(Object::toString)
                    .orElse("");
            if (counted.getText().strip().equals(before)) return;
            problem.say(model.count(change, counted.getText()));
        };
        counted.setOnAction(_ -> keep.run());
        counted.focusedProperty().subscribe((_, focused) -> {
            if (!focused) keep.run();
        });
        rows.addRow(
                row,
                name,
                new Label(Words.of("changes.times", change.times())),
                new Label(motion(change.motion())),
                new Label(
                        Words.of("capo.millimetres", Math.round(change.motion().distance()))),
                new Label(Words.of(
                        change.counted().isPresent() ? "changes.secondsCounted" : "changes.seconds", change.seconds())),
                counted);
    }

    /** {@code 2 stay, 1 moves}. */
    private static String motion(ShapeChange change) {
        var parts = new java.util.ArrayList<String>();
        for (ShapeChange.Motion motion : ShapeChange.Motion.values()) {
            int count = change.count(motion);
            if (count > 0) parts.add(Words.of("motion." + motion, count));
        }
        return String.join(", ", parts);
    }
}
