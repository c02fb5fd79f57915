package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Tempo;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;

/** The sums are done by hand beside each case; the limits are cautions, from memory. */
class PracticeCareTest {

    private static Song at(int tempo, int bars, String chords, String line) {
        Song song = song("4/4 ".repeat(bars).strip(), chords, line);
        song = song.withFacts(
                song.facts().withTempo(Tempo.of(tempo, song.facts().meter())));
        for (String[] shape : new String[][] {{"F", "133211"}, {"Bm", "x24432"}, {"C", "x32010"}, {"G", "320003"}})
            song = song.withChord(new Chord(shape[0], Voicing.parse(shape[1])));
        return song;
    }

    private static PracticeCare care(Song song) {
        return new PracticeCare(song, Timeline.of(song), Neck.USUAL, FrettingHand.USUAL);
    }

    private static PracticePlan eased(Song song, int minutes, int days) {
        return care(song).eased(PracticePlan.of(Ladder.of(song, Timeline.of(song)), minutes, days));
    }

    private static List<PracticePlan.Item> items(PracticePlan plan) {
        return plan.days().stream().flatMap(day -> day.items().stream()).toList();
    }

    private static List<String> codes(PracticePlan.Item item) {
        return item.care().stream().map(Statement::code).toList();
    }

    /** Eight downs a bar of four beats are two a beat: at 150 they are 300 a minute, and 240 at 120. */
    @ParameterizedTest
    @CsvSource({
        "150, dddddddd, 120",
        "100, dddddddd, 100",
        "120, dddddddd, 120",
        "200, d-d-d-d-, 200",
        "320, d-d-d-d-, 240"
    })
    void theTempoIsLowerWhereTheArmWouldStrikeTooOften(int tempo, String line, int to) {
        Song song = at(tempo, 4, "C: 4 bars", line);
        PracticePlan plan = eased(song, 15, 3);
        int most = items(plan).stream().mapToInt(item -> item.step().to()).max().orElse(0);
        assertEquals(to, most);
        boolean isLess = to < tempo;
        assertEquals(isLess, items(plan).stream().anyMatch(item -> codes(item).contains("care.tempo")));
        for (PracticeCare.DayLoad day : care(song).loads(plan))
            assertTrue(day.downsAMinute() <= 240.0001, day.toString());
    }

    /** All bars are F: the barre has no end, whatever the tempo, and a day of 15 minutes must break it. */
    @Test
    void aBarreThatHasNoEndIsBrokenAndASmallShapeIsOffered() {
        Song song = at(90, 8, "F: 8 bars", "d-du-udu");
        PracticePlan plan = eased(song, 15, 2);
        PracticePlan.Item held = items(plan).stream()
                .filter(item -> item.step().kind() == LadderStep.Kind.ONE_CHORD)
                .findFirst()
                .orElseThrow();
        assertEquals(List.of("care.let-go", "care.small"), codes(held));
        assertEquals(List.of("F", "xx3211"), held.care().getLast().values());
        assertTrue(
                items(plan).stream()
                        .filter(item -> item.step().kind() == LadderStep.Kind.DAMPED)
                        .allMatch(item -> item.care().isEmpty()),
                "on damped strings nothing is held");
        assertEquals(30, care(song).loads(plan).getFirst().barreSeconds(), 1e-9);
    }

    /** One of several shapes of F is held: the small form is that of this one, under the plain name. */
    @Test
    void aLabelledShapeHasItsOwnSmallForm() {
        Song song = at(90, 8, "F@full: 8 bars", "d-du-udu")
                .withChord(new Chord("F", Voicing.parse("xx3211")))
                .withChord(new Chord("F@full", Voicing.parse("133211")));
        assertTrue(items(eased(song, 15, 2)).stream()
                .flatMap(item -> item.care().stream())
                .anyMatch(each -> each.equals(Statement.of("care.small", "F", "xx3211"))));
    }

