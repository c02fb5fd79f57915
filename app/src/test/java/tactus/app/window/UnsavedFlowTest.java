package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.Q;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.TAB;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.event.Event;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.app.outside.FailingDisk;
import tactus.app.outside.FailingDisk.Trouble;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.written.song.Aspect;
import tactus.formats.song.SongFile;

/** What the question about unsaved work promises is kept for each of its answers, whatever the disk does. */
class UnsavedFlowTest extends WindowTest {

    private Path disk;
    private Path file;

    @BeforeEach
    void saveAndChange() throws Exception {
        disk = FailingDisk.over(folder);
        file = disk.resolve("walk.tactus.json");
        when(asker.toWrite(any(), any())).thenReturn(Optional.of(file));
        chord(CONTROL, S);
        assertTrue(text("#status").startsWith("Saved"), text("#status"));
        change("evening");
    }

    private void change(String title) {
        robot.interact(() -> work.change(new ChangeFact<>(Aspect.TITLE, title)));
        assertTrue(work.isUnsaved());
    }

    private String saved() throws Exception {
        return SongFile.read(folder.resolve("walk.tactus.json")).song().facts().title();
    }

    private boolean isOpen() {
        settle();
        return stage.isShowing();
    }

    private void closeByTheWindowsButton() {
        QuickRobot.inWindow(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        settle();
    }

    @ParameterizedTest
    @EnumSource(
            value = Trouble.class,
            names = {"FULL", "READ_ONLY", "GONE"})
    void aWindowWhoseSongCannotBeSavedStaysOpenWithIt(Trouble trouble) throws Exception {
        byte[] before = Files.readAllBytes(folder.resolve("walk.tactus.json"));
        FailingDisk.make(disk, trouble);
        closeByTheWindowsButton();
        click("#answer-save");
        assertTrue(isOpen(), "what could not be saved would be lost");
        assertTrue(work.isUnsaved());
        assertEquals("evening", work.song().facts().title());
        String said = text("#notice");
        assertTrue(
                said.contains(
                        switch (trouble) {
                            case FULL -> "disk is full";
                            case READ_ONLY -> "can only be read";
                            default -> "there is no such";
                        }),
                said);
        assertArrayEquals(before, Files.readAllBytes(folder.resolve("walk.tactus.json")));
        // By keys from the menu's command: the first answer has the focus.
        chord(CONTROL, Q);
        press(ENTER);
        assertTrue(isOpen());
        FailingDisk.make(disk, Trouble.NONE);
        chord(CONTROL, Q);
        press(ENTER);
        assertFalse(isOpen());
        assertEquals("evening", saved());
    }

    @Test
    void whatIsThrownAwayIsNotSavedAndNothingElseHappens() throws Exception {
        closeByTheWindowsButton();
        press(TAB, ENTER);
        assertFalse(isOpen());
        assertFalse(saved().equals("evening"));
    }

    @Test
    void whoStaysStaysByEachWayAndLosesNothing() throws Exception {
        closeByTheWindowsButton();
        click("#answer-stay");
        assertTrue(isOpen());
        chord(CONTROL, Q);
        press(ESCAPE);
        assertTrue(isOpen());
        chord(CONTROL, N);
        press(ESCAPE);
        assertEquals("evening", work.song().facts().title());
        assertTrue(work.isUnsaved());
        assertFalse(saved().equals("evening"));
    }

    /** Who has said so once is not asked again when a song is chosen; whoever goes back to the song is asked the next time. */
    @Test
    void whatIsThrownAwayForANewSongIsAskedAboutOnce() {
        chord(CONTROL, N);
        click("#answer-drop");
        press(ESCAPE);
        assertEquals("evening", work.song().facts().title());
        closeByTheWindowsButton();
        click("#answer-stay");
        chord(CONTROL, N);
        click("#answer-drop");
        click("#start-demo-3");
        assertEquals("Last Chair Waltz", work.song().facts().title());
        assertFalse(isShown("#answer-drop"));
        assertTrue(isOpen());
    }

    /** With the question open the close button asks once more and takes nothing for an answer. */
    @Test
    void closingAgainBehindTheQuestionIsNoAnswer() {
        closeByTheWindowsButton();
        closeByTheWindowsButton();
        chord(CONTROL, Q);
        assertTrue(isOpen());
        assertTrue(work.isUnsaved());
    }

    @Test
    void anotherSongIsNotBegunWhereThisOneCannotBeSaved() {
        FailingDisk.make(disk, Trouble.FULL);
        chord(CONTROL, N);
        press(ENTER);
        assertEquals("evening", work.song().facts().title());
        assertFalse(isShown(".start-page"));
        assertTrue(text("#notice").contains("disk is full"), text("#notice"));
    }

    /** The desktop's log-in ends, and with it the program, which nobody asks. */
    @Test
    void whatIsUnsavedWhenTheProgramIsEndedFromOutsideIsOfferedTheNextTime() throws Exception {
        window.keepNow();
        try (var kept = Files.list(folder.resolve("data").resolve("unsaved"))) {
            Path song = kept.filter(each -> each.toString().endsWith(".tactus.json"))
                    .findFirst()
                    .orElseThrow();
            assertEquals("evening", SongFile.read(song).song().facts().title());
        }
        chord(CONTROL, S);
        window.keepNow();
        await(() -> {
            try (var kept = Files.list(folder.resolve("data").resolve("unsaved"))) {
                return kept.findAny().isEmpty();
            }
        });
    }
}
