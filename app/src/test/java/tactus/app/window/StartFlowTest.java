package tactus.app.window;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;

/** A teacher begins a song: with a few facts, with chords from a mail, with one that is there. */
class StartFlowTest extends WindowTest {

    private static final String MAIL = """
            Paper boats
            Key: Em
            Capo 2

            Verse 1
            Em          G
            Over the    river we go
            | Am / C / | B7 |

            Chorus x2
            C G D
            what is this | maybe

            Verse 2
            """;

    /** The focus is somewhere else, in a text, when the page is asked for. */
    private void ask() {
        click("#pattern-name");
        chord(CONTROL, N);
    }

    private void paste(String text) {
        click("#start-paste");
        robot.interact(() -> ((TextInputControl) robot.lookup("#start-paste").query()).setText(text));
    }

    private String sections() {
        return song().sections().stream().map(Section::name).collect(Collectors.joining(" "));
    }

    @Test
    void aSongOfAFewFactsIsBegunByKeysAndShowsNothingOfTheLastOne() {
        ask();
        type("Evening at the hall");
        press(ENTER);
        assertEquals("Evening at the hall", song().facts().title());
        assertTrue(text("#song-title").startsWith("Evening at the hall"));
        assertEquals("", text("#harmony-line"));
        assertEquals("", text("#section-name"));
        chord(CONTROL, DIGIT2);
        assertEquals("", text("#stroke-line"), "nothing of the last song's pattern");
        assertEquals("", text("#pattern-name"));
    }

    @Test
    void factsThatCannotBeReadAreSaidWhereTheyStandAndNothingIsLost() {
        ask();
        type("Evening");
        fill("#start-tempo", "fast");
        click("#start-begin");
        assertTrue(textsIn(".start-page").contains("is no tempo"));
        assertEquals("Lantern Walk", song().facts().title());
        fill("#start-tempo", "84");
        click("#start-begin");
        assertEquals("84", song().facts().tempo().perMinuteText());
    }

    /** It said 100 and took 90. */
    @Test
    void whereNoTempoIsSaidTheOneThatStandsThereIsTaken() {
        ask();
        String promised = robot.lookup("#start-tempo").queryTextInputControl().getPromptText();
        click("#start-begin");
        assertEquals(promised, song().facts().tempo().perMinuteText());
    }

    @Test
    void pastedChordsBecomeSectionsWithShapesAndWords() {
        ask();
        paste(MAIL);
        var reading = robot.lookup("#start-reading").queryAs(ListView.class);
        assertEquals(
                MAIL.lines().count() + 1, reading.getItems().size(), "every line is shown with what it was taken for");
        click("#start-take");
        assertEquals("Paper boats", song().facts().title());
        assertEquals("Verse Chorus", sections());
        assertEquals("Verse, Chorus, Verse", text("#order-line"));
        assertEquals("Em | G | Am C | B7", text("#harmony-line"));
        assertTrue(song().chords().stream().allMatch(Chord::isOffered));
        assertEquals(6, song().chords().size());
        assertEquals(2, song().facts().capo());
        assertTrue(textsIn("#bars").contains("river | we | go"));
    }

    @Test
    void aSecondVerseThatWasPastedKeepsItsOwnWordsUnderTheSameBars() {
        ask();
        paste("Verse 1\nEm          G\nOver the    river\n\nVerse 2\nUnder the bridge\n");
        click("#start-take");
        assertEquals("Verse", sections());
        assertEquals("Verse x2", text("#order-line"));
        assertTrue(textsIn("#bars").contains("river"));
        assertTrue(textsIn("#bars").contains("other words, “Under…”"), textsIn("#bars"));
    }

    /** Level by mouse, chords by keys: a barre waits, and the sheet says for whom it is. */
    @Test
    void aSongForFirstLessonsBeginsWithShapesWithoutABarre() {
        ask();
        click("#start-level");
        press(KeyCode.DOWN, ENTER);
        click("#start-begin");
        assertTrue(text("#song-facts").startsWith("level: first lessons"), text("#song-facts"));
        chord(CONTROL, SHIFT, N);
        fill("#harmony-line", "C | F | Gm | Bm");
        press(ENTER);
        assertEquals(
                "x32010 xx3211 xx5333 xx4432",
                song().chords().stream()
                        .map(chord -> chord.voicing().toString())
                        .collect(Collectors.joining(" ")));
    }

    @Test
    void whatWasPastedCanBeUndone() {
        ask();
        paste(MAIL);
        click("#start-take");
        chord(CONTROL, Z);
        assertEquals("", sections());
        assertEquals("", text("#order-line"));
    }

    @Test
    void aTextWithoutChordsIsRefusedWhileItIsTyped() {
        ask();
        paste("Dear all, see you on Monday at the hall");
        assertTrue(robot.lookup("#start-take").query().isDisabled());
        assertTrue(textsIn(".start-page").contains("no line of chords"));
        paste("x".repeat(2_000_000));
        assertTrue(textsIn(".start-page").contains("longer than 100,000"));
        assertTrue(robot.lookup("#start-take").query().isDisabled());
    }

