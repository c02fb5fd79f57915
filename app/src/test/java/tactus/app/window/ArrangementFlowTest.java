package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.EQUALS;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.INSERT;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.core.counsel.snag.Kind;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.formats.demo.DemoSong;

/** A teacher lays a song out and assigns patterns. */
class ArrangementFlowTest extends WindowTest {

    @BeforeEach
    void goThere() {
        chord(CONTROL, DIGIT3);
    }

    private static Optional<PatternId> id(String value) {
        return Optional.of(new PatternId(value));
    }

    @Test
    void ofALongSectionOnlyWhatIsInSightIsBuilt() {
        robot.interact(() -> work.change(
                "edit.chords",
                song -> song.withSection(
                        new SectionId("intro"),
                        section -> section.withBars(
                                        Collections.nCopies(200, section.bars().getFirst()))
                                .withSpans(
                                        Collections.nCopies(200, section.spans().getFirst())))));
        for (int line = 0; line < 20; line++) press(DOWN);
        assertEquals(161, window.player().startBarProperty().get());
        int built = robot.lookup(".bar-view").queryAll().size();
        assertTrue(built > 16 && built < 150, "bars that are built: " + built);
    }

    /** The entry that is lit up is the one that is edited, whoever had the focus before. */
    @Test
    void anEntryOfTheRunningOrderIsChosenByMouseByKeyAndByTheProgram() {
        click("#section-name");
        click("Bridge");
        assertEquals("Bridge", text("#section-name"));
        fill("#section-name", "Crossing");
        assertEquals("Crossing", section("bridge").name());
        assertEquals("Verse", section("verse").name());
        ListView<?> order = robot.lookup(".running-order").query();
        robot.interact(order::requestFocus);
        press(HOME, DOWN);
        assertEquals("Verse", text("#section-name"));
        click("#section-name");
        robot.interact(() -> order.getSelectionModel().select(2));
        assertEquals("Chorus", text("#section-name"));
    }

    @Test
    void theMenuSaysWhatIsTakenBackAndBroughtBack() {
        press(PAGE_DOWN, DIGIT3);
        click("#menu-edit");
        assertTrue(isShownInMenu("Undo: pattern of Verse"), menuTexts());
        click("#menu-edit-undo");
        click("#menu-edit");
        assertTrue(isShownInMenu("Redo: pattern of Verse"), menuTexts());
        click("#menu-edit-redo");
        assertEquals(id("tin-roof"), Assignment.of(song(), new SectionId("verse")));
    }