    /** Two bars of C and two of F at 90 are 5.3 s of barre; begun at half of it, 10.7 s: nothing is said. */
    @Test
    void aShortBarreIsLeftAlone() {
        Song song = at(90, 4, "C: 2 bars, F: 2 bars", "d-du-udu");
        PracticePlan plan = eased(song, 15, 5);
        assertTrue(items(plan).stream().allMatch(item -> item.care().isEmpty()));
        double longest = care(song).loads(plan).stream()
                .mapToDouble(PracticeCare.DayLoad::barreSeconds)
                .max()
                .orElse(0);
        assertTrue(longest > 4 && longest < 30, "seconds of barre: " + longest);
    }

    /** What is held at the end of the bars is held on at their beginning, as they go round: 1 + 2 bars of F at 60 are 12 s. */
    @Test
    void barsGoRound() {
        Song song = at(60, 4, "F: 1 bar, C: 1 bar, F: 2 bars", "d-d-d-d-");
        Ladder ladder = Ladder.of(song, Timeline.of(song));
        LadderStep whole = ladder.steps().getLast();
        StepLoad load = StepLoad.of(whole, song, Timeline.of(song), Neck.USUAL, FrettingHand.USUAL);
        assertEquals(12.0 * 60 / whole.from(), load.barreSeconds(), 1e-6);
        assertEquals(List.of("F"), load.barres());
    }

    @Test
    void whatHoldsBarresDoesNotFollowWhatDidWhereSomethingElseCanGoBetween() {
        Song song = at(80, 16, "F: 8 bars, C: 4 bars, G: 4 bars", "d-du-udu");
        PracticePlan plan = PracticePlan.of(Ladder.of(song, Timeline.of(song)), 40, 2);
        var heavy = plan.days().getFirst().items().stream()
                .filter(item -> !item.care().isEmpty())
                .toList();
        PracticePlan eased = care(song).eased(plan);
        for (int day = 0; day < plan.days().size(); day++) {
            var before = new ArrayList<>(plan.days().get(day).items().stream()
                    .map(item -> item.step().what())
                    .toList());
            var after = eased.days().get(day).items();
            assertEquals(plan.days().get(day).minutes(), eased.days().get(day).minutes(), "no minute is lost");
            after.forEach(item -> assertTrue(before.remove(item.step().what())));
            List<Boolean> isHeavy = after.stream()
                    .map(item -> codes(item).contains("care.let-go"))
                    .toList();
            for (int i = 1; i < isHeavy.size(); i++) {
                boolean isPair = isHeavy.get(i - 1) && isHeavy.get(i);
                assertFalse(isPair && isHeavy.subList(i, isHeavy.size()).contains(false), isHeavy.toString());
            }
        }
        assertFalse(items(eased).isEmpty());
        assertTrue(heavy.isEmpty(), "what was not eased says nothing of care");
    }

    /** Light, barres, barres, light: the second light one goes between. */
    @Test
    void aLightStepGoesBetweenTwoHeavyOnesWhateverTheDayBeganWith() {
        Song song = at(80, 16, "F: 8 bars, C: 4 bars, G: 4 bars", "d-du-udu");
        List<LadderStep> steps = Ladder.of(song, Timeline.of(song)).steps();
        var heavy = new ArrayList<PracticePlan.Item>();
        var light = new ArrayList<PracticePlan.Item>();
        for (LadderStep step : steps) {
            boolean holds = StepLoad.of(step, song, Timeline.of(song), Neck.USUAL, FrettingHand.USUAL)
                            .barreSeconds()
                    > HandLoad.LONG_BARRE;
            (holds ? heavy : light).add(new PracticePlan.Item(step, 5, false));
        }
        var day = new PracticePlan.Day(1, List.of(light.get(0), heavy.get(0), heavy.get(1), light.get(1)));
        List<Statement> order =
                care(song).eased(new PracticePlan(List.of(day), List.of())).days().getFirst().items().stream()
                        .map(item -> item.step().what())
                        .toList();
        assertEquals(
                List.of(
                        light.get(0).step().what(),
                        heavy.get(0).step().what(),
                        light.get(1).step().what(),
                        heavy.get(1).step().what()),
                order);
    }
}