    @Test
    void escapeLeavesEverythingAsItWas() {
        ask();
        press(ESCAPE);
        assertFalse(isShown(".start-page"));
        assertEquals("Lantern Walk", song().facts().title());
        assertEquals("pattern-name", stage.getScene().getFocusOwner().getId());
    }

    @Test
    void aDemoSongIsOpenedByMouse() {
        ask();
        click("#start-demo-3");
        assertEquals("Last Chair Waltz", song().facts().title());
    }

    @Test
    void aLineOfNamesMakesTheSectionsOfAnEmptySong() {
        ask();
        press(ENTER);
        fill("#order-line", "Intro, (Verse, Chorus) x2, Ending");
        press(ENTER);
        assertEquals("Intro Verse Chorus Ending", sections());
        assertEquals("intro verse chorus verse chorus ending", order());
        fill("#order-line", "Intro, Vers");
        press(ENTER);
        assertTrue(textsIn(".order-line").contains("which is no section"));
        assertEquals("intro verse chorus verse chorus ending", order());
    }

    @Test
    void aNewSectionIsNamedFirstAndItsChordsSoundAtOnce() {
        click("#stroke-line");
        chord(CONTROL, SHIFT, N);
        type("Coda");
        assertEquals("Coda", song().sections().getLast().name());
        fill("#harmony-line", "Em7 | A7sus4");
        press(ENTER);
        assertTrue(song().chord("A7sus4").orElseThrow().isOffered());
        assertEquals("Em7 | A7sus4", text("#harmony-line"));
    }

    @Test
    void aRefusedLineDoesNotMixWithTheNextSection() {
        chord(CONTROL, KeyCode.DIGIT3);
        fill("#harmony-line", "C | | Gx9999");
        press(ENTER);
        chord(CONTROL, SHIFT, N);
        assertEquals("", text("#harmony-line"));
        click("#harmony-line");
        chord(CONTROL, A);
        press(DELETE);
        type("D");
        press(ENTER);
        assertEquals("D 4 bars", spans(song().sections().getLast().id().value()).replace("D 1 bar", "D 4 bars"));
    }

    @Test
    void theNextStepIsNamedGoneToAndDismissed() {
        ask();
        press(ENTER);
        assertTrue(text("#next-step").contains("no section yet"), text("#next-step"));
        click("#next-dismiss");
        assertTrue(text("#next-step").contains("no pattern yet"), text("#next-step"));
        click("#next-step");
        assertTrue(isShown("#dictation"));
        robot.interact(() -> window.settings().showsNextProperty().set(false));
        assertFalse(isShown("#next-step"));
    }

    @Test
    void aPastedTextFromTheClipboardIsRead() {
        ask();
        robot.interact(() -> {
            var content = new ClipboardContent();
            content.putString("Chorus\tx2\nG\tD");
            Clipboard.getSystemClipboard().setContent(content);
        });
        click("#start-paste");
        chord(CONTROL, KeyCode.V);
        click("#start-take");
        assertEquals("Chorus", sections());
        assertEquals(2, song().sections().getFirst().passes());
    }

    /** A song that is opened from outside takes the place of the page; what cannot be read leaves it there. */
    @Test
    void aSongThatIsOpenedIsNotHiddenByThePage() throws Exception {
        Path good = folder.resolve("walk.tactus.json");
        SongFile.write(DemoSong.LANTERN_WALK.song(), good);
        ask();
        assertTrue(isShown(".start-page"));
        robot.interact(() -> window.openFile(good));
        assertFalse(isShown(".start-page"));
        assertEquals("Lantern Walk", song().facts().title());
    }

    private int found() {
        return ((ListView<?>) robot.lookup("#found-songs").query()).getItems().size();
    }

    @Test
    void aSongInAFolderIsFoundByTypingAndOpenedOrBegunAgain() throws Exception {
        Path songs = Files.createDirectories(folder.resolve("songs"));
        for (DemoSong demo : DemoSong.values())
            SongFile.write(demo.song(), songs.resolve(demo.name().toLowerCase(Locale.ROOT) + SongFile.ENDING));
        when(asker.toOpenFolder()).thenReturn(Optional.of(songs));
        ask();
        assertTrue(text("#shelf-state").startsWith("Add the folder"));
        robot.interact(() -> ((MenuButton) robot.lookup("#shelf-folders").query())
                .getItems()
                .getFirst()
                .fire());
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> text("#shelf-state").equals("5 songs"));
        click("#find-song");
        type("no capo");
        assertEquals(3, found());
        type(", 6/8");
        assertEquals(1, found());
        press(ENTER);
        assertEquals("Rain on the Boathouse", song().facts().title());
        ask();
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> text("#shelf-state").equals("5 songs"));
        click("#find-song");
        type("waltz");
        click("#like-found");
        assertEquals("Last Chair Waltz, again", song().facts().title());
        assertFalse(work.getFile().isPresent(), "the copy has no file yet");
    }
}
