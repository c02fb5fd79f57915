package tactus.core.taught.logbook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.core.taught.practice.PlanChange;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** A plan that is kept and taken up again, with the song as it was and with another one. */
class KeptPlanTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static Ladder ladder(String chords) {
        Song song = SongFixture.song("4/4 4/4 4/4 4/4", chords, "d-du-udu");
        return Ladder.of(song, Timeline.of(song));
    }

    private static KeptPlan kept(PracticePlan plan) {
        return KeptPlan.of(Optional.of("Ines"), new SongKey("Walk", ""), MONDAY, 15, plan);
    }

    @ParameterizedTest
    @CsvSource({
        "'C: 1 bar, G: 1 bar, C: 1 bar, G: 1 bar', 15, 7",
        "'C: 1 bar, D: 1 bar, G: 1 bar, C: 1 bar', 5, 30",
        "'D: 2 bars, G: 2 bars', 60, 2",
        "'D: 2 beats, G: 2 beats, C: 1 bar, G: 2 bars', 20, 10",
        "'C: 4 bars', 10, 1",
    })
    void aPlanComesBackAsItWasWithWhatWasChanged(String chords, int minutes, int days) {
        Ladder ladder = ladder(chords);
        assertEquals(
                ladder.steps().size(),
                ladder.steps().stream().map(KeptPlan::keyOf).distinct().count(),
                "each step is known by its key");
        PracticePlan plan = PracticePlan.of(ladder, minutes, days);
        plan = PlanChange.done(plan, 0, 0, true);
        plan = PlanChange.lasting(plan, 0, 0, minutes + 3);
        if (plan.days().getFirst().items().size() > 1) plan = PlanChange.movedOn(plan, 0, 1, minutes);
        KeptPlan.TakenUp up = kept(plan).takeUp(ladder);
        assertEquals(plan, up.plan());
        assertEquals(0, up.gone());
        assertEquals(0, up.added());
    }

    /** The song has lost a chord and got another: its steps go and come, what was reached of the others stays. */
    @Test
    void stepsThatTheSongHasNoLongerAreLeftOutAndNewOnesComeAfterTheLastDay() {
        Ladder before = ladder("C: 1 bar, G: 1 bar, C: 1 bar, G: 1 bar");
        Ladder after = ladder("C: 1 bar, D: 1 bar, C: 1 bar, D: 1 bar");
        PracticePlan plan = PlanChange.done(PracticePlan.of(before, 15, 4), 0, 0, true);
        KeptPlan.TakenUp up = kept(plan).takeUp(after);
        List<LadderStep> all = new ArrayList<>(up.plan().left());
        up.plan().days().forEach(day -> day.items().forEach(item -> all.add(item.step())));
        assertTrue(all.containsAll(after.steps()), "no step of the song is missing");
        assertTrue(after.steps().containsAll(all), "and none is of another song");
        assertTrue(up.gone() > 0 && up.added() > 0);
        assertEquals(4, up.plan().days().size());
    }

    @Test
    void theDayFollowsFromTheDate() {
        var plan = new DatedPlan(PracticePlan.of(ladder("C: 2 bars, G: 2 bars"), 15, 7), MONDAY);
        assertEquals(0, plan.dayOn(MONDAY.minusDays(3)));
        assertEquals(0, plan.dayOn(MONDAY));
        assertEquals(2, plan.dayOn(MONDAY.plusDays(2)));
        assertEquals(7, plan.dayOn(MONDAY.plusYears(3)), "it is over");
        assertEquals(MONDAY.plusDays(6), plan.ends());
    }

    @Test
    void whatWasNotReachedComesFirstTodayAndNothingIsLost() {
        Ladder ladder = ladder("C: 1 bar, D: 1 bar, G: 1 bar, C: 1 bar");
        PracticePlan plan = PracticePlan.of(ladder, 10, 6);
        plan = PlanChange.done(plan, 0, 0, true);
        int last = plan.days().get(1).items().size() - 1;
        plan = PlanChange.done(plan, 1, last, true);
        LadderStep reached = plan.days().get(1).items().get(last).step();
        int behind = PlanChange.behind(plan, 2);
        assertTrue(behind > 1, "things of two days");
        LadderStep oldest = plan.days().getFirst().items().stream()
                .filter(PracticePlan.Item::isOpen)
                .findFirst()
                .orElseThrow()
                .step();
        PracticePlan caught = PlanChange.caughtUp(plan, 2, 10);
        assertEquals(0, PlanChange.behind(caught, 2));
        assertTrue(caught.days().get(2).items().stream()
                .anyMatch(item -> item.step().equals(oldest) && item.isOpen()));
        assertTrue(caught.days().getFirst().items().getFirst().isDone(), "what was reached stays where it was");
        List<LadderStep> open = plan.days().subList(0, 2).stream()
                .flatMap(day -> day.items().stream())
                .filter(PracticePlan.Item::isOpen)
                .map(PracticePlan.Item::step)
                .toList();
        List<LadderStep> first = caught.days().get(2).items().subList(0, open.size()).stream()
                .map(PracticePlan.Item::step)
                .toList();
        assertEquals(open, first, "in their order, the oldest first");
        assertTrue(
                caught.days().get(1).items().stream()
                        .anyMatch(item -> item.step().equals(reached) && item.isDone()),
                "on a day that was gone over as well");
        var there = new ArrayList<>(caught.left());
        caught.days().forEach(day -> day.items().forEach(item -> there.add(item.step())));
        for (LadderStep step : ladder.steps())
            assertTrue(there.contains(step), step.what().toString());
        PracticePlan over = PlanChange.caughtUp(plan, 6, 10);
        assertEquals(0, PlanChange.behind(over, 6));
        assertTrue(over.left().contains(oldest), "after the last day all of it is left over");
    }
}
