package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.PAGE_UP;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A player reads a section from the music stand, turned with a foot pedal's page keys. */
class StandFlowTest extends WindowTest {

    private String title() {
        return text(".stand-title");
    }

    @Test
    void theStandIsTurnedByPageKeysAndLeftByEscape() {
        click("#pattern-name");
        press(F11);
        assertEquals("Intro", title());
        assertTrue(textsIn("#stand").contains("pass 1 of 2"));
        assertTrue(textsIn("#stand").contains("next: Intro, pass 2 of 2"), textsIn("#stand"));
        press(PAGE_DOWN, PAGE_DOWN);
        assertEquals("Verse", title());
        press(PAGE_UP);
        assertTrue(textsIn("#stand").contains("pass 2 of 2"));
        press(ESCAPE);
        assertFalse(isShown("#stand"));
    }

    @Test
    void theStandFillsTheWindowAndItsChordsAreReadFromAfar() {
        press(F11);
        var stand = robot.lookup("#stand").query();
        assertEquals(stage.getScene().getWidth(), stand.getLayoutBounds().getWidth(), 1);
        var chord = robot.lookup(".stand-chord").queryAs(Label.class);
        assertTrue(
                chord.getFont().getSize() >= 48, "letters of " + chord.getFont().getSize() + " points");
        press(F11);
        assertFalse(isShown("#stand"));
    }

    @Test
    void theStandFollowsThePlayer() throws Exception {
        press(F11);
        robot.interact(() -> {
            window.player().countsInProperty().set(false);
            window.player().startBarProperty().set(25);
            window.player().playSong();
        });
        await(() -> title().equals("Chorus"));
        robot.interact(window.player()::stop);
        assertEquals("Chorus", title());
    }

    @Test
    void aSongWithoutSectionsSaysSoAndIsLeftAgain() {
        chord(CONTROL, N);
        press(ENTER);
        press(F11);
        assertTrue(textsIn("#stand").contains("Nothing is played yet"));
        press(PAGE_DOWN, KeyCode.SPACE, ESCAPE);
        assertFalse(isShown("#stand"));
    }
}
