package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.practice.PracticePlan;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.words.Words;

/** A plan over the days on which it is looked at. */
class PlanModelTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    @TempDir
    private Path folder;

    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private LocalDate today = MONDAY;

    private PlanModel model() {
        var settings = new Settings(new DataFolder(folder));
        var students = new ClassModel(
                new LogbookDesk(folder, Runnable::run, Runnable::run), new ShelfModel(settings, _ -> {}));
        students.open(() -> {});
        var output = new PlanModel.Output((_, _) -> Optional.empty(), _ -> Outcome.DONE);
        var made = new AtomicReference<PlanModel>();
        students.plan(
                SongKey.of(work.song()),
                known -> made.set(new PlanModel(work, settings, students, known, output, () -> today)));
        return made.get();
    }

    @Test
    void whatWasNotReachedIsMovedOnToTodayWhenItIsAskedForAndTakenBack() {
        PlanModel first = model();
        assertFalse(first.keptProperty().get());
        assertEquals(0, first.behind());
        first.done(0, 0, true);
        assertTrue(first.keptProperty().get());
        int open = (int) first.planProperty().get().days().getFirst().items().stream()
                .filter(PracticePlan.Item::isOpen)
                .count();
        today = MONDAY.plusDays(1);
        PlanModel later = model();
        assertEquals(1, later.dayNow());
        assertEquals(open, later.behind());
        assertEquals(MONDAY.plusDays(6), later.dated().ends());
        PracticePlan before = later.planProperty().get();
        later.catchUp();
        assertEquals(0, later.behind());
        later.takeBack();
        assertEquals(before, later.planProperty().get());
        later.catchUp();
        today = MONDAY.plusDays(30);
        PlanModel over = model();
        assertEquals(7, over.dayNow(), "the last day is over");
        over.catchUp();
        assertEquals(0, over.behind());
        assertTrue(over.planProperty().get().left().size() > before.left().size());
    }

    @Test
    void aSongThatHasChangedIsSaidAndADayThatIsPastIsRefused() {
        model().done(0, 0, true);
        work.change("edit.order", song -> song.withOrder(song.order().subList(0, 2)));
        PlanModel changed = model();
        assertTrue(
                changed.saidProperty().get().startsWith("The song has changed"),
                changed.saidProperty().get());
        assertTrue(changed.computeUntil("2026-11-29")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("no day to come"));
        assertTrue(changed.computeUntil("29.11.")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("no day to come"));
        assertTrue(changed.computeUntil("2999-01-01")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("1 to 365 days"));
        assertTrue(changed.computeUntil(" 2026-12-02 ").isDone());
        assertEquals(3, changed.days());
        changed.beginAnew();
        assertEquals(7, changed.days());
        assertFalse(model().keptProperty().get());
    }
}
