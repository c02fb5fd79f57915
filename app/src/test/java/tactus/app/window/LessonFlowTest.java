package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.Q;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Labeled;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Margin;

/** What a lesson needs: words, another version, a slower ending, another way, lengths said later, and the recap. */
class LessonFlowTest extends WindowTest {

    private String sungOnThePage() {
        return robot.lookup(".sung-word").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining(" "));
    }

    /** Opens a list and takes one of its rows, by mouse. */
    private void choose(String list, String row) {
        click(list);
        Labeled wanted = robot.lookup(".list-cell").queryAllAs(Labeled.class).stream()
                .filter(cell -> row.equals(cell.getText()) && cell.isVisible())
                .findFirst()
                .orElseThrow();
        robot.clickOn(wanted);
        settle();
    }

    @Test
    void wordsAreTypedUnderTheBarsAndMovedByKeys() throws Exception {
        click("#button-place-arrangement");
        click("#section-name");
        click("#button-arrange-words");
        click("#words");
        type("(oh) lan-tern | home");
        await(() -> sungOnThePage().contains("lan- tern home"));
        assertTrue(sungOnThePage().startsWith("oh lan- tern home"), sungOnThePage());
        press(HOME);
        chord(ALT, RIGHT);
        assertTrue(text("#words").contains("oh"), "the text stays");
        type(" and again | and again | and again | and again");
        assertTrue(textsIn(".arrangement-panel").contains("behind the last bar"), textsIn(".arrangement-panel"));
        chord(CONTROL, DIGIT2);
        click("#button-place-arrangement");
        press(F11);
        assertTrue(textsIn("#stand").contains("lantern"), textsIn("#stand"));
        press(ESCAPE);
    }

    @Test
    void wordsOfOnePassAreSungOnItAlone() throws Exception {
        click("#song-title");
        chord(CONTROL, DIGIT3);
        chord(ALT, Q);
        type("ev-ery time");
        choose("#words-reach", "on this pass only");
        click("#words");
        chord(CONTROL, javafx.scene.input.KeyCode.A);
        type("once");
        await(() -> work.timeline().wordsOf(work.timeline().barsOf(0, 1)).stream()
                .map(Margin.SungAt::text)
                .toList()
                .equals(List.of("once")));
        assertEquals(
                List.of("ev", "ery", "time"),
                work.timeline().wordsOf(work.timeline().barsOf(0, 2)).stream()
                        .map(Margin.SungAt::text)
                        .toList());
        assertTrue(sungOnThePage().contains("once"), sungOnThePage());
        assertTrue(sungOnThePage().contains("ev- ery time"), "the other pass stands below it");
    }

    @Test
    void whatIsChangedInAVersionLeavesTheSongAsItIs() throws Exception {
        click("#song-title");
        chord(CONTROL, DIGIT3);
        chord(CONTROL, E);
        assertEquals("First week", work.song().versions().shown().orElseThrow());
        assertTrue(text("#version-into").contains("First week"), "where changes go is said");
        String before = text("#harmony-line");
        fill("#harmony-line", "C | G");
        press(ENTER);
        assertEquals(2, section("intro").bars().size());
        chord(CONTROL, E);
        chord(CONTROL, E);
        assertEquals(Optional.empty(), work.song().versions().shown());
        assertEquals(before, text("#harmony-line"), "the full version has its own bars");
        assertFalse(isShown("#version-into"));
        click("#button-arrange-versions");
        choose("#version-shown", "First week");
        assertEquals("C | G", text("#harmony-line"));
        assertTrue(textsIn(".arrangement-panel").contains("Intro has bars, chords or marks of its own"));
    }

    @Test
    void lengthsThatNobodyHasSaidAreAskedForOnce() {
        click("#button-place-arrangement");
        fill("#harmony-line", "C F C/G G");
        press(ENTER);
        assertTrue(textsIn("#bars").contains("C ?"), textsIn("#bars"));
        assertTrue(textsIn("#lengths").contains("How long does each chord last?"), textsIn("#lengths"));
        click("#lengths-half-a-bar");
        assertEquals("C F | C/G G", text("#harmony-line"));
        assertFalse(isShown("#lengths"));
        chord(CONTROL, Z);
        assertEquals("C F C/G G", text("#harmony-line"));
    }

    @Test
    void anotherWayIsOfferedOverItsBarAndPlayedAtAWish() throws Exception {
        click("#song-title");
        chord(CONTROL, DIGIT3);
        chord(ALT, U);
        type("Ending, last 2 bars: slowing to 60");
        press(ENTER);
        type("Intro, bar 3: or stop and count");
        press(ENTER);
        assertTrue(textsIn("#bars").contains("or stop and count"), textsIn("#bars"));
        double seconds = work.timeline().seconds();
        type("everywhere: tempo 9");
        press(ENTER);
        assertTrue(textsIn(".arrangement-panel").contains("20 to 400 beats a minute"), "the reason is said");
        assertEquals(seconds, work.timeline().seconds());
        robot.interact(
                () -> robot.lookup(".sentence-row .hyperlink").queryAllAs(javafx.scene.control.Hyperlink.class).stream()
                        .filter(link -> link.getText().equals("play this"))
                        .findFirst()
                        .orElseThrow()
                        .fire());
        await(() -> !textsIn("#bars").contains("or stop and count"));
    }

    @Test
    void theRecapIsComparedWithWhatIsWritten() {
        click("#button-place-bench");
        chord(ALT, O);
        click("#recap");
        type("intro twice, verse twice, chorus; D U for the verse");
        String said = textsIn("#recapped");
        assertTrue(said.contains("is written and not said"), said);
        assertTrue(said.contains("Verse is said as \"D U\""), said);
    }
}
