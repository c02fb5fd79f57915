package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.END;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.V;
import static javafx.scene.input.KeyCode.W;
import static javafx.scene.input.KeyCode.Y;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;

/** A teacher says patterns at the bench, and makes others from them, with the keyboard. */
class DictationFlowTest extends WindowTest {

    private Pattern shown() {
        return pattern("bass-and-brush");
    }

    private void say(String text) {
        chord(ALT, D);
        type(text);
        settle();
    }

    private List<Button> cards() {
        return robot.lookup(".picture-card").queryAllAs(Button.class).stream().toList();
    }

    private void choose(String title) {
        Button card = cards().stream()
                .filter(each -> each.getAccessibleText().startsWith(title))
                .findFirst()
                .orElseThrow();
        WaitForAsyncUtils.asyncFx(card::fire);
        settle();
    }

    @Test
    void whatIsSaidIsPlacedAndOneKeyAnswersTheQuestion() {
        say("D U U D D U");
        assertEquals("One placement. Enter takes it.", text("#dictation-message"));
        press(ENTER);
        assertEquals("du-ud-du", shown().line());
        assertEquals(List.of("D U U D D U"), shown().story().said());
        say("D U D D");
        assertTrue(text("#dictation-message").startsWith("4 placements. Is the second down on 2 or on 3?"));
        press(DOWN);
        assertEquals(2, cards().size());
        press(ESCAPE);
        assertEquals(4, cards().size());
        press(UP, UP, UP);
        assertEquals(1, cards().size());
        press(ESCAPE);
        chord(ALT, DIGIT2);
        assertEquals("d--ud-d-", shown().line());
        assertEquals("D U D D", text("#dictation"));
    }

    /** One Enter put the words of the former pattern over the one that was chosen. */
    @Test
    void whatWasSaidOfOnePatternIsNotPutOnAnother() {
        say("D U U D D U");
        var before = song();
        robot.interact(() -> robot.lookup(".pattern-list")
                .queryListView()
                .getSelectionModel()
                .select(1));
        assertEquals("", text("#dictation"));
        click("#dictation");
        press(ENTER);
        assertEquals(before, song());
    }

    /** Both readings can be taken from their pictures; the question settles which is meant. */
    @Test
    void whatCanBeMeantInTwoWaysIsAskedAndBothCanBeTaken() {
        say("mute down, up, down up");
        assertEquals(
                "Is “mute down” one stroke, or two, one behind the other?  ↑ the first  ↓ the second",
                text("#dictation-message"));
        assertEquals(2, cards().size(), "the likeliest of either meaning");
        press(DOWN);
        assertTrue(text("#dictation-message").contains("Is the first up on"), text("#dictation-message"));
        assertTrue(cards().size() > 2, "all placements of what is meant");
        press(ESCAPE);
        assertEquals(2, cards().size());
        press(UP);
        assertTrue(cards().size() > 2);
        press(ENTER);
        assertEquals(4, shown().strokes().size());
        say("D DU UDU D DU UDU");
        assertTrue(text("#dictation-message").contains("is it one bar with the hand in 1/16 notes, or two bars"));
        press(DOWN, ENTER);
        assertEquals("d-du-udud-du-udu", shown().line());
        assertEquals(8, shown().beats());
    }

    /** What is a habit is asked once; the answer holds for what is said next, is told, and can be forgotten. */
    @Test
    void aHabitOfSpeechIsAskedOnceToldAndForgotten() {
        say("D-U-D-U");
        assertTrue(
                text("#dictation-message").contains("is each hyphen a slot without a stroke, or does it only join?"));
        assertEquals(2, cards().size());
        press(DOWN);
        assertTrue(text("#dictation-read").contains("as you answered before: a hyphen only joins."));
        say("D-DU");
        assertTrue(text("#dictation-read").startsWith("Read as: down, down, up."), text("#dictation-read"));
        assertTrue(text("#dictation-read").contains("“D-DU” is read as you answered before"));
        press(ENTER);
        assertEquals(3, shown().played().stream().filter(Stroke::isStruck).count());
        press(ESCAPE, ESCAPE);
        click("#menu-view");
        click("#menu-view-speech");
        say("D-DU");
        assertTrue(text("#dictation-message").contains("or does it only join?"), text("#dictation-message"));
        robot.clickOn(cards().get(1));
        settle();
        assertTrue(cards().get(1).isFocused(), "the focus stays where one clicked, though all is shown anew");
        press(ESCAPE);
        say("the same but the last one muted");
        press(ENTER);
        assertTrue(shown().line().contains("x"), shown().line());
    }

