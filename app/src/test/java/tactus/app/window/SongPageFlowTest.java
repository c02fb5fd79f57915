package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.DIGIT0;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.INSERT;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.PAGE_UP;
import static javafx.scene.input.KeyCode.PLUS;
import static javafx.scene.input.KeyCode.Q;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.V;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.SectionId;
import tactus.formats.demo.DemoSong;

/** The whole song as one page: seen, chosen in, and changed by mouse and by keys. */
class SongPageFlowTest extends WindowTest {

    /** The focus is in a text elsewhere when the page comes into sight. */
    @BeforeEach
    void goThere() {
        click("#pattern-name");
        chord(CONTROL, DIGIT3);
    }

    private List<Label> chords() {
        return robot.lookup(".bar-chord").queryAllAs(Label.class).stream()
                .filter(label -> isIn(label))
                .sorted(Comparator.comparingDouble(
                                (Label label) -> label.localToScene(0, 0).getY())
                        .thenComparingDouble(label -> label.localToScene(0, 0).getX()))
                .toList();
    }

    /** Whether it can be seen, and not only is built above or below what is in sight. */
    private boolean isIn(Node node) {
        Node scroll = robot.lookup(".bars-scroll").query();
        Bounds room = scroll.localToScene(scroll.getLayoutBounds());
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        return bounds.getMinY() >= room.getMinY() && bounds.getMaxY() <= room.getMaxY();
    }

