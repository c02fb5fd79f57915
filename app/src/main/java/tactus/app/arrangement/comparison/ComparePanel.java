package tactus.app.arrangement.comparison;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.Typing;
import tactus.app.place.PanelBox;
import tactus.core.counsel.comparison.SideBySide;
import tactus.words.Words;

/** Two uses or sections side by side, the differences marked. */
public final class ComparePanel extends PanelBox {

    private static final PseudoClass DIFFERENT = PseudoClass.getPseudoClass("different");

    private final Bound bound = new Bound(this);
    private final CompareModel compare;
    private final ArrangementModel arrangement;
    private final ComboBox<CompareModel.Side> left = sides("compare-left");
    private final ComboBox<CompareModel.Side> right = sides("compare-right");
    private final Label verdict = plain("");
    private final Label played = quiet("");
    private final GridPane lines = new GridPane();
    private final TextArea recap = new TextArea();
    private final VBox recapped = new VBox();
    private final Typing<List<String>> recapping;

    public ComparePanel(CompareModel compare, ArrangementModel arrangement) {
        this.compare = compare;
        recapping = new Typing<>(compare::recap, this::showRecap, () -> showRecap(List.of()));
        this.arrangement = arrangement;
        lines.getStyleClass().add("compare-lines");
        verdict.setId("compare-verdict");
        for (int column = 0; column < 2; column++) {
            var half = new ColumnConstraints();
            half.setPercentWidth(50);
            lines.getColumnConstraints().add(half);
        }
        getChildren()
                .setAll(
                        new NamedField(Words.of("recap.title"), recap),
                        recapped,
                        quiet(Words.of("recap.how")),
                        new NamedField(Words.of("compare.left"), left),
                        new NamedField(Words.of("compare.right"), right),
                        verdict,
                        lines,
                        played);
        recap.setId("recap");
        recap.setWrapText(true);
        recap.setPrefRowCount(3);
        recap.setPromptText(Words.of("recap.prompt"));
        recap.textProperty().subscribe((_, _) -> showRecap());
        recapped.setId("recapped");
        recapped.getStyleClass().add("sentences");
    }

    private ComboBox<CompareModel.Side> sides(String id) {
        var box = new ComboBox<CompareModel.Side>();
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new ChosenText<>(CompareModel.Side::name));
        bound.take(box.valueProperty(), _ -> showLines());
        return box;
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            List<CompareModel.Side> sides = compare.sides();
            int chosen = arrangement.choice().use().orElse(0);
            keep(left, sides, chosen);
            keep(right, sides, compare.other(chosen));
        }
        showLines();
        showRecap();
    }

    private void showRecap() {
        recapping.read(recap.getText());
    }

    private void showRecap(List<String> found) {
        recapped.getChildren().setAll(found.stream().map(PanelBox::plain).toList());
    }

    /** Keeps what was chosen where it is still there. */
    private static void keep(ComboBox<CompareModel.Side> box, List<CompareModel.Side> sides, int usual) {
        CompareModel.Side before = box.getValue();
        if (!box.getItems().equals(sides)) box.getItems().setAll(sides);
        if (sides.contains(before)) box.setValue(before);
        else box.setValue(sides.isEmpty() ? null : sides.get(Math.min(usual, sides.size() - 1)));
    }

    private void showLines() {
        lines.getChildren().clear();
        verdict.setText("");
        played.setText("");
        if (left.getValue() == null || right.getValue() == null) return;
        compare.compare(left.getValue(), right.getValue()).ifPresent(this::show);
    }

    private void show(SideBySide sides) {
        String said = sides.isSame()
                ? Words.of("compare.same")
                : Words.of("compare.differ", sides.differences().size());
        verdict.setText(said);
        played.setText(compare.played(left.getValue(), right.getValue()));
        for (int row = 0; row < sides.lines().size(); row++) {
            SideBySide.Line line = sides.lines().get(row);
            addCell(row, 0, line.left(), line.kind());
            addCell(row, 1, line.right(), line.kind());
        }
    }

    private void addCell(int row, int column, Optional<SideBySide.Held> held, SideBySide.Kind kind) {
        String sign = kind.isSame() ? "" : "≠ ";
        var cell = plain(held.map(each -> sign + each.bar() + "  " + each.chord() + "  " + Words.value(each.length()))
                .orElse("–"));
        cell.getStyleClass().add("compare-cell");
        cell.pseudoClassStateChanged(DIFFERENT, !kind.isSame());
        lines.add(cell, column, row);
    }

    @Override
    public Node first() {
        return left;
    }
}
