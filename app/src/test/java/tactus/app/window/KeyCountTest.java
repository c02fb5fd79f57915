package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.U;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;

/** The ways of docs/keys-and-clicks.md, pressed one by one and counted. */
class KeyCountTest extends WindowTest {

    private int presses;

    private void keys(KeyCode... keys) {
        presses += keys.length;
        press(keys);
    }

    private void together(KeyCode... keys) {
        presses++;
        chord(keys);
    }

    private void write(String text) {
        presses += text.length();
        type(text);
        press();
    }

    private void row(int use) {
        presses++;
        robot.clickOn(
                robot
                        .from(robot.lookup(".running-order").queryListView())
                        .lookup(".list-cell")
                        .queryAllAs(ListCell.class)
                        .stream()
                        .filter(cell -> cell.getIndex() == use)
                        .findFirst()
                        .orElseThrow());
        press();
    }

    @Test
    void aNewSongOfFourSectionsWithTwoPatternsTakesFewerThan120Presses() {
        click("#pattern-name");
        together(CONTROL, N);
        keys(TAB, TAB, TAB, TAB, TAB, TAB);
        write("Intro: C G\nVerse: C G Am F\nChorus: F G C\nEnding: C");
        keys(TAB, SPACE);
        together(ALT, D);
        write("d d u u d u");
        keys(ENTER);
        together(CONTROL, SHIFT, P);
        together(CONTROL, DIGIT2);
        keys(HOME, D, MINUS, D, MINUS, D, MINUS, D, U);
        together(CONTROL, DIGIT3);
        keys(DIGIT1, PAGE_DOWN, DIGIT1, PAGE_DOWN, DIGIT2, PAGE_DOWN, DIGIT1);
        keys(SPACE);
        assertEquals("intro verse chorus ending", order());
        assertEquals("C 1 bar, G 1 bar, Am 1 bar, F 1 bar", spans("verse"));
        assertEquals(2, song().patterns().size());
        for (String id : new String[] {"intro", "verse", "chorus", "ending"})
            assertTrue(Assignment.of(song(), new SectionId(id)).isPresent(), id);
        assertEquals(
                song().patterns().get(1).id(),
                Assignment.of(song(), new SectionId("chorus")).orElseThrow());
        assertTrue(Timeline.of(song()).strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .noneMatch(stroke -> stroke.strings().isEmpty()));
        assertTrue(window.player().isPlaying());
        assertTrue(presses < 120, presses + " presses");
    }

    @Test
    void oneBarOfTheSecondVerseTakesFewerThan8Presses() {
        click("#pattern-name");
        robot.interact(() -> window.show(window.places().get(2)));
        row(3);
        together(ALT, E);
        write("5");
        keys(TAB);
        write("Em");
        keys(ENTER);
        Except added = song().uses().get(3).excepts().getLast();
        assertTrue(added.change() instanceof Except.OtherBars other
                && other.instead().spans().getFirst().chord().equals("Em"));
        assertEquals(
                "F",
                song().section(new SectionId("verse")).orElseThrow().spans().stream()
                        .map(span -> span.chord())
                        .skip(3)
                        .collect(Collectors.toList())
                        .getFirst(),
                "the section itself stays");
        assertTrue(presses < 8, presses + " presses");
    }

    @Test
    void aSecondEndingTakesFewerThan12Presses() {
        click("#pattern-name");
        robot.interact(() -> window.show(window.places().get(2)));
        row(2);
        together(ALT, E);
        write("7-8");
        keys(TAB);
        write("F|G");
        assertEquals(
                PassChoice.LAST, ((ComboBox<?>) robot.lookup("#except-passes").query()).getValue());
        keys(ENTER);
        Except added = song().uses().get(2).excepts().getLast();
        assertEquals(PassChoice.LAST, added.on());
        assertTrue(presses < 12, presses + " presses");
    }
}
