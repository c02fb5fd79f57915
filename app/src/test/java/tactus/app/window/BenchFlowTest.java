package tactus.app.window;

import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Y;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.control.ListView;
import javafx.scene.control.Spinner;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.hand.HandView;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;

/** A teacher writes patterns at the bench. */
class BenchFlowTest extends WindowTest {

    private Pattern last() {
        return song().patterns().getLast();
    }

    @Test
    void aNewPatternIsWrittenWithOneKeyAStroke() {
        chord(CONTROL, SHIFT, P);
        click("#hand-picture");
        press(HOME, D, MINUS, D, U, MINUS, U, D, U);
        assertEquals("d-du-udu", last().line());
        assertEquals("d-du-udu", text("#stroke-line"));
    }

    @Test
    void everyKindOfStrokeHasItsKey() {
        click("#hand-picture");
        press(HOME, B, T, X, R, S);
        chord(SHIFT, U);
        assertEquals("btx=sUtu", pattern("bass-and-brush").line());
    }

    @Test
    void accentEraseAndClearWorkAtTheCursor() {
        click("#hand-picture");
        press(HOME, E);
        assertEquals("B-tub-tu", pattern("bass-and-brush").line());
        press(RIGHT, RIGHT, DELETE);
        assertEquals("B--ub-tu", pattern("bass-and-brush").line());
        press(RIGHT, RIGHT, BACK_SPACE);
        assertEquals("B---b-tu", pattern("bass-and-brush").line());
    }

    @Test
    void aClickOnThePictureChoosesTheSlotThatIsWritten() {
        HandView picture = robot.lookup("#hand-picture").query();
        double x = picture.localToScreen(picture.picture().orElseThrow().slotX(5), 60)
                .getX();
        double y = picture.localToScreen(0, 60).getY();
        robot.clickOn(new Point2D(x, y));
        press(X);
        assertEquals("b-tubxtu", pattern("bass-and-brush").line());
    }

    @Test
    void everyStrokeIsUndoneAndRedoneByItself() {
        click("#hand-picture");
        press(HOME, D, U);
        chord(CONTROL, Z);
        assertEquals("d-tub-tu", pattern("bass-and-brush").line());
        chord(CONTROL, Z);
        assertEquals("b-tub-tu", pattern("bass-and-brush").line());
        chord(CONTROL, Y);
        assertEquals("d-tub-tu", pattern("bass-and-brush").line());
    }

    /** The row that is lit up is the pattern that is edited, whoever had the focus before. */
    @Test
    void aRowOfTheListIsChosenByMouseByKeyAndByTheProgram() {
        click("#stroke-line");
        click("Driving eighths");
        assertTrue(text("#stroke-line").startsWith("DdDdDd")
                || text("#stroke-line").equals(pattern("driving-eighths").line()));
        click("#hand-picture");
        press(HOME, U);
        assertEquals('u', pattern("driving-eighths").line().charAt(0));
        press(UP);
        ListView<Pattern> list = robot.lookup(".pattern-list").query();
        robot.interact(list::requestFocus);
        press(DOWN);
        Pattern lit = list.getSelectionModel().getSelectedItem();
        assertEquals(lit.line(), text("#stroke-line"));
        click("#stroke-line");
        robot.interact(() -> list.getSelectionModel().select(0));
        assertEquals(song().patterns().getFirst().line(), text("#stroke-line"));
    }

    @Test
    void aTypedLineIsReadAsItIsTypedAndAFaultKeepsBothTextAndPattern() {
        fill("#stroke-line", "d-du d-d");
        assertEquals("d-dud-d-", pattern("bass-and-brush").line());
        type("j");
        settle();
        assertEquals("d-du d-dj", text("#stroke-line"));
        assertEquals("d-dud-d-", pattern("bass-and-brush").line());
        assertTrue(isShown(
                "The line \"d-du d-dj\" has no stroke called \"j\" (at character 9). The pattern stays as it was."));
    }

    @Test
    void anotherMeterKeepsTheStrokesForWhenItIsChangedBack() {
        fill("#pattern-meter .text-field", "3/4");
        press(ENTER);
        assertEquals("b-tub-", pattern("bass-and-brush").line());
        assertEquals("2", text("#fact-kept .fact-number"));
        fill("#pattern-meter .text-field", "4/4");
        press(ENTER);
        assertEquals("b-tub-tu", pattern("bass-and-brush").line());
    }

    @Test
    void anImpossibleMeterOrLengthIsExplainedAndChangesNothing() {
        fill("#pattern-meter .text-field", "4/3");
        press(ENTER);
        assertEquals("4/4", pattern("bass-and-brush").meter().toString());
        assertTrue(text(".problem").contains("the lower number of a meter must be 1, 2, 4, 8, 16 or 32, was 3"));
        fill("#pattern-beats .text-field", "0");
        press(ENTER, TAB);
        assertEquals(1, pattern("bass-and-brush").beats());
        fill("#pattern-beats .text-field", "many");
        press(ENTER, TAB);
        assertEquals(1, robot.lookup("#pattern-beats").queryAs(Spinner.class).getValue());
    }

    @Test
    void patternsAreCopiedRenamedAndDeleted() {
        click("#hand-picture");
        press(PAGE_DOWN);
        chord(CONTROL, SHIFT, D);
        assertEquals("Lantern march 2", last().name());
        fill("#pattern-name", "Pond march");
        assertEquals("Pond march", last().name());
        assertEquals("d-Du-uDu", last().line());
        click("#button-pattern-delete");
        assertEquals(6, song().patterns().size());
        chord(CONTROL, Z);
        assertEquals("Pond march", last().name());
    }

    /** The line under its name stood as it was until the patterns themselves were changed. */
    @Test
    void whereAPatternIsPlayedFollowsTheSong() {
        assertTrue(textsIn(".pattern-list").contains("Chorus"), textsIn(".pattern-list"));
        robot.interact(() -> work.change("edit.rules", song -> song.withRules(List.of())));
        assertFalse(textsIn(".pattern-list").contains("Intro"), textsIn(".pattern-list"));
        robot.interact(work::undo);
        assertTrue(textsIn(".pattern-list").contains("Intro, Verse"), textsIn(".pattern-list"));
    }

    @Test
    void deletingAPatternInUseLeavesSectionsSilentAndUndoRestoresAll() {
        var before = song();
        click("#button-pattern-delete");
        assertTrue(Assignment.of(song(), new SectionId("verse")).isEmpty());
        assertTrue(
                text("#notice").startsWith("Bass and brush is gone. It was played in Intro, Verse"), text("#notice"));
        click("#notice-instead");
        assertEquals(
                "lantern-march",
                Assignment.of(song(), new SectionId("verse")).orElseThrow().value());
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(before, song());
    }

    @Test
    void theLastPatternCanBeDeletedAndTheBenchSaysWhatToDo() {
        for (int i = 0; i < 6; i++) click("#button-pattern-delete");
        assertTrue(song().patterns().isEmpty());
        assertTrue(isShown("No patterns yet.\nAdd the first one with + above."));
        click("#button-pattern-new");
        assertEquals(1, song().patterns().size());
    }

    @Test
    void spaceHearsThePatternWhileTheHandMovesAndStopsIt() throws Exception {
        click("#hand-picture");
        chord(CONTROL, I);
        press(SPACE);
        HandView picture = robot.lookup("#hand-picture").query();
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> picture.playingProperty().get() > 0.1);
        assertTrue(window.player().isPlayingPattern());
        press(SPACE);
        assertFalse(window.player().isPlaying());
        assertTrue(Double.isNaN(picture.playingProperty().get()));
    }
}
