package tactus.app.arrangement.comparison;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.place.PanelBox;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.sum.Sums;
import tactus.core.music.time.Length;
import tactus.words.Words;

/** How long everything is, against the recording and the plan. */
public final class SumsPanel extends PanelBox {

    private static final int MOST_ROWS = 80;
    private static final double NANOS = 1e-9;

    private final SumsModel sums;
    private final ArrangementModel arrangement;
    private final GridPane table = new GridPane();
    private final ProblemLabel problem = new ProblemLabel();
    private final TakenField recording;
    private final TakenField planned;
    private final Label comparison = plain("");
    private final Button takeTempo = new Button(Words.of("sums.takeTempo"));
    private final TextField time = new TextField();
    private final Label place = plain("");
    private final Label tapped = quiet(Words.of("sums.tapOn"));

    public SumsPanel(SumsModel sums, ArrangementModel arrangement) {
        this.sums = sums;
        this.arrangement = arrangement;
        table.getStyleClass().add("sums-table");
        recording = new TakenField("sums-recording", sums::takeRecording, problem);
        planned = new TakenField("sums-planned", sums::takePlanned, problem);
        recording.setPromptText(Words.of("sums.recordingPrompt"));
        planned.setPromptText(Words.of("sums.plannedPrompt"));
        time.setId("sums-time");
        time.setPromptText(Words.of("sums.timePrompt"));
        place.setId("sums-place");
        comparison.setId("sums-comparison");
        comparison.managedProperty().bind(comparison.textProperty().isNotEmpty());
        takeTempo.managedProperty().bind(takeTempo.visibleProperty());
        takeTempo.setOnAction(_ -> sums.takeTempo());
        time.textProperty().subscribe((_, text) -> place.setText(sums.place(text)));
        place.managedProperty().bind(place.textProperty().isNotEmpty());
        getChildren()
                .setAll(
                        table,
                        new NamedField(Words.of("sums.recording"), recording),
                        problem,
                        comparison,
                        takeTempo,
                        new NamedField(Words.of("sums.time"), time),
                        place,
                        taps(),
                        tapped,
                        new NamedField(Words.of("sums.planned"), planned));
    }

    private HBox taps() {
        var tap = new Button(Words.of("sums.tap"));
        tap.setId("sums-tap");
        tap.setOnAction(_ -> tapped.setText(sums.tap(System.nanoTime() * NANOS)));
        var take = new Button(Words.of("sums.takeTapped"));
        take.setOnAction(_ -> sums.takeTapped());
        var row = new HBox(tap, take);
        row.getStyleClass().add("panel-row");
        return row;
    }

    @Override
    public void show() {
        Sums now = sums.sums();
        table.getChildren().clear();
        addRow(
                0,
                List.of(
                        "",
                        Words.of("sums.bars"),
                        Words.of("sums.rounds"),
                        Words.of("sums.shape"),
                        Words.of("sums.length")),
                "quiet");
        int row = 1;
        for (Sums.Part part : now.parts().stream().limit(MOST_ROWS).toList()) addPart(row++, part);
        int more = now.parts().size() - MOST_ROWS;
        if (more > 0) addRow(row++, List.of(Words.of("open.more", more)), "quiet");
        addRow(
                row,
                List.of(
                        Words.of("sums.all", now.beats()),
                        Integer.toString(now.bars()),
                        "",
                        "",
                        Recording.clock(now.seconds())),
                "sums-total");
        recording.show(sums.recording());
        planned.show(sums.planned());
        comparison.setText(sums.comparison());
        takeTempo.setVisible(sums.compared().filter(Recording::isPossible).isPresent());
        place.setText(sums.place(time.getText()));
    }

    private void addPart(int row, Sums.Part part) {
        String rounds = part.rounds().map(Length::toString).orElse("–");
        String name = sums.name(part) + (part.passes() > 1 ? " ×" + part.passes() : "");
        String shape = part.shape().toString();
        String clock = Recording.clock(part.seconds());
        addRow(row, List.of(name, Integer.toString(part.bars()), rounds, shape, clock), "sums-row");
        table.getChildren().stream()
                .filter(cell -> GridPane.getRowIndex(cell) == row)
                .forEach(cell -> cell.setOnMouseClicked(_ -> arrangement.chooseUse(part.use())));
    }

    private void addRow(int row, List<String> cells, String style) {
        for (int column = 0; column < cells.size(); column++) {
            var cell = new Label(cells.get(column));
            cell.getStyleClass().add(style);
            if (column == 0) cell.setWrapText(true);
            else cell.setMinWidth(USE_PREF_SIZE);
            table.add(cell, column, row);
        }
    }

    @Override
    public Node first() {
        return recording;
    }
}
