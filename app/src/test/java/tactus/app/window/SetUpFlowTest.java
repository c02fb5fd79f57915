package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT0;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Spinner;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.PickingStyle;
import tactus.core.patterns.picking.Strike;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Aspect;
import tactus.formats.demo.DemoSong;

/** A teacher settles tuning, capo and shapes in the set-up. */
class SetUpFlowTest extends WindowTest {

    private String shape(String chord) {
        return song().chord(chord).orElseThrow().voicing().toString();
    }

    private void openNeck() {
        chord(ALT, S);
    }

    private String texts(String query) {
        return robot.lookup(query).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining(" | "));
    }

    @Test
    void aShapeIsMadeWithKeysAndItsNameFollows() {
        openNeck();
        press(UP, DIGIT0);
        assertEquals("x32000", shape("C"));
        assertTrue(texts(".name-guesses .hyperlink").contains("Cmaj7"), texts(".name-guesses .hyperlink"));
        press(N);
        assertEquals("x32000", shape("Cmaj7"));
        assertEquals("Cmaj7", section("intro").spans().getFirst().chord());
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals("x32010", shape("C"));
    }

    /** Behind the capo at fret 2 the shape of C was said to sound as C. */
    @Test
    void aShapeIsHeldAsOneChordAndSoundsAsAnotherBehindACapo() {
        openNeck();
        assertEquals("held as | C | and sounds as D", texts(".name-guesses .label"));
        robot.interact(() -> work.change(new ChangeFact<>(Aspect.CAPO, 0)));
        assertEquals("sounds as | C", texts(".name-guesses .label"));
    }

    @Test
    void twoDigitsMakeAHighFretAndXLeavesAStringOut() {
        openNeck();
        press(DIGIT1, DIGIT2);
        assertEquals("x-3-2-0-1-12", shape("C"));
        press(X, DOWN, UP, DIGIT3);
        assertEquals("x3203x", shape("C"));
    }

    @Test
    void thePagesGoThroughTheChords() {
        openNeck();
        press(PAGE_DOWN, DIGIT0);
        assertEquals("320000", shape("G"));
    }

    @Test
    void theNeckIsPressedWhereTheFingerGoes() {
        openNeck();
        press(PAGE_DOWN, PAGE_DOWN);
        Node neck = robot.lookup("#neck").query();
        var bounds = neck.localToScreen(neck.getBoundsInLocal());
        double gap = (bounds.getHeight() - 24) / 6.2;
        robot.clickOn(new Point2D(bounds.getMinX() + 46, bounds.getMinY() + gap * 0.6));
        assertEquals("002210", shape("Am"));
        robot.clickOn(new Point2D(bounds.getMinX() + 46, bounds.getMinY() + gap * 0.6));
        assertEquals("x02210", shape("Am"));
        click("#menu-view");
        click("#menu-view-leftHanded");
        robot.clickOn(new Point2D(bounds.getMaxX() - 46, bounds.getMinY() + gap * 0.6));
        assertEquals("002210", shape("Am"));
    }

    @Test
    void aSlipIsExplainedAndMendedWithOnePress() {
        openNeck();
        press(UP, DIGIT2);
        assertTrue(texts(".shape-panel .snag-line").contains("string 2 at fret 2 sounds Db"), texts(".snag-line"));
        assertEquals("3 snags", text("#button-view-snags"));
        click("#take-remedy");
        assertEquals("x32010", shape("C"));
    }

    @Test
    void aSnagOfAShapeLeadsToItsNeck() {
        run(() -> work.begin(DemoSong.RAIN_ON_THE_BOATHOUSE.song()));
        chord(CONTROL, G);
        press(ENTER);
        assertEquals("D7", text("#shape-name"));
        click("#take-remedy");
        assertEquals("xx0212", shape("D7"));
    }

    @Test
    void aChordIsAddedByItsNameOrByItsShape() throws TimeoutException {
        openNeck();
        fill("#add-chord", "B-7b5");
        press(ENTER);
        assertEquals("Bm7b5", text("#shape-name"));
        assertEquals(7 + 1, song().chords().size());
        fill("#add-chord", "xx0212");
        press(ENTER);
        assertEquals("xx0212", shape("D7"));
        fill("#add-chord", "Hm");
        press(ENTER);
        assertTrue(text("#set-up-problem").contains("write Bm"), text("#set-up-problem"));
        assertEquals("Hm", text("#add-chord"));
    }

    @Test
    void inTheSchoolThatSaysHNamesAreReadAndWrittenSo() {
        openNeck();
        click("#menu-view");
        click("#menu-view-saysH");
        fill("#add-chord", "Hm");
        press(ENTER);
        assertTrue(song().chord("Bm").isPresent());
        assertEquals("Hm", text("#shape-name"));
    }

    @Test
    void anEasierShapeIsOfferedAndTakenWithOneKey() throws TimeoutException {
        openNeck();
        press(PAGE_DOWN, PAGE_DOWN, PAGE_DOWN);
        await(() -> text("#stand-in").startsWith("xx3211"));
        assertEquals("xx3211, ease 73: leaves out strings 6 and 5.", text("#stand-in"));
        press(E);
        assertEquals("xx3211", shape("F"));
        await(() -> robot.lookup(".offer").queryAll().size() == 12);
        robot.clickOn(robot.lookup(".offer").queryAll().stream().findFirst().orElseThrow());
        assertEquals(
                "133211", shape("F"), "none is easier to hold: the one that teachers draw is the first of the others");
    }

    @Test
    void fingersAndStrummedStringsArePartOfTheShape() {
        openNeck();
        fill("#shape-fingers", "x3(21)010");
        press(ENTER);
        assertTrue(texts(".shape-panel .snag-line").contains("finger 1 and finger 2 are both on string 4"));
        fill("#shape-fingers", "x32010");
        press(ENTER);
        assertEquals("", texts(".shape-panel .snag-line"));
        fill("#shape-strummed", "4-1");
        press(ENTER);
        Chord c = song().chord("C").orElseThrow();
        assertEquals("4-1", c.strummed().orElseThrow().toString());
        assertEquals("x32010", c.fingering().orElseThrow().toText(c.voicing()));
        fill("#shape-frets", "x3201");
        press(ENTER);
        assertTrue(text("#set-up-problem").contains("is for 5 strings, the tuning has 6"));
        assertEquals("x32010", shape("C"));
    }

    @Test
    void fingersThatMoveOnAChordAreWrittenBesideItAndAMistakeStaysAsTyped() {
        openNeck();
        fill("#shape-moves", "1 2.0, 1& 2h");
        press(TAB);
        assertTrue(text("#set-up-problem").contains("2h"), text("#set-up-problem"));
        assertEquals("1 2.0, 1& 2h", text("#shape-moves"));
        fill("#shape-moves", "1 2.0, 1& 2h1");
        press(ENTER);
        assertEquals("", text("#set-up-problem"));
        assertEquals(2, song().chord("C").orElseThrow().moves().size());
        click("#shape-name");
        chord(CONTROL, Z);
        assertEquals("", text("#shape-moves"));
    }

    @Test
    void theEasiestCapoIsTakenWithOneKeyAndTheSongSoundsAsBefore() throws TimeoutException {
        chord(ALT, C);
        await(() -> text("#capo-advice").startsWith("Capo 7 with shapes in G"));
        chord(CONTROL, K);
        assertEquals(7, song().facts().capo());
        assertEquals("D", song().facts().key().toString());
        assertEquals("G", section("intro").spans().getFirst().chord());
        await(() -> text("#capo-advice").startsWith("It is best as it is: capo 7"));
        chord(CONTROL, Z);
        assertEquals("C", section("intro").spans().getFirst().chord());
    }

    @Test
    void anyPlaceOfTheCapoIsTakenByPressingIt() throws TimeoutException {
        chord(ALT, C);
        await(() -> isShown("#capo-row-0-5"));
        click("#capo-row-0-5");
        assertEquals("A", song().facts().shapesKey().toString());
        assertEquals("A", section("intro").spans().getFirst().chord());
        click("#capo-down-2");
        assertTrue(isShown("#capo-row-2-2") && !isShown("#capo-row-0-5"));
    }

    @Test
    void theCapoSumIsAnsweredTheOtherWayRound() throws TimeoutException {
        chord(ALT, C);
        assertEquals("capo 4; or capo 5, strings 1 down; or capo 6, strings 2 down", text("#capo-setting"));
        assertTrue(text("#capo-lowered").startsWith("Then it sounds in C."), text("#capo-lowered"));
        assertTrue(text("#capo-without").startsWith("Alone, the same shapes sound in C."), text("#capo-without"));
        await(() -> text("#capo-change").contains("move the capo to 4"));
        assertTrue(
                text("#capo-without").endsWith("To play along: no capo, shapes in D, ease 73."), text("#capo-without"));
        click("#capo-tune-down");
        assertEquals(2, song().facts().instrument().tunedDown());
        assertEquals("C", song().facts().key().toString());
        assertEquals("C", song().facts().shapesKey().toString());
    }

    @Test
    void aTuningThatTightensStringsIsWarnedOfAndALowerOneTaken() {
        chord(ALT, T);
        fill("#tuning-notes", "E B E G# B E");
        press(ENTER);
        assertTrue(texts(".tuning-panel .snag-line").startsWith("3 strings are pulled"), texts(".snag-line"));
        assertTrue(isShown("#find-shapes"));
        click("#tuning-instead");
        assertEquals("D A D F# A D", song().facts().tuning().notes());
        assertEquals(4, song().facts().capo());
        click("#find-shapes");
        assertFalse(isShown("#find-shapes"));
        assertEquals("", texts(".chord-strip .snag-line"));
        assertEquals("2 snags", text("#button-view-snags"));
    }

    @Test
    void aTuningThatCannotBeReadStaysInTheFieldWithTheReason() {
        chord(ALT, T);
        fill("#tuning-notes", "E A D Q B E");
        press(ENTER);
        assertTrue(text("#set-up-problem").contains("\"Q\""), text("#set-up-problem"));
        assertEquals("E A D Q B E", text("#tuning-notes"));
        fill("#tuning-concert", "400");
        press(ENTER);
        assertTrue(text("#set-up-problem").contains("415 to 466"), text("#set-up-problem"));
    }

    @Test
    void whatTheStudentCountedReplacesTheEstimate() {
        chord(ALT, H);
        assertTrue(texts(".change-rows .label").contains("about 0.8 s"));
        fill("#count-0", "30");
        press(ENTER);
        assertEquals(30, song().changeCounts().getFirst().perMinute());
        assertTrue(texts(".change-rows .label").contains("2.0 s, counted"), texts(".change-rows .label"));
        assertTrue(robot.lookup("#count-0").query().isFocused());
        press(TAB);
        type("45");
        press(TAB);
        assertEquals(2, song().changeCounts().size());
        fill("#count-0", "many");
        press(ENTER);
        assertTrue(text("#set-up-problem").contains("whole number"), text("#set-up-problem"));
    }

    @Test
    void aSmallHandIsToldWhatItCannotHold() {
        openNeck();
        robot.interact(() ->
                ((Spinner<?>) robot.lookup("#hand-span").query()).getEditor().setText("60"));
        click("#hand-span .text-field");
        press(ENTER);
        assertTrue(texts(".chord-card .quiet").contains("too wide"), texts(".chord-card .quiet"));
        assertTrue(texts(".effort-row .label").contains("Beyond a span of 60 mm"), texts(".effort-row .label"));
    }

    private void run(Runnable change) {
        robot.interact(change);
    }

    /** By keys and by mouse: who it is for, what strikes, and which strings the fingers take; the sheet says it. */
    @Test
    void theLevelTheStrikeAndTheStringsOfTheFingersAreFactsOfTheSong() {
        click("#pattern-name");
        chord(CONTROL, DIGIT1);
        click("#facts-level");
        press(DOWN, DOWN, ENTER);
        assertEquals(Optional.of(Level.EASY), song().facts().level());
        click("#hand-scale .text-field");
        press(TAB, TAB, DOWN, DOWN, DOWN);
        assertEquals("facts-strike", stage.getScene().getFocusOwner().getId());
        click("#facts-fingers");
        press(DOWN, ENTER);
        assertEquals(
                new PickingStyle(FingerSchool.LOW_ON_SIX, Optional.of(Strike.THUMB_AND_INDEX)),
                song().facts().picking());
        assertTrue(text("#song-facts").startsWith("level: easy · "), text("#song-facts"));
        assertTrue(text("#song-facts").contains("struck with thumb (down) and index (up)"), text("#song-facts"));
        chord(CONTROL, Z);
        assertEquals(FingerSchool.FOLLOWING, song().facts().picking().school());
    }
}
