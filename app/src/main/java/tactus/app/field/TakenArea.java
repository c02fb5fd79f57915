package tactus.app.field;

import java.util.Objects;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.TraversalDirection;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyEvent;
import tactus.core.ground.refusal.Outcome;

/**
 * A text that may be long: it wraps, and the field grows with it. It is taken with Enter or when the field is left; what
 * is wrong with it is said beside it, and it stays, until the field is about something else.
 */
public final class TakenArea extends TextArea {

    private static final double LETTER = 8.2;
    private static final int MOST_ROWS = 5;
    private static final double ROW = 19.5;
    private static final double AROUND = 20;

    private final Function<String, Outcome> take;
    private final ProblemLabel problem;
    private Object subject = "";
    private String shown = "";

    /**
     * @param take takes the text and returns what is wrong with it, if anything
     * @param problem where that is said
     */
    public TakenArea(String id, Function<String, Outcome> take, ProblemLabel problem) {
        this.take = take;
        this.problem = problem;
        setId(id);
        getStyleClass().add("taken-area");
        setWrapText(true);
        setPrefRowCount(1);
        setPrefColumnCount(8);
        setMinWidth(0);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().subscribe((_, focused) -> {
            if (!focused) take();
        });
        textProperty().subscribe(_ -> grow());
        // Not while it is being laid out, or nobody would ask again how high it is.
        widthProperty().subscribe(_ -> Platform.runLater(this::grow));
    }

    private void key(KeyEvent press) {
        boolean isPlain = !press.isControlDown() && !press.isAltDown();
        switch (press.getCode()) {
            case ENTER -> {
                take();
                press.consume();
            }
            case TAB -> {
                if (!isPlain) return;
                requestFocusTraversal(press.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
                press.consume();
            }
            case ESCAPE -> {
                if (getText().equals(shown)) return;
                setText(shown);
                problem.setText("");
                press.consume();
            }
            default -> {}
        }
    }

    private void grow() {
        double letters = Math.max(8, (getWidth() - 28) / LETTER);
        int rows = 0;
        for (String line : getText().split("\n", MOST_ROWS + 1))
            rows += Math.max(1, (int) Math.ceil(line.length() / letters));
        double height = ROW * Math.clamp(rows, 1, MOST_ROWS) + AROUND;
        if (getPrefHeight() == height) return;
        setPrefHeight(height);
        setMinHeight(height);
    }

    /** Says what is wrong while one types; nothing is taken yet. */
    public void watch(Function<String, Supplier<Outcome>> check) {
        var typing = new Typing<>(check, problem::say, problem::clear);
        textProperty().subscribe((_, text) -> {
            if (isFocused()) typing.read(text);
        });
    }

    private void take() {
        if (getText().equals(shown)) return;
        problem.say(take.apply(getText()));
    }

    /**
     * Shows {@code text}; what was typed and not taken, since it is wrong, stays as long as the field is about the same
     * {@code subject}.
     */
    public void show(Object subject, String text) {
        boolean same = Objects.equals(subject, this.subject);
        if (same && text.equals(shown) && !getText().equals(shown)) return;
        this.subject = subject;
        if (same && text.equals(shown)) return;
        shown = text;
        setText(text);
        problem.setText("");
    }
}
