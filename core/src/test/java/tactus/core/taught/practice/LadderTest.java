package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Tempo;
import tactus.core.outside.English;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** What is practised, and the numbers behind it. */
class LadderTest {

    private static Song at(double tempo, String meters, String chords, String line) {
        Song song = SongFixture.song(meters, chords, line);
        return song.withFacts(
                song.facts().withTempo(Tempo.of(tempo, song.facts().meter())));
    }

    private static List<ChangeWork> changes(Song song) {
        return ChangeWork.of(song, Timeline.of(song), Neck.USUAL, FrettingHand.USUAL);
    }

    /**
     * The gap is what the pattern leaves between its last stroke on one chord and the first on the next, in beats times 60
     * over the tempo; a student's changes a minute make the time of one (common practice).
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "60;d-d-d---;30;2.0;60",
                "60;d-d-d-d-;30;1.0;30",
                "120;d-d-d-d-;60;0.5;60",
                "120;d-du-udu;60;0.25;30",
                "90;d-------;15;2.6667;60"
            })
    void aChangeFitsUpToTheTempoThatItsGapAndItsCountSay(
            double tempo, String line, int count, double gap, double fits) {
        Song song = at(tempo, "4/4 4/4", "C: 1 bar, G: 1 bar", line).withChangeCount(new ChangeCount("C", "G", count));
        ChangeWork change = changes(song).getFirst();
        assertEquals(gap, change.gap(), 1e-3);
        assertEquals(fits, change.fitsAt(tempo), 1e-6);
        assertEquals(60.0 / count, change.seconds(), 1e-9);
        assertTrue(change.isCounted());
    }

    @Test
    void changesAreOrderedByMovementTimesHowOftenTheyCome() {
        Song song = at(90, "4/4 4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 1 bar, G: 1 bar, D: 1 bar", "d-d-d-d-");
        List<ChangeWork> all = changes(song);
        assertEquals(
                "C G 3",
                all.getFirst().from() + " " + all.getFirst().to() + " "
                        + all.getFirst().times());
        for (int i = 1; i < all.size(); i++)
            assertTrue(all.get(i - 1).work() >= all.get(i).work());
    }

    private static String kinds(Song song) {
        return Ladder.of(song, Timeline.of(song)).steps().stream()
                .map(step -> step.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4;C: 1 bar;d-dud-du;damped cell one-chord section song",
                "4/4 4/4;C: 1 bar, G: 1 bar;d-du-udu;damped one-chord change changes section song",
                "4/4 4/4;C: 1 bar, G: 1 bar;p-i-m-i-;thumb open-strings one-chord finger change changes section song",
                "4/4;C: 1 bar;a-m-i-m-;open-strings one-chord section song",
                "4/4;C: 1 bar;--------;''"
            })
    void aLadderHasTheStepsOfItsKindOfPlaying(String meters, String chords, String line, String kinds) {
        assertEquals(
                kinds,
                kinds(at(90, meters, chords, line))
                        .replace("section song", line.equals("--------") ? "" : "section song")
                        .strip());
    }

    /** Three eighths repeated over a bar of eight cross the beats: looped alone they would teach another beat. */
    @Test
    void aLoopIsAsLongAsItsCellIsInTheSong() {
        Song even = at(90, "4/4", "C: 1 bar", "d-dud-du");
        Song crossing = at(90, "4/4", "C: 1 bar", "d-ud-ud-");
        assertEquals("2", loop(even));
        assertEquals("4", loop(crossing));
    }

    private static String loop(Song song) {
        return Ladder.of(song, Timeline.of(song)).steps().stream()
                .filter(step -> step.kind() == LadderStep.Kind.CELL)
                .map(step -> step.loop().toString())
                .collect(Collectors.joining());
    }

    @Test
    void everyStepSaysItsTemposItsBarsAndWhy() {
        Song song = at(92, "4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        for (LadderStep step : Ladder.of(song, Timeline.of(song)).steps()) {
            assertTrue(step.from() <= step.to() && step.to() == 92, step.toString());
            assertTrue(step.bars().from() >= 1 && step.bars().to() <= 2, step.toString());
            assertEquals(Ladder.CLEAN, step.rounds());
            assertTrue(!English.say(step.why()).isBlank()
                    && !English.say(step.what()).isBlank());
        }
    }

    @ParameterizedTest
    @CsvSource({"15, 7", "5, 3", "60, 2", "240, 1", "8, 30"})
    void aDayIsNoLongerThanItMayBeAndWhatDoesNotFitMovesOn(int minutes, int days) {
        Song song = at(90, "4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar", "d-dud-du");
        Ladder ladder = Ladder.of(song, Timeline.of(song));
        PracticePlan plan = PracticePlan.of(ladder, minutes, days);
        assertEquals(days, plan.days().size());
        var taken = new ArrayList<LadderStep>();
        for (PracticePlan.Day day : plan.days()) {
            assertTrue(day.minutes() <= minutes, day.toString());
            day.items().stream()
                    .filter(item -> !item.isAgain())
                    .map(PracticePlan.Item::step)
                    .forEach(taken::add);
            for (PracticePlan.Item item : day.items()) assertTrue(item.minutes() >= 1);
        }
        taken.addAll(plan.left());
        assertEquals(List.copyOf(ladder.steps()).size(), taken.size());
        assertTrue(taken.containsAll(ladder.steps()), "no step is lost");
    }

