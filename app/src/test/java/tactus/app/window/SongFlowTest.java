package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.Q;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.U;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.core.music.time.Length;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.SongId;
import tactus.formats.demo.DemoSong;
import tactus.formats.file.Checksum;
import tactus.formats.song.SongFile;

/** Songs are made, saved, opened and not lost. */
class SongFlowTest extends WindowTest {

    @Override
    void prepare(Path data) throws Exception {
        Path left = Files.createDirectories(data.resolve("unsaved")).resolve("99999999.tactus.json");
        var lost = DemoSong.RAIN_ON_THE_BOATHOUSE.song();
        SongFile.write(lost.withFacts(lost.facts().withTitle("Left behind")), left);
        Path walk = data.resolveSibling("walk.tactus.json");
        SongFile.write(lost, walk);
        Files.writeString(
                left.resolveSibling(left.getFileName() + ".origin"),
                Checksum.of(walk).hex() + "\n" + walk);
        String newer = Files.readString(left).replaceFirst("\"version\": \\d+", "\"version\": 99");
        Path unreadable = Files.writeString(left.resolveSibling("99999998.tactus.json"), newer);
        Files.setLastModifiedTime(unreadable, FileTime.fromMillis(0));
    }

    private void write(String name) {
        when(asker.toWrite(any(), any())).thenReturn(file(name));
    }

    private void change() {
        click("#hand-picture");
        press(HOME, D);
    }

    private String title() {
        return song().facts().title();
    }

    @Test
    void aSongIsSavedAndOpenedAgainAsItWas() throws IOException {
        write("walk.tactus.json");
        change();
        assertTrue(text("#song-title").endsWith("•"));
        chord(CONTROL, S);
        var saved = song();
        assertEquals(saved, SongFile.read(folder.resolve("walk.tactus.json")).song());
        assertFalse(text("#song-title").endsWith("•"));
        chord(CONTROL, N);
        press(ENTER);
        assertEquals("Untitled", title());
        when(asker.toOpen()).thenReturn(file("walk.tactus.json"));
        chord(CONTROL, O);
        assertEquals(saved, song());
        assertTrue(stage.getTitle().startsWith("walk.tactus.json"));
    }

    @Test
    void savingAgainDoesNotAskAgain() throws IOException {
        write("walk.tactus.json");
        chord(CONTROL, S);
        change();
        write("other.tactus.json");
        chord(CONTROL, S);
        assertFalse(Files.exists(folder.resolve("other.tactus.json")));
        chord(CONTROL, SHIFT, S);
        assertTrue(Files.exists(folder.resolve("other.tactus.json")));
    }

    private SongId id(String name) throws IOException {
        return SongFile.read(folder.resolve(name)).id().orElseThrow();
    }

    @Test
    void aSongKeepsItsIdWhereItsFileMovesAndACopyGetsItsOwn() throws IOException {
        write("walk.tactus.json");
        chord(CONTROL, S);
        SongId first = id("walk.tactus.json");
        change();
        chord(CONTROL, S);
        assertEquals(first, id("walk.tactus.json"));
        write("copy.tactus.json");
        chord(CONTROL, SHIFT, S);
        SongId copy = id("copy.tactus.json");
        assertNotEquals(first, copy);
        Files.delete(folder.resolve("copy.tactus.json"));
        write("moved.tactus.json");
        chord(CONTROL, SHIFT, S);
        assertEquals(copy, id("moved.tactus.json"));
    }

    @Test
    void nothingUnsavedIsLeftWithoutAsking() {
        change();
        chord(CONTROL, N);
        assertTrue(isShown("#answer-save"));
        press(ESCAPE);
        assertEquals("Lantern Walk", title());
        chord(CONTROL, N);
        click("#answer-drop");
        press(ENTER);
        assertEquals("Untitled", title());
    }

    @Test
    void savingFromTheQuestionGoesOnOnlyIfItIsSaved() {
        when(asker.toWrite(any(), any())).thenReturn(Optional.empty());
        change();
        chord(CONTROL, N);
        click("#answer-save");
        assertEquals("Lantern Walk", title());
        write("walk.tactus.json");
        chord(CONTROL, N);
        press(ENTER, ENTER);
        assertEquals("Untitled", title());
        assertTrue(Files.exists(folder.resolve("walk.tactus.json")));
    }

