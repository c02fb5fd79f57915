package tactus.app.window;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.PERIOD;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SLASH;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.V;
import static javafx.scene.input.KeyCode.Y;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.core.reading.sentence.RuleSentence;
import tactus.words.SongWords;
import tactus.words.Words;

/** A teacher writes rules, exceptions and versions beside the bars, and reads the sums. */
class RulesFlowTest extends WindowTest {

    @BeforeEach
    void goThere() {
        chord(CONTROL, DIGIT3);
    }

    private String lastRule() {
        return new SongWords(song()).of(song().rules().getLast());
    }

    private RulesModel rules() {
        return arrangement().rules();
    }

    @Test
    void aRuleIsWrittenAsASentenceRewrittenAndTakenBack() {
        chord(ALT, U);
        type("second Verse, last 2 bars: silenc");
        settle();
        assertTrue(text(".arrangement-panel .problem").contains("no pattern of this song"));
        type("e");
        press(ENTER);
        String rule = "second Verse, last 2 bars: silence";
        assertEquals(rule, lastRule());
        assertEquals("", text("#rule-sentence"));
        robot.interact(() -> rules().edit(song().rules().size() - 1));
        fill("#rule-sentence", "second Verse, last 2 bars: held strum, soft");
        press(ENTER);
        assertEquals("second Verse, last 2 bars: held strum, soft", lastRule());
        int count = song().rules().size();
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(count - 1, song().rules().size());
    }

    /** It froze the window for minutes. */
    @Test
    void aPlainSentenceIsReadAtEveryKeyAndATextOfTenThousandLettersBesideTheWindow() throws Exception {
        chord(ALT, U);
        type("the last time we play the chorus please let it ring a bit longer than before and then stop");
        settle();
        assertTrue(text(".arrangement-panel .problem").contains("colon"), text(".arrangement-panel .problem"));
        robot.interact(() ->
                robot.lookup("#rule-sentence").queryTextInputControl().setText("last chorus, every D, ".repeat(500)));
        await(() -> text(".arrangement-panel .problem").contains("last chorus"));
        fill("#rule-sentence", "Verse: soft");
        assertTrue(text("#rule-reading").contains("Verse: soft"), text("#rule-reading"));
    }

    @Test
    void aRuleAsItIsSpokenIsShownAsItIsReadBeforeAndAfterItIsTaken() {
        chord(ALT, U);
        click("#section-name");
        click("#rule-sentence");
        type("last bar of the second Verse, stop");
        settle();
        String read = "second Verse, last bar: stop and count";
        assertTrue(text("#rule-reading").contains("“" + read + "”"), text("#rule-reading"));
        press(ENTER);
        assertEquals(read, lastRule());
        assertTrue(text("#rule-reading").startsWith("Taken: “" + read), text("#rule-reading"));
        robot.interact(work::undo);
        assertEquals("", text("#rule-reading"), "it is taken no more");
        robot.interact(work::redo);
        type("of the");
        assertEquals("", text("#rule-reading"));
        fill("#rule-sentence", "Verse: soft");
        assertTrue(text("#rule-reading").contains("Verse: soft"), text("#rule-reading"));
        fill("#rule-sentence", "");
        assertEquals("", text("#rule-reading"), "nothing is typed, so nothing is read");
    }

    /** "Last Chorus: soft" was beaten without a word by what had been said of a chord of every chorus. */
    @Test
    void whereWhatIsTakenDoesNotHoldIsSaidAndItHoldsThereTooAtAClick() {
        chord(ALT, U);
        click("#section-name");
        fill("#rule-sentence", "Chorus, chord 2: strong");
        press(ENTER);
        assertFalse(robot.lookup("#rule-not-there").query().isVisible(), "it holds wherever it speaks");
        fill("#rule-sentence", "last Chorus: soft");
        press(ENTER);
        assertTrue(textsIn("#rule-not-there").contains("there “Chorus, chord 2: strong” comes first"));
        click("#rule-not-there .hyperlink");
        assertEquals("last Chorus, chord 2: soft", lastRule());
        assertFalse(robot.lookup("#rule-not-there").query().isVisible(), "it holds there too");
        assertTrue(text("#rule-reading").startsWith("Taken: “last Chorus: soft"), text("#rule-reading"));
        chord(CONTROL, Z);
        assertEquals("Chorus, chord 2: strong", lastRule(), "taken back at once");
        fill("#rule-sentence", "Bridge, last pass: soft");
        press(ENTER);
        assertTrue(textsIn("#rule-not-there").contains("Not in Bridge, which goes round once"));
        type("V");
        settle();
        assertFalse(robot.lookup("#rule-not-there").query().isVisible(), "another rule is written");
    }

    @Test
    void chordsAreTypedAsALineAndWhatDoesNotComeOutEvenIsSaidAtOnce() {
        chord(ALT, A);
        assertEquals("C | G/B | Am | F", text("#harmony-line"));
        fill("#harmony-line", "C | G/B D:3");
        assertTrue(text(".harmony-line .problem").isEmpty(), "G/B has the beat that is left");
        fill("#harmony-line", "C | G/B:2 D:3");
        assertTrue(text(".harmony-line .problem").contains("1 too many"), text(".harmony-line .problem"));
        press(ENTER);
        assertEquals("C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"), "nothing is taken that is wrong");
        fill("#harmony-line", "C | G/B. D | [F x3 | C] x2");
        press(ENTER);
        assertEquals("C 1 bar, G/B 2 beats, D 2 beats, F 3 bars, C 1 bar, F 3 bars, C 1 bar", spans("intro"));
        assertEquals(10, section("intro").bars().size());
        assertEquals("C | G/B. D | [F x3 | C] x2", text("#harmony-line"));
        chord(CONTROL, Z);
        assertEquals("C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
    }

