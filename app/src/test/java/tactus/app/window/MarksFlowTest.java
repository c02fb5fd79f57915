package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import javafx.scene.Node;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.snag.Kind;
import tactus.core.written.section.Stretch;

/** A teacher marks voice, cues and a second guitar, reads the sums, and compares two uses. */
class MarksFlowTest extends WindowTest {

    @BeforeEach
    void goThere() {
        chord(CONTROL, DIGIT3);
    }

    @Test
    void voiceCuesAndASecondGuitarGoAlongWithTheBars() {
        chord(ALT, K);
        fill("#marks-voice", "1-2, 4.3");
        press(ENTER);
        assertEquals(
                List.of(Stretch.bars(1, 2), Stretch.ofCode("4.3")),
                section("intro").voice());
        fill("#marks-voice", "1-2, 4.x");
        press(ENTER);
        assertTrue(textsIn(".arrangement-panel").contains("are no bars such as"), "the reason is said");
        assertEquals("1-2, 4.x", text("#marks-voice"), "what was typed stays");
        fill("#marks-cue", "0.4 and");
        press(ENTER);
        assertEquals("and", section("intro").cues().getFirst().text());
        fill("#marks-second", "Lantern bells");
        press(ENTER);
        assertTrue(work.timeline().parts().isForTwo());
    }

    /** Said by keys, changed and taken away by mouse; seen over the bars, on the stand and on the bench. */
    @Test
    void hintsAreSaidChangedAndSeenWhereTheyBelong() {
        click("#section-name");
        chord(ALT, J);
        fill("#hint", "Nowhere: no such place");
        press(ENTER);
        assertTrue(textsIn(".arrangement-panel").contains("is no section, pattern or chord"), "the reason is said");
        assertEquals("Nowhere: no such place", text("#hint"), "what was typed stays");
        fill("#hint", "Intro, bar 2: wait for the lights");
        press(ENTER);
        assertTrue(textsIn("#head-0").contains("bar 2: wait for the lights"), textsIn("#head-0"));
        chord(CONTROL, DIGIT2);
        click("#button-place-arrangement");
        robot.clickOn(robot.from(robot.lookup("#hints").queryAll())
                .lookup(".hyperlink")
                .nth(5)
                .queryAs(Node.class));
        fill("#hint", "Intro: all together");
        press(ENTER);
        assertTrue(textsIn("#head-0").contains("all together"), textsIn("#head-0"));
        press(F11);
        assertTrue(text("#stand-hints").contains("all together"), text("#stand-hints"));
        press(ESCAPE);
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(5, song().lesson().hints().size());
    }

    @Test
    void sumsAreShownAgainstTheRecordingAndATimeIsFound() {
        chord(ALT, M);
        robot.interact(() -> robot.lookup("#sums-time").query().requestFocus());
        type("1:32");
        settle();
        assertEquals("bar 36, first Chorus, pass 2, beat 2", text("#sums-place"));
        fill("#sums-recording", "4:10");
        press(ENTER);
        assertTrue(text("#sums-comparison").startsWith("+12.2 s"), text("#sums-comparison"));
        assertTrue(work.snags().stream().anyMatch(snag -> snag.kind() == Kind.NOT_AS_LONG_AS_RECORDING));
    }

    @Test
    void twoUsesAreComparedSideBySide() {
        press(PAGE_DOWN, PAGE_DOWN, PAGE_DOWN);
        chord(ALT, O);
        assertEquals("One place differs. Each line: bar, chord, length.", text("#compare-verdict"));
        assertTrue(textsIn(".compare-lines").contains("≠ 7  Dm  1 bar"), textsIn(".compare-lines"));
    }
}