    @Test
    void closingTheWindowWithUnsavedWorkAsksAndCanBeTakenBack() {
        change();
        robot.interact(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertTrue(stage.isShowing());
        click("#answer-stay");
        assertTrue(stage.isShowing());
        chord(CONTROL, Q);
        click("#answer-drop");
        assertFalse(stage.isShowing());
    }

    @Test
    void whatACrashLeftIsOfferedAndOpenedAsUnsaved() {
        assertTrue(text("#notice").contains("Left behind"));
        click("#notice-recover");
        assertEquals("Left behind", title());
        assertTrue(work.isUnsaved());
        assertFalse(Files.exists(folder.resolve("data/unsaved/99999999.tactus.json")));
    }

    @Test
    void whatACrashLeftCanBeGivenUp() {
        click("#notice-discard");
        assertEquals("Lantern Walk", title());
        assertFalse(Files.exists(folder.resolve("data/unsaved/99999999.tactus.json")));
    }

    private Optional<Path> kept() throws IOException {
        String mine = ProcessHandle.current().pid() + "-";
        try (var files = Files.list(folder.resolve("data/unsaved"))) {
            return files.filter(file -> file.getFileName().toString().startsWith(mine))
                    .filter(file -> file.toString().endsWith(".json"))
                    .findFirst();
        }
    }

    @Test
    void unsavedWorkIsKeptWhileOneWorksOnWithoutAPause() throws Exception {
        chord(CONTROL, DIGIT2);
        click("#hand-picture");
        press(HOME);
        long start = System.nanoTime();
        while (kept().isEmpty()) {
            press(D);
            WaitForAsyncUtils.sleep(200, TimeUnit.MILLISECONDS);
            assertTrue(System.nanoTime() - start < 15e9, "nothing was kept in fifteen seconds of work");
        }
        assertTrue(SongFile.read(kept().orElseThrow()).isWhole());
    }

    @Test
    void aLeftoverThatCannotBeReadIsToldOfAndKept() throws IOException {
        click("#notice-discard");
        assertTrue(text("#notice").contains("cannot be read"), text("#notice"));
        assertTrue(text("#notice").contains("newer Tactus (format 99"), text("#notice"));
        click("#notice-keep");
        assertFalse(isShown("#notice"));
        assertTrue(Files.exists(folder.resolve("data/unsaved/99999998.tactus.json")));
    }

    /** What is recovered is in no moment in no file at all, and is saved where it came from. */
    @Test
    void aRecoveredSongIsKeptAtOnceAndKnowsItsFile() throws IOException {
        assertTrue(text("#notice").contains("walk.tactus.json"), text("#notice"));
        click("#notice-recover");
        assertEquals(song(), SongFile.read(kept().orElseThrow()).song());
        assertEquals(file("walk.tactus.json"), work.getFile());
        assertTrue(work.isUnsaved());
        chord(CONTROL, S);
        assertFalse(work.isUnsaved());
        assertEquals(
                "Left behind",
                SongFile.read(folder.resolve("walk.tactus.json")).song().facts().title());
    }

    /** A synced folder has brought another state of the song. */
    @Test
    void whatWasChangedElsewhereIsNotOverwrittenWithoutAsking() throws IOException {
        write("walk.tactus.json");
        chord(CONTROL, S);
        Path file = folder.resolve("walk.tactus.json");
        var theirs = song().withFacts(song().facts().withTempo(new Tempo(80, Length.QUARTER)))
                .withoutPattern(new PatternId("tin-roof"));
        SongFile.write(theirs, file);
        change();
        chord(CONTROL, S);
        assertTrue(isShown("walk.tactus.json was changed elsewhere"));
        String asked = textsIn(".overlay");
        assertTrue(asked.contains("facts of the song"), asked);
        assertTrue(asked.contains("Tin roof"), asked);
        assertEquals(theirs, SongFile.read(file).song(), "nothing is written yet");
        press(ESCAPE);
        assertTrue(work.isUnsaved());
        chord(CONTROL, S);
        write("mine.tactus.json");
        click("#answer-both");
        assertEquals(song(), SongFile.read(folder.resolve("mine.tactus.json")).song());
        assertEquals(theirs, SongFile.read(file).song());
    }

    @Test
    void whatWasChangedElsewhereCanBeOverwrittenOrTaken() throws IOException {
        write("walk.tactus.json");
        chord(CONTROL, S);
        Path file = folder.resolve("walk.tactus.json");
        var theirs = song().withoutPattern(new PatternId("tin-roof"));
        SongFile.write(theirs, file);
        change();
        chord(CONTROL, S);
        click("#answer-over");
        assertEquals(song(), SongFile.read(file).song());
        assertFalse(work.isUnsaved());
        SongFile.write(theirs, file);
        change();
        chord(CONTROL, S);
        click("#answer-theirs");
        assertEquals(theirs, song());
        assertFalse(work.isUnsaved());
    }

    @Test
    void aFileThatIsNoSongIsExplainedAndTheSongStays() throws IOException {
        Files.write(folder.resolve("junk.json"), new byte[] {1, 2, 3, (byte) 200});
        when(asker.toOpen()).thenReturn(file("junk.json"));
        chord(CONTROL, O);
        assertTrue(text("#notice").startsWith("The song was not opened. junk.json, line 1"), text("#notice"));
        assertEquals("Lantern Walk", title());
    }

    @Test
    void aSongWithFaultsOpensWithThemListedAndItsFileIsNotOverwritten() throws IOException {
        Path file = folder.resolve("faulty.json");
        String text = new String(SongFile.toBytes(DemoSong.LAST_CHAIR_WALTZ.song()));
        Files.writeString(file, text.replace("\"capo\": 3", "\"capo\": -3"));
        when(asker.toOpen()).thenReturn(Optional.of(file));
        write("mended.json");
        chord(CONTROL, O);
        assertEquals("Last Chair Waltz", title());
        assertTrue(text("#notice").contains("capo: the capo must be at fret 0 (none) to 11, was -3"), text("#notice"));
        chord(CONTROL, S);
        assertTrue(Files.exists(folder.resolve("mended.json")));
        assertTrue(Files.readString(file).contains("-3"));
    }

    @Test
    void aSaveThatFailsSaysWhyAndOffersAnotherPlace() throws IOException {
        Files.writeString(folder.resolve("blocked"), "a file where a folder should be");
        when(asker.toWrite(any(), any())).thenReturn(file("blocked/walk.json"));
        change();
        chord(CONTROL, S);
        assertTrue(text("#notice").startsWith("The song was not saved."), text("#notice"));
        assertTrue(work.isUnsaved());
        write("walk.json");
        click("#notice-save-as");
        assertFalse(work.isUnsaved());
        assertTrue(Files.exists(folder.resolve("walk.json")));
    }

    @Test
    void demoSongsAreOpenedFromTheMenu() {
        click("#menu-song");
        click("#menu-demos");
        click("Rain on the Boathouse");
        assertEquals("Rain on the Boathouse", title());
        press(HOME, U);
        assertEquals("u=====", song().patterns().getFirst().line());
        verify(asker, never()).toOpen();
    }

    @Test
    void factsAreSettledInTheSetUpAndSaidAboveTheWindow() {
        chord(CONTROL, DIGIT1);
        fill("#facts-capo .text-field", "4");
        press(ENTER);
        assertTrue(text("#song-facts").startsWith("sounds in E · shapes in C · capo 4"), text("#song-facts"));
        fill("#facts-tempo", "60");
        assertTrue(text("#song-facts").endsWith("100 bars · 6:42"), text("#song-facts"));
        fill("#facts-pickup .text-field", "1");
        press(ENTER);
        assertEquals(1, song().facts().pickup());
        assertTrue(text("#song-facts").contains("100 bars"), "a pick-up is no bar");
        fill("#facts-tempo", "1000");
        assertTrue(text(".set-up-view .problem").contains("20 to 400"), text(".set-up-view .problem"));
        assertEquals(100, song().facts().tempo().perMinute());
    }
}
