package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F1;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.Y;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Song;

/** Keys go where the eye is: to the text that is written, to what lies on top, and never to the bars unasked. */
class KeysFlowTest extends WindowTest {

    private Song before;

    @BeforeEach
    void goThere() {
        chord(CONTROL, DIGIT3);
        before = song();
    }

    private void assertUnchanged() {
        assertEquals(before, song());
    }

    /** All sections were gone, and the next Enter took the way back as well. */
    @Test
    void undoInAFieldTakesBackWhatIsTypedThereAndNeverTheSong() {
        robot.interact(() -> work.change(new ChangeFact<>(Aspect.TITLE, "Evening")));
        before = song();
        chord(ALT, U);
        type("Verse: soft");
        chord(CONTROL, Z);
        assertUnchanged();
        assertFalse(text("#rule-sentence").equals("Verse: soft"), text("#rule-sentence"));
        for (int more = 0; more < 20; more++) chord(CONTROL, Z);
        assertEquals("", text("#rule-sentence"));
        assertUnchanged();
        for (int more = 0; more < 20; more++) chord(CONTROL, Y);
        assertEquals("Verse: soft", text("#rule-sentence"));
        assertUnchanged();
        // Once it is taken it belongs to the song, which says what it takes back.
        press(ENTER);
        chord(CONTROL, Z);
        assertUnchanged();
        assertTrue(text("#status").startsWith("Undone"), text("#status"));
        type("x");
        press(BACK_SPACE);
        chord(CONTROL, Z);
        assertUnchanged();
    }

    @Test
    void whatIsTypedOverTheListOfKeysReachesNothingBehind() {
        press(F1);
        press(N, S, H, M, DIGIT3);
        chord(CONTROL, Z);
        chord(CONTROL, S);
        assertUnchanged();
        // As after a menu, which gives the focus back to where it was.
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        press(N, S);
        assertUnchanged();
        assertTrue(isShown(".key-list"));
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        press(ESCAPE);
        assertFalse(isShown(".key-list"));
        assertUnchanged();
    }

    @Test
    void numbersThatAreTypedSwitchNothing() {
        chord(CONTROL, DIGIT5);
        press(S);
        var late = robot.lookup("#stand-in-late").queryAs(Spinner.class);
        robot.interact(late::requestFocus);
        var mix = window.player().mixModel().mixProperty();
        var heard = mix.get();
        type("1234");
        press(P, K);
        assertEquals(heard, mix.get());
        assertFalse(window.player().isPlaying());
    }

    @Test
    void escapeLeavesWhatLiesOnTop() {
        chord(CONTROL, G);
        assertTrue(isShown("#snag-entries"));
        press(F11);
        assertTrue(isShown(".stand-view"));
        robot.interact(() -> robot.lookup("#snag-entries").query().getParent().requestFocus());
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        press(ESCAPE);
        assertFalse(isShown(".stand-view"));
        assertTrue(isShown("#snag-entries"), "it lay below");
    }

    @Test
    void aPanelThatIsClosedLeavesTheFocusWhereLettersChangeNothing() {
        chord(ALT, U);
        click("#button-arrange-rules");
        press(N, S, H);
        assertUnchanged();
        chord(ALT, U);
        press(ESCAPE);
        press(N, S, H);
        assertUnchanged();
        press(ESCAPE, N);
        assertFalse(before.equals(song()), "once more, and one is on the bars");
    }

    @Test
    void threeLettersInARowAreToldAndTakenBackAtOnce() {
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        for (KeyCode letter : new KeyCode[] {N, M, H}) press(letter);
        assertTrue(text("#notice").startsWith("3 changes by single letters"), text("#notice"));
        click("#notice-undo-all");
        assertUnchanged();
    }
}