    private Label chord(String name) {
        return chords().stream()
                .filter(label -> label.getText().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private long chosen() {
        return robot.lookup(".bar-chord").queryAllAs(Label.class).stream()
                .filter(SongPageFlowTest::isChosen)
                .count();
    }

    private static boolean isChosen(Label label) {
        return label.getPseudoClassStates().stream()
                .anyMatch(state -> state.getPseudoClassName().equals("chosen"));
    }

    private boolean isChosenIn() {
        return chords().stream().anyMatch(SongPageFlowTest::isChosen);
    }

    private List<Rule> rulesOf(String section) {
        return song().rules().stream()
                .filter(rule -> rule.where()
                        .section()
                        .filter(new SectionId(section)::equals)
                        .isPresent())
                .toList();
    }

    @Test
    void everyEntryOfTheRunningOrderHasItsHeading() {
        robot.interact(
                () -> robot.lookup(".bars-scroll").queryAs(ScrollPane.class).setVvalue(0));
        assertTrue(textsIn("#head-0").contains("Intro"));
        for (int use = 0; use < song().uses().size(); use++) {
            int wanted = use;
            chooseUse(wanted);
            assertTrue(isShown("#head-" + wanted), "entry " + wanted);
            assertTrue(isIn(robot.lookup("#head-" + wanted).query()));
        }
    }

    /** By mouse: a click on the row of the running order. */
    private void chooseUse(int use) {
        ListView<?> list = robot.lookup(".running-order").queryListView();
        robot.interact(() -> list.scrollTo(use));
        settle();
        Node row = robot.from(list).lookup(".list-cell").queryAllAs(ListCell.class).stream()
                .filter(cell -> cell.getIndex() == use && !cell.isEmpty())
                .findFirst()
                .orElseThrow();
        robot.clickOn(row);
        settle();
    }

    @Test
    void aClickOnAChordChoosesItAndADigitThenAssignsToItsSection() {
        robot.clickOn(chord("Am"));
        press(DIGIT2);
        assertEquals(
                "lantern-march",
                rulesOf("intro").stream()
                        .filter(rule -> rule.where().pass().isEvery()
                                && rule.where().part().isEmpty()
                                && rule.pattern().isPresent())
                        .findFirst()
                        .orElseThrow()
                        .pattern()
                        .orElseThrow()
                        .value());
    }

    @Test
    void aClickIntoThePictureOfABarTakesTheFocusAndTheDigit() {
        chord(CONTROL, PLUS);
        Node picture = robot.lookup(".bar-view .hand-view").queryAll().stream()
                .filter(this::isIn)
                .findFirst()
                .orElseThrow();
        click("#section-name");
        robot.clickOn(picture);
        assertEquals(
                "bars",
                stage.getScene().getFocusOwner().getId(),
                stage.getScene().getFocusOwner().toString());
        press(DIGIT3);
        assertTrue(rulesOf("intro").stream()
                .anyMatch(rule -> rule.pattern()
                        .filter(id -> id.value().equals("tin-roof"))
                        .isPresent()));
    }

    @Test
    void severalChordsChosenByKeysGetAPatternAsOneRuleForTheirBars() {
        press(SHIFT);
        chord(SHIFT, RIGHT);
        assertEquals(2, chosen());
        press(DIGIT3);
        Rule rule = rulesOf("intro").stream()
                .filter(each -> each.where().part().orElse(null) instanceof Part.InBars)
                .findFirst()
                .orElseThrow();
        assertEquals("tin-roof", rule.pattern().orElseThrow().value());
        chord(CONTROL, Z);
        assertTrue(
                rulesOf("intro").stream().noneMatch(each -> each.where().part().orElse(null) instanceof Part.InBars));
    }

    @Test
    void severalChordsThatWereDraggedOverAreTakenAwayTogether() {
        robot.drag(chord("C"), MouseButton.PRIMARY)
                .moveTo(chord("G/B"))
                .moveTo(chord("Am"))
                .drop();
        settle();
        assertEquals(3, chosen());
        press(DELETE);
        assertEquals("F 1 bar", spans("intro"));
        chord(CONTROL, Z);
        assertEquals("C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
    }

    @Test
    void barsThatWereDraggedOverAreCopiedBehindThem() {
        robot.drag(chord("C"), MouseButton.PRIMARY).moveTo(chord("G/B")).drop();
        settle();
        assertEquals(2, chosen());
        chord(CONTROL, C);
        chord(CONTROL, V);
        assertEquals("C 1 bar, G/B 1 bar, C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
    }

    @Test
    void aPatternIsDraggedOntoAHeadingAndOntoAChord() throws Exception {
        robot.drag("#palette-4", MouseButton.PRIMARY).moveTo("#head-0").drop();
        await(() -> rulesOf("intro").stream()
                .anyMatch(rule -> rule.pattern()
                        .filter(id -> id.value().equals("driving-eighths"))
                        .isPresent()));
        robot.drag("#palette-3", MouseButton.PRIMARY).moveTo(chord("F")).drop();
        await(() -> rulesOf("intro").stream()
                .anyMatch(rule -> rule.where().part().equals(java.util.Optional.of(new Part.OnChord(4)))
                        && rule.pattern()
                                .filter(id -> id.value().equals("tin-roof"))
                                .isPresent()));
    }

    @Test
    void aPatternIsPutOnTheSectionByPressingItsChip() {
        click("#palette-4");
        assertTrue(rulesOf("intro").stream()
                .anyMatch(rule -> rule.pattern()
                        .filter(id -> id.value().equals("driving-eighths"))
                        .isPresent()));
    }

    @Test
    void aUseThatIsTheSameIsFoldedAndOpensByKeyAndMouse() {
        chooseUse(4);
        assertTrue(textsIn("#head-4").contains("as from bar 25"));
        int open = bars(4);
        assertTrue(open > 0, "what is worked on is open");
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        press(PAGE_UP, PAGE_DOWN, F);
        assertEquals(0, bars(4));
        Node fold =
                robot.from(robot.lookup("#head-4").queryAll()).lookup(".fold").query();
        robot.clickOn(fold);
        assertEquals(open, bars(4));
    }

    @Test
    void aSectionThatIsNotPlayedStandsBelowTheSongAndIsWorkedOnThere() {
        fill("#order-line", "Verse, Chorus");
        press(ENTER);
        click("#section-name");
        chooseUse(2);
        assertTrue(textsIn("#head-not-played").contains("Intro"));
        robot.clickOn(robot.from(robot.lookup("#head-not-played").queryAll())
                .lookup(".fold")
                .queryAs(Node.class));
        robot.clickOn(chord("G/B"));
        press(F, DOWN);
        assertEquals(1, chosen());
        press(DIGIT2);
        assertEquals(
                "lantern-march",
                rulesOf("intro").getFirst().pattern().orElseThrow().value());
    }

    @Test
    void aSongWithOneSectionWithoutAnyChordIsWalkedThroughWithoutAFault() {
        fill("#order-line", "Bridge");
        press(ENTER);
        robot.interact(() -> robot.lookup("#bars").query().requestFocus());
        press(DELETE, DELETE, DELETE, DELETE, DELETE, DELETE, DELETE, DELETE, DELETE);
        press(DOWN, UP, PAGE_DOWN, F, DOWN, UP, RIGHT);
        assertEquals("bridge", order());
        assertTrue(textsIn("#head-0").contains("Bridge"));
    }

    @Test
    void aChordIsHeldInAnotherShapeByOneKey() {
        robot.clickOn(chord("C"));
        press(O);
        assertTrue(spans("intro").startsWith("C@2 1 bar, G/B 1 bar"), spans("intro"));
        assertTrue(chords().stream().anyMatch(label -> label.getText().equals("C (2)")));
        press(O);
        assertTrue(spans("intro").startsWith("C 1 bar"), "round again");
        press(O);
        fill("#harmony-line", "C@2 | G/B | Am | C@up");
        press(ENTER);
        assertEquals("C@2 1 bar, G/B 1 bar, Am 1 bar, C@up 1 bar", spans("intro"));
        assertTrue(song().chord("C@up").orElseThrow().isOffered());
        chord(CONTROL, Z);
        assertTrue(song().chord("C@up").isEmpty());
    }

    private int bars(int use) {
        settle();
        Node head = robot.lookup("#head-" + use).query();
        double from = head.getBoundsInParent().getMaxY();
        return (int) robot.lookup(".page-line").queryAll().stream()
                .filter(line -> Math.abs(line.getBoundsInParent().getMinY() - from) < 1)
                .count();
    }

    /** A panel takes room from the page, so that its lines break otherwise; the window is small. */
    @Test
    void whatIsChosenStaysInSightWhenAPanelOpensAndCloses() throws Exception {
        robot.interact(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
            work.begin(DemoSong.RAIN_ON_THE_BOATHOUSE.song());
        });
        click("#section-name");
        chooseUse(2);
        assertTrue(isChosenIn());
        chord(ALT, Q);
        await(() -> isShown("#words"));
        assertTrue(isChosenIn(), "in sight beside the panel");
        chooseUse(4);
        chord(ALT, Q);
        assertTrue(isChosenIn(), "in sight without it");
    }

    @Test
    void zoomGoesFromTheWholeSongToOneLineOfBars() throws Exception {
        chord(CONTROL, MINUS);
        long all = robot.lookup(".page-head").queryAll().stream()
                .filter(this::isIn)
                .count();
        assertTrue(all >= 8, "all entries of a song of 100 bars are in sight: " + all);
        assertFalse(isShown(".bar-view .hand-view"));
        for (int i = 0; i < 4; i++) chord(CONTROL, PLUS);
        await(() -> isShown(".bar-view .hand-view"));
        double width = robot.lookup(".bar-view")
                .queryAll()
                .iterator()
                .next()
                .getLayoutBounds()
                .getWidth();
        assertTrue(width > 400, "a bar is " + width + " wide");
        chord(CONTROL, DIGIT0);
        await(() -> !isShown(".bar-view .hand-view"));
    }

    @Test
    void theRunningOrderIsEditedAsALineAndEntriesKeepWhatIsOther() {
        int excepts = song().uses().get(3).excepts().size();
        chord(ALT, I);
        assertEquals("order-line", stage.getScene().getFocusOwner().getId());
        fill("#order-line", "Verse, Intro, (Verse, Chorus) x2, Ending x2");
        press(ENTER);
        assertEquals("verse intro verse chorus verse chorus ending ending", order());
        assertEquals(
                excepts,
                song().uses().stream()
                        .mapToInt(use -> use.excepts().size())
                        .max()
                        .orElse(0));
        chord(CONTROL, Z);
        assertEquals("intro verse chorus verse chorus bridge chorus ending", order());
    }

    @Test
    void severalEntriesAreRepeatedMovedAndTakenOutTogether() {
        chooseUse(1);
        chord(SHIFT, DOWN);
        press(INSERT);
        assertEquals("intro verse chorus verse chorus verse chorus bridge chorus ending", order());
        chord(ALT, UP);
        assertEquals("intro verse verse chorus chorus verse chorus bridge chorus ending", order());
        press(DELETE);
        assertEquals("intro verse chorus verse chorus bridge chorus ending", order());
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals("intro verse chorus verse chorus bridge chorus ending", order());
    }

    @Test
    void anEntryCanHaveANameOfItsOwn() {
        chooseUse(6);
        chord(ALT, javafx.scene.input.KeyCode.E);
        fill("#use-name", "Last time round");
        assertEquals("Last time round", song().uses().get(6).name().orElseThrow());
        assertTrue(textsIn("#head-6").contains("Last time round"));
        assertTrue(text("#order-line").contains("Last time round"));
    }

    @Test
    void theRunningOrderFollowsThePage() {
        var scroll = robot.lookup(".bars-scroll").queryAs(ScrollPane.class);
        robot.interact(() -> scroll.setVvalue(1));
        settle();
        assertTrue(robot.lookup(".running-order .list-cell").queryAll().stream()
                .filter(cell -> cell.getPseudoClassStates().stream()
                        .anyMatch(state -> state.getPseudoClassName().equals("in-view")))
                .anyMatch(cell -> !cell.getAccessibleText().startsWith("Intro")));
    }
}
