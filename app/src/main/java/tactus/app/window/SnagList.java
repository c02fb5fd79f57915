package tactus.app.window;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.work.Work;
import tactus.core.counsel.snag.Snag;
import tactus.words.SnagWords;
import tactus.words.Words;

/** Every snag of the song; choosing one leads to its place. Style class {@code snag-list}. */
final class SnagList extends VBox {

    private static final int MOST_SHOWN = 200;

    private final Consumer<Snag> go;
    private final Consumer<Snag> mend;
    private final BiConsumer<Snag, Optional<String>> accept;
    private final VBox entries = new VBox();
    private Optional<Work.State> shown = Optional.empty();

    /**
     * @param go leads to the place of a snag
     * @param mend does what mends it
     * @param accept takes it as meant with a reason, or without one back
     * @param leave puts the list away
     */
    SnagList(Consumer<Snag> go, Consumer<Snag> mend, BiConsumer<Snag, Optional<String>> accept, Runnable leave) {
        this.go = go;
        this.mend = mend;
        this.accept = accept;
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
        addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.ESCAPE) return;
            leave.run();
            press.consume();
        });
        setVisible(false);
    }

    /** Shows the snags of {@code state}; of very many only the first ones. */
    void show(Work.State state) {
        shown = Optional.of(state);
        if (isVisible()) fill();
    }

    private void fill() {
        List<Snag> snags = shown.map(Work.State::snags).orElse(List.of());
        entries.getChildren()
                .setAll(snags.stream().limit(MOST_SHOWN).map(this::entry).toList());
        if (snags.isEmpty()) entries.getChildren().add(new Label(Words.of("snags.none")));
        int more = snags.size() - MOST_SHOWN;
        if (more > 0) entries.getChildren().add(new Label(Words.of("open.more", more)));
        List<Snag> accepted = shown.map(Work.State::accepted).orElse(List.of());
        if (accepted.isEmpty()) return;
        entries.getChildren().add(line(Words.of("snags.accepted"), "column-title"));
        accepted.forEach(snag -> entries.getChildren().add(accepted(snag)));
    }

    private SnagWords words() {
        return new SnagWords(shown.orElseThrow().song());
    }

    private Node accepted(Snag snag) {
        String reason = shown.orElseThrow()
                .song()
                .lesson()
                .reason(snag.id(), snag.values())
                .orElse("");
        var back = new Button(Words.of("snags.takeBack"));
        back.setOnAction(_ -> keepingFocus(snag, () -> accept.accept(snag, Optional.empty())));
        var entry = new VBox(
                line(words().where(snag), "snag-where"),
                line(words().sentence(snag), "quiet"),
                line(Words.of("snags.meant", reason), "snag-sentence"),
                back);
        entry.getStyleClass().add("snag-entry");
        return entry;
    }

    /** What mends it, and a field for the reason why it is meant. */
    private VBox answers(Snag snag) {
        var answers = new VBox();
        answers.getStyleClass().add("snag-answers");
        snag.fix().ifPresent(fix -> {
            var button = new Button(Words.say(fix.label()));
            button.getStyleClass().add("snag-fix");
            button.setMinWidth(0);
            button.setOnAction(_ -> keepingFocus(snag, () -> mend.accept(snag)));
            answers.getChildren().add(button);
        });
        var reason = new TextField();
        reason.setPromptText(Words.of("snags.reason"));
        reason.setAccessibleText(Words.of("snags.reason"));
        reason.getStyleClass().add("snag-reason");
        reason.setOnAction(_ -> {
            if (!reason.getText().isBlank())
                keepingFocus(snag, () -> accept.accept(snag, Optional.of(reason.getText())));
        });
        answers.getChildren().add(reason);
        return answers;
    }

    private Node entry(Snag snag) {
        var where = line(words().where(snag), "snag-where");
        var sentence = line(words().sentence(snag), "snag-sentence");
        var numbers = line(words().numbers(snag, "  ·  "), "quiet");
        var entry = new VBox(where, sentence, numbers, answers(snag));
        numbers.setManaged(!snag.numbers().isEmpty());
        entry.getStyleClass().add("snag-entry");
        entry.setFocusTraversable(true);
        entry.setAccessibleText(words().of(snag));
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
        if (press.getTarget() != entry) return;
        if (press.getCode() == KeyCode.ENTER) go.accept(snag);
        else if (press.getCode() == KeyCode.UP) focus(index - 1);
        else if (press.getCode() == KeyCode.DOWN) focus(index + 1);
        else return;
        press.consume();
    }

    /** What had the focus goes with its entry: the list keeps it, where letters change nothing. */
    private void keepingFocus(Snag snag, Runnable change) {
        int index = shown.map(state -> state.snags().indexOf(snag)).orElse(0);
        requestFocus();
        change.run();
        focus(Math.clamp(index, 0, Math.max(0, entries.getChildren().size() - 1)));
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
