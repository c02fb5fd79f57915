package tactus.app.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.counsel.edit.Consequence;
import tactus.core.counsel.edit.DeletePattern;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Where;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

class WorkTest {

    private final Work work = new Work(Song.empty("First"));

    private void title(String title) {
        work.change(new ChangeFact<>(Aspect.TITLE, title));
    }

    private void type(String title) {
        work.type("title", new ChangeFact<>(Aspect.TITLE, title));
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
        work.change(new ChangeFact<>(Aspect.NOTE, "note"));
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
        work.savedAs(Path.of("song.json"), SongId.fresh());
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
        work.rescue(Song.empty("Rescued"), Optional.empty());
        assertTrue(work.isUnsaved());
        assertTrue(work.getFile().isEmpty());
        assertFalse(work.canUndoProperty().get());
    }

    /** A refused value leaves no trace, so that undo never meets it. */
    @Test
    void whatTheSongCannotBeIsNeitherShownNorKeptInTheHistory() {
        work.begin(DemoSong.LANTERN_WALK.song());
        var before = work.stateProperty().get();
        assertThrows(Refusal.class, () -> work.change(new ChangeFact<>(Aspect.CAPO, 13)));
        assertSame(before, work.stateProperty().get());
        assertFalse(work.canUndoProperty().get());
        title("Third");
        work.undo();
        assertSame(before.song(), work.song());
    }

    /** Both patterns are one rhythm; what the section plays afterwards is the one that stays, and nothing is lost. */
    @Test
    void callingTwoPatternsTheSameTellsOfNothingThatIsGone() {
        work.begin(DemoSong.LANTERN_WALK.song());
        var twice = work.song().pattern(new PatternId("bass-and-brush")).orElseThrow();
        work.change(
                "edit.add", song -> song.withPattern(twice.copiedAs(new PatternId("brush-two"), "Brush two")), "it");
        work.change(
                "edit.assign",
                song -> Assignment.assigned(
                        song, Where.in(new SectionId("intro")), Optional.of(new PatternId("brush-two"))));
        Snag same = work.snags().stream()
                .filter(snag -> snag.kind() == Kind.SAME_RHYTHM_OTHER_NAME)
                .findFirst()
                .orElseThrow();
        work.change(same.fix().orElseThrow());
        assertEquals(Optional.empty(), work.doneProperty().get(), "nothing is told");
        PatternId played = Assignment.of(work.song(), new SectionId("intro")).orElseThrow();
        assertEquals(twice.line(), work.song().pattern(played).orElseThrow().line());
    }

    @Test
    void takingAwayAPatternThatIsPlayedTellsWhereNothingIsPlayedNow() {
        work.begin(DemoSong.LANTERN_WALK.song());
        var brush = work.song().pattern(new PatternId("bass-and-brush")).orElseThrow();
        work.change(DeletePattern.of(brush));
        assertTrue(work.doneProperty().get().orElseThrow().consequences().getFirst()
                        instanceof Consequence.NothingPlayed(var gone, var sections)
                && gone.equals(brush)
                && sections.contains(new SectionId("verse")));
    }

    @Test
    void undoAndRedoSayWhatTheyTakeBackAndBring() {
        work.begin(DemoSong.LANTERN_WALK.song());
        work.change(DeletePattern.of(work.song().patterns().getFirst()));
        assertEquals(
                "delete Bass and brush",
                Words.say(work.undoLabelProperty().get().orElseThrow()));
        assertEquals(Optional.empty(), work.redoLabelProperty().get());
        work.undo();
        assertEquals(Optional.empty(), work.undoLabelProperty().get());
        assertEquals(
                "delete Bass and brush",
                Words.say(work.redoLabelProperty().get().orElseThrow()));
    }

    @Test
    void timelineAndSnagsAreAlwaysThoseOfTheSong() {
        Song demo = DemoSong.LAST_CHAIR_WALTZ.song();
        work.begin(demo);
        assertEquals(Timeline.of(demo), work.timeline());
        assertEquals(Snags.of(demo, Timeline.of(demo), Words.lexicon()), work.snags());
        work.change("edit.remove-entry", song -> song.withOrder(song.order().subList(0, 1)));
        assertEquals(
                demo.sections().getFirst().bars().size(), work.timeline().bars().size());
        assertEquals(Snags.of(work.song(), work.timeline(), Words.lexicon()), work.snags());
    }
}
