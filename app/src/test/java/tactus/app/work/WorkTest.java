package tactus.app.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tactus.app.demo.DemoSong;
import tactus.core.edit.Edit;
import tactus.core.song.Song;

class WorkTest {

    private final Work work = new Work(Song.empty("First"));

    private void title(String title) {
        work.change("edit.title", song -> song.withFacts(song.facts().withTitle(title)));
    }

    private void type(String title) {
        work.type(
                "title",
                Edit.of("edit.title", song -> song.withFacts(song.facts().withTitle(title))));
    }

    private String title() {
        return work.song().facts().title();
    }

    @Test
    void everyChangeCanBeUndoneAndRedone() {
        title("Second");
        title("Third");
        work.undo();
        work.undo();
        assertEquals("First", title());
        assertFalse(work.canUndoProperty().get());
        work.redo();
        assertEquals("Second", title());
        assertTrue(work.canRedoProperty().get());
    }

    @Test
    void whatIsTypedInOneFieldIsUndoneAtOnce() {
        type("S");
        type("Se");
        type("Sec");
        work.undo();
        assertEquals("First", title());
    }

    @Test
    void whatIsTypedAfterAnotherChangeIsAStepOfItsOwn() {
        type("S");
        work.change("edit.note", song -> song.withFacts(song.facts().withNote("note")));
        type("Se");
        work.undo();
        assertEquals("S", title());
        assertEquals("note", work.song().facts().note());
    }

    @Test
    void theSongIsUnsavedUntilItIsAsItWasSaved() {
        assertFalse(work.isUnsaved());
        title("Second");
        assertTrue(work.isUnsaved());
        work.savedAs(Path.of("song.json"));
        assertFalse(work.isUnsaved());
        title("Third");
        work.undo();
        assertFalse(work.isUnsaved());
        work.undo();
        assertTrue(work.isUnsaved());
    }

    @Test
    void aRescuedSongIsUnsavedAndInNoFile() {
        work.open(Song.empty("Other"), Path.of("other.json"));
        work.rescue(Song.empty("Rescued"));
        assertTrue(work.isUnsaved());
        assertTrue(work.getFile().isEmpty());
        assertFalse(work.canUndoProperty().get());
    }

    @Test
    void timelineAndSnagsAreAlwaysThoseOfTheSong() {
        Song demo = DemoSong.LAST_CHAIR_WALTZ.song();
        work.begin(demo);
        assertEquals(131, work.timeline().bars().size());
        assertFalse(work.snags().isEmpty());
        work.change("edit.remove-entry", song -> song.withOrder(song.order().subList(0, 1)));
        assertEquals(8, work.timeline().bars().size());
    }
}
