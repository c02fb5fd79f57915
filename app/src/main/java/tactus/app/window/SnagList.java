package tactus.app.window;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.words.Words;
import tactus.core.snag.Snag;

/** Every snag of the song; choosing one leads to its place. Style class {@code snag-list}. */
final class SnagList extends VBox {

    private static final int MOST_SHOWN = 200;

    private final Consumer<Snag> go;
    private final VBox entries = new VBox();
    private List<Snag> shown = List.of();

    SnagList(Consumer<Snag> go) {
        this.go = go;
        getStyleClass().add("snag-list");
        var title = new Label(Words.of("snags.title"));
        title.getStyleClass().add("column-title");
        entries.setId("snag-entries");
        entries.getStyleClass().add("snag-entries");
        var scroll = new ScrollPane(entries);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(title, scroll);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    /** Shows {@code snags}; of very many only the first ones. */
    void show(List<Snag> snags) {
        shown = snags;
        if (isVisible()) fill();
    }

    private void fill() {
        entries.getChildren()
                .setAll(shown.stream().limit(MOST_SHOWN).map(this::entry).toList());
        if (shown.isEmpty()) entries.getChildren().add(new Label(Words.of("snags.none")));
        int more = shown.size() - MOST_SHOWN;
        if (more > 0) entries.getChildren().add(new Label(Words.of("open.more", more)));
    }

    private Node entry(Snag snag) {
        var where = line(snag.where(), "snag-where");
        var sentence = line(snag.sentence(), "snag-sentence");
        var numbers = line(
                snag.numbers().stream()
                        .map(number -> number.label() + " " + number.value())
                        .collect(Collectors.joining("  ·  ")),
                "quiet");
        var entry = new VBox(where, sentence, numbers);
        entry.getStyleClass().add("snag-entry");
        entry.setFocusTraversable(true);
        entry.setAccessibleText(snag.toString());
        entry.setOnMouseClicked(_ -> go.accept(snag));
        entry.setOnKeyPressed(press -> onKey(press, entry, snag));
        return entry;
    }

    private static Label line(String text, String style) {
        var line = new Label(text);
        line.setWrapText(true);
        line.getStyleClass().add(style);
        return line;
    }

    private void onKey(KeyEvent press, Node entry, Snag snag) {
        int index = entries.getChildren().indexOf(entry);
        if (press.getCode() == KeyCode.ENTER) go.accept(snag);
        else if (press.getCode() == KeyCode.UP) focus(index - 1);
        else if (press.getCode() == KeyCode.DOWN) focus(index + 1);
        else return;
        press.consume();
    }

    private void focus(int index) {
        if (index >= 0 && index < entries.getChildren().size())
            entries.getChildren().get(index).requestFocus();
    }

    /** Shows the list and puts the focus on its first entry. */
    void open() {
        setVisible(true);
        fill();
        applyCss();
        layout();
        focus(0);
    }

    void close() {
        setVisible(false);
    }
}
