package tactus.app.setup;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.words.Words;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.song.Song;
import tactus.core.song.Span;

/** The place where facts and chords are settled. Style class {@code set-up-view}. */
public final class SetUpView extends BorderPane {

    private final Work work;
    private final SetUpModel model;
    private final Settings settings;
    private final FactsForm form;
    private final FlowPane chords = new FlowPane();
    private final TextField name = new TextField();
    private final TextField frets = new TextField();
    private final Label missing = new Label();
    private final Label problem = new Label();

    public SetUpView(Work work, Settings settings) {
        this.work = work;
        this.settings = settings;
        model = new SetUpModel(work);
        form = new FactsForm(model, problem);
        getStyleClass().add("set-up-view");
        problem.getStyleClass().add("problem");
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        var left = new ScrollPane(form);
        left.setFitToWidth(true);
        left.getStyleClass().add("facts-column");
        setLeft(left);
        setCenter(chordColumn());
        work.stateProperty().subscribe(_ -> show());
        settings.lowStringOnTopProperty().subscribe(_ -> show());
    }

    private VBox chordColumn() {
        var title = new Label(Words.of("setup.chords"));
        title.getStyleClass().add("column-title");
        chords.getStyleClass().add("chord-strip");
        missing.getStyleClass().add("snag-line");
        missing.setWrapText(true);
        missing.managedProperty().bind(missing.textProperty().isNotEmpty());
        missing.visibleProperty().bind(missing.textProperty().isNotEmpty());
        name.setId("chord-name");
        frets.setId("chord-frets");
        name.setPrefColumnCount(6);
        frets.setPrefColumnCount(9);
        frets.setPromptText("x32010");
        var add = new Button(Words.of("setup.addChord"));
        add.setId("add-chord");
        add.setOnAction(_ -> add());
        frets.setOnAction(_ -> add());
        var row = new HBox(
                new NamedField(Words.of("setup.chordName"), name),
                new NamedField(Words.of("setup.chordFrets"), frets),
                add);
        row.getStyleClass().add("frame-bar");
        var scroll = new ScrollPane(chords);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("chord-scroll");
        var column = new VBox(title, problem, row, missing, scroll);
        column.getStyleClass().add("chord-column");
        return column;
    }

    private void add() {
        var wrong = model.setChord(name.getText(), frets.getText());
        problem.setText(wrong.orElse(""));
        if (wrong.isPresent()) return;
        name.clear();
        frets.clear();
        name.requestFocus();
    }

    private void show() {
        Song song = work.song();
        form.show(song.facts());
        boolean low = settings.lowStringOnTopProperty().get();
        chords.getChildren()
                .setAll(song.chords().stream()
                        .map(chord -> new ChordCard(chord, model, problem, low))
                        .toList());
        List<String> unshaped = song.sections().stream()
                .flatMap(section -> section.spans().stream())
                .map(Span::chord)
                .distinct()
                .filter(chord -> song.chord(chord).isEmpty())
                .toList();
        missing.setText(unshaped.isEmpty() ? "" : Words.of("setup.missing", String.join(", ", unshaped)));
    }

    /** Puts the focus on the first field. */
    public void takeFocus() {
        form.takeFocus();
    }
}