    private String menuTexts() {
        return robot.lookup(".context-menu .menu-item .label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .collect(Collectors.joining(" | "));
    }

    private boolean isShownInMenu(String text) {
        return menuTexts().contains(text);
    }

    @Test
    void aDigitAssignsAPatternAndWithShiftItIsForTheLastPass() {
        press(PAGE_DOWN, DIGIT3);
        chord(SHIFT, DIGIT4);
        assertEquals(id("tin-roof"), Assignment.of(song(), new SectionId("verse")));
        assertEquals(id("driving-eighths"), Assignment.ofLastPass(song(), new SectionId("verse")));
        chord(ALT, U);
        assertTrue(isShown("Verse: Tin roof"));
        assertTrue(isShown("Verse, last pass: Driving eighths"));
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(id("bass-and-brush"), Assignment.of(song(), new SectionId("verse")));
    }

    @Test
    void aPatternIsAssignedWithTheMouse() {
        chord(ALT, U);
        click("#assign-pattern");
        click("2  Lantern march");
        assertEquals(id("lantern-march"), Assignment.of(song(), new SectionId("intro")));
    }

    @Test
    void chordsAreChangedLengthenedAddedAndRemovedByKey() {
        press(RIGHT, EQUALS);
        assertEquals("C 1 bar, G/B 5 beats, Am 1 bar, F 1 bar", spans("intro"));
        assertEquals(Kind.SPANS_DO_NOT_FILL_BARS, work.snags().getFirst().kind());
        press(MINUS);
        assertEquals("C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
        press(MINUS, MINUS, INSERT, ENTER);
        type("Em");
        settle();
        assertEquals("C 1 bar, G/B 2 beats, Em 1 bar, Am 1 bar, F 1 bar", spans("intro"));
    }

    @Test
    void aChordCanBeTakenAwayToTheLastOne() {
        press(DELETE, DELETE, DELETE, DELETE, DELETE);
        assertEquals("", spans("intro"));
        assertEquals(4, robot.lookup(".no-chord").queryAll().size());
        press(INSERT);
        assertEquals("C 1 bar", spans("intro"));
    }

    @Test
    void aLengthIsTypedInWordsAndAWrongOneIsExplained() {
        fill("#section-length", "3 beats");
        press(ENTER);
        assertEquals("C 3 beats, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
        fill("#section-length", "0 bars");
        press(ENTER);
        assertTrue(text("#section-problem").contains("a chord lasts more than 0"), text("#section-problem"));
        assertEquals("C 3 beats, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
    }

    @Test
    void barsAreAddedTakenAwayAndGivenAnotherMeter() {
        chord(SHIFT, INSERT);
        assertEquals(5, section("intro").bars().size());
        chord(SHIFT, DELETE);
        press(RIGHT);
        fill("#section-meter .text-field", "2/4");
        press(ENTER);
        assertEquals("2/4", section("intro").bars().get(1).toString());
        assertEquals(4, section("intro").bars().size());
    }

    @Test
    void theRunningOrderIsRearrangedByKey() {
        click("Bridge");
        chord(ALT, UP);
        assertEquals("intro verse chorus verse bridge chorus chorus ending", order());
        press(INSERT);
        assertEquals("intro verse chorus verse bridge bridge chorus chorus ending", order());
        press(DELETE, DELETE);
        assertEquals("intro verse chorus verse bridge chorus ending", order());
        press(UP, DELETE);
        assertTrue(song().section(new SectionId("bridge")).isPresent(), "the section stays");
        chord(ALT, DOWN);
        assertEquals("intro verse chorus verse ending chorus", order());
    }

    @Test
    void aNewSectionIsNamedFilledAndPlayedTwice() {
        chord(CONTROL, SHIFT, N);
        assertEquals("intro new-section verse", order().substring(0, 23));
        fill("#section-name", "Procession");
        fill("#section-passes .text-field", "2");
        press(ENTER);
        assertEquals("Procession", section("new-section").name());
        assertEquals(2, section("new-section").passes());
        assertEquals(108, work.timeline().bars().size());
    }

    @Test
    void deletingASectionTakesItOutEverywhereAndUndoBringsItBack() {
        press(PAGE_DOWN, PAGE_DOWN);
        chord(CONTROL, ALT, DELETE);
        assertTrue(text("#notice").contains("the 3 places where it was played"), text("#notice"));
        assertEquals("intro verse verse bridge ending", order());
        chord(CONTROL, Z);
        assertEquals("intro verse chorus verse chorus bridge chorus ending", order());
        assertFalse(isShown("#notice"), "it is not gone any more");
    }

    /** The button of an older notice undid whatever was done last, in whichever song. */
    @Test
    void whatIsOfferedAboutAnEditIsOverWithTheNextOneAndInAnotherSong() {
        press(PAGE_DOWN, PAGE_DOWN);
        chord(CONTROL, ALT, DELETE);
        fill("#section-name", "Procession");
        assertFalse(isShown("#notice"));
        chord(CONTROL, ALT, DELETE);
        assertTrue(isShown("#notice-undo"));
        robot.interact(() -> work.begin(DemoSong.KETTLE_FOR_THE_STEWARDS.song()));
        assertFalse(isShown("#notice"));
    }

    @Test
    void theSnagListLeadsToTheBarOfASnag() {
        chord(CONTROL, G);
        assertTrue(isShown("#snag-entries"));
        press(DOWN, UP, ENTER);
        assertEquals("Bridge", text("#section-name"));
        assertEquals("F", text("#section-chord"));
        chord(CONTROL, G);
        assertFalse(isShown("#snag-entries"));
    }

    @Test
    void playingStartsAtTheChosenBarAndTheLoopKeepsToItsSection() throws Exception {
        chord(CONTROL, I);
        press(PAGE_DOWN, RIGHT, RIGHT);
        assertEquals(12, window.player().startBarProperty().get());
        chord(CONTROL, L);
        press(SPACE);
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> window.player().barNow().isPresent());
        assertEquals(
                new SectionId("verse"), window.player().barNow().orElseThrow().section());
        assertTrue(text("#player-place").contains("Verse"), text("#player-place"));
        press(SPACE);
        assertFalse(window.player().isPlaying());
    }

    @Test
    void aSectionEditedWhileItPlaysGoesOnPlaying() throws Exception {
        chord(CONTROL, I);
        press(SPACE);
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> window.player().barNow().isPresent());
        press(DIGIT2);
        assertTrue(window.player().isPlaying());
        click("#section-name");
        chord(CONTROL, DIGIT2);
        assertTrue(window.player().isPlaying());
        press(TAB, SPACE);
    }

    @Test
    void bracketsInTheLineOfChordsStayAsTheyWereTyped() {
        click("#order-line");
        fill("#harmony-line", "[C | G] x3 | F");
        press(ENTER);
        click("#section-name");
        assertEquals("[C | G] x3 | F", text("#harmony-line"));
        assertEquals(
                7, arrangement().arrangement().section().orElseThrow().bars().size());
        chord(CONTROL, Z);
        assertFalse(text("#harmony-line").contains("["));
    }
}
