package tactus.app.start;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.LevelBox;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TitledColumn;
import tactus.app.field.Typing;
import tactus.core.reading.chart.Chart;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

/**
 * The page on which a song begins: a few facts, all of them optional, or pasted chords with what is understood of them
 * beside, or a song that is there. Style class {@code start-page}.
 */
public final class StartPage extends VBox {

    /** What is done with what is chosen here. */
    public interface Beginning {

        /** Begins with the facts alone. */
        void with(NewSong facts);

        /** Begins with pasted chords. */
        void with(NewSong facts, Chart chart);

        void with(DemoSong demo);

        void open(Path file);

        /** Begins a song like the one in {@code file}, which stays as it is. */
        void like(Path file);

        /** Asks for a folder. */
        Optional<Path> folder();

        /** Asks for a file. */
        void open();
    }

    private final Beginning beginning;
    private final TextField title = new TextField();
    private final ComboBox<String> key = new ComboBox<>();
    private final TextField tempo = new TextField();
    private final ComboBox<String> meter = new ComboBox<>();
    private final LevelBox level = new LevelBox();
    private final ProblemLabel problem = new ProblemLabel();
    private final TextArea pasted = new TextArea();
    private final ReadingView reading = new ReadingView();
    private final ProblemLabel unread = new ProblemLabel();
    private final Label sum = new Label();
    private final Button take = new Button(Words.of("start.take"));
    private Optional<Chart> chart = Optional.empty();
    private final Typing<NewSong.Pasted> pasting = new Typing<>(
            text -> {
                NewSong facts = typed();
                return () -> facts.chart(text);
            },
            this::show,
            () -> show(NewSong.Pasted.NOTHING));

    /**
     * @param recent files that were opened before, the last one first
     * @param shelf the songs in the teacher's folders
     */
    public StartPage(Beginning beginning, List<Path> recent, ShelfModel shelf) {
        this.beginning = beginning;
        getStyleClass().add("start-page");
        var columns = new HBox(facts(), paste(), songs(recent, shelf));
        columns.getStyleClass().add("start-columns");
        VBox.setVgrow(columns, Priority.ALWAYS);
        getChildren().setAll(columns);
        pasted.textProperty().subscribe(_ -> read());
        meter.valueProperty().subscribe(_ -> read());
    }

    private VBox facts() {
        title.setId("start-title");
        title.setPromptText(Words.of("song.untitled"));
        key.setId("start-key");
        key.setEditable(true);
        key.getItems().setAll("C", "G", "D", "A", "E", "F", "Bb", "Eb", "Am", "Em", "Bm", "F#m", "Dm", "Gm", "Cm");
        tempo.setId("start-tempo");
        tempo.setPromptText(Song.empty("?").facts().tempo().perMinuteText());
        meter.setId("start-meter");
        meter.setEditable(true);
        meter.getItems().setAll("4/4", "3/4", "6/8", "2/4", "12/8", "5/4", "7/8");
        level.setId("start-level");
        var begin = new Button(Words.of("start.begin"));
        begin.setId("start-begin");
        begin.getStyleClass().add("accent");
        begin.setOnAction(_ -> begin());
        for (Control field : List.of(title, tempo))
            field.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
                if (press.getCode() == KeyCode.ENTER) begin();
            });
        var column = new TitledColumn(
                "start.facts",
                new NamedField(Words.of("start.title"), title),
                new NamedField(Words.of("start.key"), key),
                new NamedField(Words.of("start.tempo"), tempo),
                new NamedField(Words.of("start.meter"), meter),
                new NamedField(Words.of("start.level"), level),
                problem,
                begin,
                quiet(Words.of("start.factsHelp")));
        column.setMinWidth(210);
        column.setMaxWidth(230);
        return column;
    }

    private VBox paste() {
        pasted.setId("start-paste");
        pasted.setPromptText(Words.of("start.pastePrompt"));
        pasted.getStyleClass().add("pasted");
        VBox.setVgrow(pasted, Priority.ALWAYS);
        VBox.setVgrow(reading, Priority.ALWAYS);
        pasted.setAccessibleText(Words.of("start.paste"));
        pasted.addEventFilter(KeyEvent.KEY_PRESSED, this::leaveWithTab);
        take.setId("start-take");
        take.getStyleClass().add("accent");
        take.setDisable(true);
        take.setOnAction(_ -> take());
        var foot = new HBox(10, take, sum);
        foot.getStyleClass().add("page-foot");
        var column = new TitledColumn("start.paste", pasted, unread, reading, foot);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private void leaveWithTab(KeyEvent press) {
        if (press.getCode() != KeyCode.TAB || press.isControlDown()) return;
        if (press.isShiftDown()) level.requestFocus();
        else if (take.isDisabled()) pasted.requestFocusTraversal(TraversalDirection.NEXT);
        else take.requestFocus();
        press.consume();
    }

    private VBox songs(List<Path> recent, ShelfModel shelf) {
        var open = new Button(Words.of("start.open"));
        open.setId("start-open");
        open.setOnAction(_ -> beginning.open());
        var finder = new ShelfPanel(shelf, beginning, beginning::folder);
        VBox.setVgrow(finder, Priority.ALWAYS);
        var column = new TitledColumn("start.songs", finder, open);
        if (!recent.isEmpty()) column.getChildren().add(titled("start.recent"));
        int number = 1;
        for (Path file : recent.stream().limit(3).toList()) {
            String name = file.getFileName().toString().replaceFirst("(\\.tactus)?\\.json$", "");
            column.getChildren()
                    .add(link("start-recent-" + number++, name, file.toString(), () -> beginning.open(file)));
        }
        column.getChildren().add(titled("start.demos"));
        number = 1;
        for (DemoSong demo : DemoSong.values())
            column.getChildren()
                    .add(link("start-demo-" + number++, demo.title(), demo.title(), () -> beginning.with(demo)));
        column.setMinWidth(270);
        column.setMaxWidth(300);
        return column;
    }

    private static Hyperlink link(String id, String text, String whole, Runnable effect) {
        var link = new Hyperlink(text);
        link.setId(id);
        link.setWrapText(true);
        link.setTooltip(new Tooltip(whole));
        link.setOnAction(_ -> effect.run());
        return link;
    }

    private static Label titled(String code) {
        var label = new Label(Words.of(code));
        label.getStyleClass().add("column-title");
        return label;
    }

    private static Label quiet(String text) {
        var label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    private NewSong typed() {
        return new NewSong(title.getText(), text(key), tempo.getText(), text(meter), level.getValue());
    }

    private static String text(ComboBox<String> box) {
        String typed = box.getEditor().getText();
        return typed == null ? "" : typed;
    }

    private void begin() {
        NewSong facts = typed();
        if (problem.say(facts.problem())) beginning.with(facts);
    }

    /** Shows what is understood of the text. */
    private void read() {
        pasting.read(pasted.getText());
    }

    private void show(NewSong.Pasted read) {
        chart = read.chart();
        unread.setText(read.problem());
        take.setDisable(chart.isEmpty());
        reading.getItems().setAll(chart.map(Chart::lines).orElse(List.of()));
        sum.setText(chart.map(each -> Words.of("start.sum", each.parts().size(), each.bars()))
                .orElse(""));
    }

    private void take() {
        NewSong facts = typed();
        if (problem.say(facts.problem())) chart.ifPresent(each -> beginning.with(facts, each));
    }

    /** Where one begins to type. */
    public Control first() {
        return title;
    }
}
