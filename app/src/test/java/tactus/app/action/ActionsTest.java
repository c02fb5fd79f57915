package tactus.app.action;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import javafx.beans.property.SimpleBooleanProperty;
import org.junit.jupiter.api.Test;

class ActionsTest {

    @Test
    void anActionThatCannotBeDoneNowDoesNothing() {
        var can = new SimpleBooleanProperty(false);
        int[] done = {0};
        Action undo = Action.of("edit.undo", Scope.ANYWHERE, () -> done[0]++, "Shortcut+Z")
                .when(can);
        undo.run();
        can.set(true);
        undo.run();
        assertEquals(1, done[0]);
    }

    @Test
    void aKeyThatIsOnNoKeyboardIsRefused() {
        var wrong = assertThrows(
                IllegalArgumentException.class, () -> Action.of("edit.undo", Scope.ANYWHERE, () -> {}, "Page_Up"));
        assertEquals("there is no key called Page_Up", wrong.getMessage());
    }

    @Test
    void anIdIsGivenOnce() {
        var actions = new Actions();
        actions.add(Action.of("edit.undo", Scope.ANYWHERE, () -> {}));
        assertThrows(
                IllegalArgumentException.class, () -> actions.add(Action.of("edit.undo", Scope.ANYWHERE, () -> {})));
    }

    @Test
    void keysAreWrittenForReaders() {
        assertEquals(
                "Ctrl+S",
                Action.of("song.save", Scope.ANYWHERE, () -> {}, "Shortcut+S").keyText());
        assertEquals(
                "Backspace",
                Action.of("stroke.erase", Scope.PICTURE, () -> {}, "Backspace").keyText());
    }
}
