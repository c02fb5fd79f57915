package tactus.app.action;

import javafx.scene.Node;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The text that is being written: the field that has the focus and what was typed there since it got it, or since Enter took the last
 * one. Undo and redo belong to it as long as there is one, so that a slip of the keys in a field never takes a song back.
 */
final class TextFocus {

    private Node written;

    /** Whether letters and digits go into a text where {@code focus} is: a box with numbers has the focus itself, not its text. */
    static boolean isText(Node focus) {
        return focus instanceof TextInputControl
                || focus instanceof Spinner<?> spinner && spinner.isEditable()
                || focus instanceof ComboBoxBase<?> box && box.isEditable();
    }

    /** Takes note of a key that goes to {@code focus}. */
    void note(KeyEvent key, Node focus) {
        boolean changes = key.getEventType() == KeyEvent.KEY_TYPED
                ? !key.isShortcutDown() && !key.isAltDown() && isSign(key.getCharacter())
                : isChange(key);
        if (changes && isText(focus)) written = focus;
        boolean takes = key.getEventType() == KeyEvent.KEY_PRESSED && key.getCode() == KeyCode.ENTER;
        boolean isNewLine =
                focus instanceof TextArea area && !area.getStyleClass().contains("taken-area");
        if (takes && !isNewLine) written = null;
    }

    private static boolean isSign(String typed) {
        return !typed.isEmpty() && typed.charAt(0) >= ' ' && typed.charAt(0) != 0x7F;
    }

    /** Deleting, cutting and pasting. */
    private static boolean isChange(KeyEvent press) {
        return switch (press.getCode()) {
            case BACK_SPACE, DELETE -> true;
            case X, V -> press.isShortcutDown();
            default -> false;
        };
    }

    /** What has the focus is another text from now on. */
    void moved(Node focus) {
        if (focus != written) written = null;
    }

    /** Whether a text is being written where {@code focus} is. */
    boolean isWriting(Node focus) {
        return written != null && written == focus;
    }

    /** Takes the last of what was typed back, or writes it again; nothing where there is nothing left of it. */
    void undo(Node focus, boolean again) {
        TextInputControl text = switch (focus) {
            case TextInputControl field -> field;
            case Spinner<?> spinner -> spinner.getEditor();
            case javafx.scene.control.ComboBox<?> box -> box.getEditor();
            default -> null;
        };
        if (text == null) return;
        if (again) text.redo();
        else text.undo();
    }
}