    @Test
    void chordsAreSplitJoinedAndBarsRepeatedAndCopiedByKey() {
        press(SLASH);
        assertEquals("C 2 beats, C 2 beats, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
        press(J);
        assertEquals("C 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
        press(RIGHT, R);
        assertEquals("C 1 bar, G/B 1 bar, G/B 1 bar, Am 1 bar, F 1 bar", spans("intro"));
        press(LEFT, LEFT);
        chord(CONTROL, C);
        press(RIGHT, RIGHT, RIGHT, RIGHT);
        chord(CONTROL, V);
        assertEquals("C 1 bar, G/B 1 bar, G/B 1 bar, Am 1 bar, F 1 bar, C 1 bar", spans("intro"));
        assertEquals(6, section("intro").bars().size());
    }

    @Test
    void anEventIsPutOnAChordAndTakenBackWithItsKey() {
        press(RIGHT, S);
        assertEquals("Intro, chord 2: stop and count", lastRule());
        assertEquals("C | G/B. | Am | F", text("#harmony-line"));
        press(S, PERIOD);
        assertTrue(song().rules().contains(new RuleSentence(Words.lexicon(), song()).parse("Intro: rather soft")));
        chord(ALT, DIGIT3);
        assertEquals("Intro, chord 2: Tin roof", lastRule());
        chord(ALT, Y);
        assertTrue(textsIn("#reasons").contains("Intro, chord 2: Tin roof"), textsIn("#reasons"));
        assertTrue(textsIn("#reasons").contains("beats: Intro: Held strum"), textsIn("#reasons"));
    }

    @Test
    void aRuleThatIsBeatenIsLetWinWhereItIsSaidWhy() {
        for (String rule : List.of("Verse, chord 1: stop and count", "second Verse: Tin roof"))
            robot.interact(() -> work.change(
                    "edit.rule", song -> song.withRule(new RuleSentence(Words.lexicon(), song).parse(rule))));
        press(PAGE_DOWN, PAGE_DOWN, PAGE_DOWN);
        chord(ALT, Y);
        assertTrue(
                textsIn("#reasons").contains("(a part of the section comes before one time of it)"),
                textsIn("#reasons"));
        click("Let it win here: second Verse, chord 1: Tin roof");
        assertEquals("second Verse, chord 1: Tin roof", lastRule());
        assertTrue(textsIn("#reasons").contains("beats: Verse, chord 1: stop and count |"), textsIn("#reasons"));
    }

    @Test
    void whatIsOtherThisTimeStaysLinkedAndCanBecomeASection() {
        press(PAGE_DOWN);
        chord(ALT, E);
        fill("#except-where", "last 2 bars");
        fill("#except-line", "F | G");
        // The last bars are likely other on the last pass only; here they are on every one.
        press(TAB, UP, ENTER);
        assertTrue(isShown("last 2 bars: F | G instead"));
        assertEquals(100, work.timeline().bars().size());
        fill("#except-runs .text-field", "3");
        press(ENTER);
        assertEquals(108, work.timeline().bars().size());
        click("#except-own");
        assertEquals("intro verse-2 chorus verse chorus bridge chorus ending", order());
        assertEquals(3, section("verse-2").passes());
        assertEquals(
                "F",
                section("verse-2").spans().getLast().chord().isEmpty()
                        ? ""
                        : section("verse-2")
                                .spans()
                                .get(section("verse-2").spans().size() - 2)
                                .chord());
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(100, work.timeline().bars().size());
    }

    @Test
    void bracketsTypedForThisTimeStayAndBecomeTheSectionsOwn() {
        press(PAGE_DOWN);
        chord(ALT, E);
        fill("#except-where", "last 4 bars");
        fill("#except-line", "[F | G] x2");
        press(TAB, UP, ENTER);
        assertTrue(isShown("last 4 bars: [F | G] x2 instead"));
        click("#except-own");
        click("#order-line");
        assertTrue(text("#harmony-line").endsWith("[F | G] x2"), text("#harmony-line"));
    }

    @Test
    void aVersionIsMadeByRuleShownAndDeleted() {
        chord(ALT, N);
        fill("#version-name", "Second week");
        click("#version-easier");
        assertEquals("Second week", song().versions().shown().orElseThrow());
        assertTrue(textsIn(".arrangement-panel").contains("everywhere, in version Second week: only beats form"));
        assertTrue(
                textsIn(".arrangement-panel").contains("Tin roof: only beats form, 3 strokes for 11"),
                textsIn(".arrangement-panel"));
        assertTrue(isShown("#version"));
        chord(CONTROL, E);
        assertTrue(song().versions().shown().isEmpty());
        chord(CONTROL, Z);
        click("#version-delete");
        assertEquals(2, song().versions().all().size());
    }

    @Test
    void aSnagIsMendedWithOnePressOrAcceptedWithAReason() {
        chord(CONTROL, G);
        click("Take it off the plan");
        assertEquals(1, work.snags().size());
        robot.clickOn(".snag-reason").write("it is meant");
        press(ENTER);
        assertEquals(0, work.snags().size());
        assertEquals("it is meant", song().lesson().accepted().getFirst().reason());
        assertTrue(textsIn("#snag-entries").contains("Meant: it is meant"), textsIn("#snag-entries"));
        click("Not meant after all");
        assertEquals(1, work.snags().size());
    }
}
