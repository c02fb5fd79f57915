package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.PAGE_UP;
import static javafx.scene.input.KeyCode.SPACE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.TimeUnit;
import javafx.scene.control.ListView;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A song is practised: up and down the ladder by keys and by mouse, a loop played, a stroke played along. */
class PracticeFlowTest extends WindowTest {

    private ListView<?> ladder() {
        return robot.lookup("#ladder").queryAs(ListView.class);
    }

    @Test
    void theLadderIsClimbedByKeysAndByMouseAndARoundIsJudged() throws Exception {
        click("#pattern-name");
        chord(CONTROL, DIGIT5);
        assertEquals("Bass and brush: the hand on damped strings", text("#practice-what"));
        press(PAGE_UP);
        assertEquals("Bass and brush: its cell alone", text("#practice-what"));
        press(PAGE_DOWN);
        int rows = ladder().getItems().size();
        assertTrue(rows > 10, rows + " steps");
        robot.interact(() -> ladder().getSelectionModel().select(0));
        assertTrue(text("#practice-what").startsWith("the whole song"), text("#practice-what"));
        robot.interact(() -> ladder().getSelectionModel().select(rows - 1));
        robot.interact(() -> ladder().requestFocus());
        press(SPACE);
        assertTrue(window.player().isPlaying());
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !window.player().isCountingIn());
        press(D);
        press(SPACE);
        assertTrue(
                !text("#take-sentence").isEmpty() && text("#take-numbers").startsWith("score"), text("#take-numbers"));
        assertEquals("0 of 4 rounds clean", text("#practice-rounds"));
    }

    @Test
    void aSongWithNothingInItHasAnEmptyLadderThatSaysSo() {
        chord(CONTROL, N);
        click("#start-begin");
        chord(CONTROL, DIGIT5);
        assertTrue(text("#practice-what").startsWith("There is nothing to practise yet"), text("#practice-what"));
        press(SPACE, D);
        assertTrue(!window.player().isPlaying());
    }
}