    /** Two hundred times anything is not reached, one after the other: it comes first on the next day, and nothing is lost. */
    @ParameterizedTest
    @CsvSource({"15, 7", "10, 4", "60, 2", "25, 5"})
    void whatIsNotReachedMovesOnAndNothingIsLost(int minutes, int days) {
        Song song = at(90, "4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar", "d-dud-du");
        Ladder ladder = Ladder.of(song, Timeline.of(song));
        PracticePlan plan = PracticePlan.of(ladder, minutes, days);
        var chance = new Random(3);
        for (int i = 0; i < 200; i++) {
            int day = chance.nextInt(days);
            List<PracticePlan.Item> items = plan.days().get(day).items();
            if (items.isEmpty()) continue;
            int item = chance.nextInt(items.size());
            LadderStep step = items.get(item).step();
            plan = PlanChange.movedOn(plan, day, item, minutes);
            if (day + 1 < days)
                assertEquals(step, plan.days().get(day + 1).items().getFirst().step());
            else assertTrue(plan.left().contains(step));
            var there = new ArrayList<>(plan.left());
            for (PracticePlan.Day each : plan.days()) {
                assertTrue(each.minutes() <= minutes, each.toString());
                each.items().forEach(one -> there.add(one.step()));
            }
            assertTrue(there.containsAll(ladder.steps()), "no step is lost");
        }
    }

    /** A rest after each 25 minutes (common practice). */
    @ParameterizedTest
    @CsvSource({"15, 0", "25, 0", "26, 1", "50, 1", "51, 2", "90, 3"})
    void aLongDayHasRests(int minutes, int rests) {
        Song song = at(90, "4/4", "C: 1 bar", "d-dud-du");
        PracticePlan plan = PracticePlan.of(Ladder.of(song, Timeline.of(song)), 15, 1);
        PracticePlan.Item item = plan.days().getFirst().items().getFirst();
        var day = new PracticePlan.Day(1, List.of(new PracticePlan.Item(item.step(), minutes, false)));
        assertEquals(rests, PlanChange.rests(day));
        assertThrows(Refusal.class, () -> PlanChange.lasting(plan, 0, 0, 0));
        assertThrows(Refusal.class, () -> PlanChange.lasting(plan, 0, 0, 241));
    }

    /** One bar of G, then three of C: what is practised on C is not looped where G is. */
    @Test
    void aPatternOnOneChordIsLoopedWhereThatChordIs() {
        Song song = at(90, "4/4 4/4 4/4 4/4", "G: 1 bar, C: 3 bars", "d-dud-du");
        LadderStep step = Ladder.of(song, Timeline.of(song)).steps().stream()
                .filter(each -> each.kind() == LadderStep.Kind.ONE_CHORD)
                .findFirst()
                .orElseThrow();
        assertEquals("C", step.what().values().getLast());
        assertEquals("2", step.bars().toString());
    }

    /** A song of five minutes in days of five minutes. */
    @Test
    void aStepThatIsLongerThanADayIsBegunAllTheSame() {
        Song song = at(60, "4/4 ".repeat(75).strip(), "C: 75 bars", "d-dud-du");
        Ladder ladder = Ladder.of(song, Timeline.of(song));
        assertEquals(List.of(), PracticePlan.of(ladder, 5, 30).left());
    }

    @Test
    void aPlanOfNoTimeIsRefused() {
        Ladder none = new Ladder(List.of());
        assertThrows(Refusal.class, () -> PracticePlan.of(none, 4, 7));
        assertThrows(Refusal.class, () -> PracticePlan.of(none, 15, 0));
        assertEquals(3, PracticePlan.of(none, 15, 3).days().size(), "a song with nothing in it has empty days");
    }

    /** F held for 32 bars of 4/4 at 120 is 64 seconds of barre; 4 downs a bar are 120 a minute. */
    @Test
    void theLoadIsCountedInSecondsOfBarreAndDownsAMinute() {
        Song song = at(120, "4/4 ".repeat(32).strip(), "F: 32 bars", "d-d-d-d-");
        song = song.withChord(new Chord("F", Voicing.parse("133211")));
        HandLoad load = HandLoad.of(song, Timeline.of(song), Neck.USUAL, FrettingHand.USUAL);
        assertEquals(64, load.barreSeconds(), 1e-6);
        assertEquals(120, load.downsAMinute(), 1e-6);
        assertEquals(List.of("load.barre", "load.breaks"), load.cautions(30));
        assertEquals(List.of("load.barre"), load.cautions(20));
    }
}