    @Test
    void whatCannotBeReadOrPlayedIsSaidAndMendedAndTheTextStays() {
        say("sideways");
        assertTrue(text("#dictation-message").contains("has \"sideways\", which is no stroke"));
        assertTrue(text("#dictation-message").endsWith("(at character 1)."));
        say("down sideways");
        assertTrue(text("#dictation-message").contains("“sideways” says nothing of a pattern and is left out"));
        press(ENTER);
        assertEquals("b-tub-tu", shown().line(), "a key takes nothing of which a word was not understood");
        assertEquals("down sideways", text("#dictation"));
        choose("1");
        assertEquals("d-------", shown().line());
        say("accentt down, strumm");
        assertEquals(
                "Read as: accent down, strum. “accentt” was read as “accent”. “strumm” was read as “strum”.",
                text("#dictation-read"));
        say("U D U D");
        assertTrue(text("#dictation-message").startsWith("It cannot be played as it is said: stroke 1 (up)"));
        assertTrue(cards().getFirst().getAccessibleText().contains("swap strokes 1 and 2: down up"));
        press(ENTER);
        assertEquals("U D U D", text("#dictation"));
        assertTrue(shown().line().startsWith("d"));
    }

    @Test
    void stringsArePluckedPinchedAndTurnedIntoFingersAndTouchesHaveTheirKeys() {
        click("#hand-picture");
        press(HOME, DIGIT5);
        chord(SHIFT, DIGIT1);
        press(DIGIT3, DIGIT2, DIGIT3);
        assertEquals("(5 1)323b-tu", shown().line());
        chord(ALT, P);
        chord(ALT, R);
        assertEquals("(p a)imib-tu", shown().line());
        assertEquals(7, cards().size());
        choose("Dm");
        assertTrue(isShown("#finger-p"));
        chord(ALT, W);
        assertEquals("(p a)~imib-tu", shown().line());
        click("#hand-picture");
        press(HOME, B, LEFT, H);
        assertEquals("b_imib-tu", shown().line());
        press(KeyCode.O, W);
        assertEquals("b~'imib-tu", shown().line());
        press(END, Y);
        assertEquals(9, shown().grid().size());
        press(Y);
        assertEquals(8, shown().grid().size());
    }

    @Test
    void formsGroovesAndTheLibraryMakeNewPatterns() {
        chord(ALT, V);
        choose("+ Only beats");
        Pattern form = song().patterns().getLast();
        assertEquals("Bass and brush, only beats", form.name());
        click("#hand-picture");
        press(HOME, D);
        assertEquals("d-t-b-t-", song().pattern(form.id()).orElseThrow().line());
        chord(ALT, L);
        type("has a miss on 3, easy");
        settle();
        choose("Miss on three");
        assertEquals("d-du-udu", song().patterns().getLast().line());
        chord(ALT, G);
        type("boom ts chick ts boom ts chick ts");
        settle();
        assertEquals("khshkhsh", song().facts().groove().orElseThrow().line());
        assertTrue(text("#groove-message").contains("It answers the snare on 2, 4."), text("#groove-message"));
        type(" crash");
        settle();
        assertTrue(text("#groove-message").contains("has \"crash\", which is no drum"));
        assertEquals("khshkhsh", song().facts().groove().orElseThrow().line());
        choose("Groove, sparse");
        assertEquals("b-D-b-D-", song().patterns().getLast().line());
        when(asker.toOpenMidi()).thenReturn(Optional.of(folder.resolve("no.mid")));
        click("#groove-file");
        assertTrue(text("#groove-message").contains("no.mid: cannot be read"), text("#groove-message"));
    }

    @Test
    void aPatternIsTappedAgainstTheMetronome() throws Exception {
        chord(ALT, B);
        assertTrue(robot.lookup("#tap-pad").query().isFocused());
        press(SPACE);
        assertTrue(robot.lookup("#tap-pad").query().isFocused());
        assertTrue(text(".tap-pad .label").startsWith("Listen"), text(".tap-pad .label"));
        await(() -> window.player()
                .place()
                .map(place -> place.at().value())
                .filter(at -> at > 0 && at < 0.5)
                .isPresent());
        press(D);
        await(() -> text("#tap-errors").startsWith("1 tap, "));
        press(SPACE);
        assertFalse(window.player().isPlaying());
        press(ENTER);
        assertEquals(1, shown().played().stream().filter(Stroke::isStruck).count());
    }

    @Test
    void twoBarsOfSixteenthsAreSaidAtOnce() {
        fill("#pattern-beats", "8");
        press(ENTER);
        say("D U D U ".repeat(8).strip());
        press(ENTER);
        assertEquals("dudu".repeat(8), shown().line());
        assertEquals(Length.SIXTEENTH, shown().hand().rate());
    }
}
