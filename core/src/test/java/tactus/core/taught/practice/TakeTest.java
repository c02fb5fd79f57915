package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Direction;
import tactus.core.written.song.SongFixture;

/** Taps beside what is due. */
class TakeTest {

    private static final double ALONE = 0.15;
    private static final double WRONG_WAY = 0.04;

    private static List<DueStroke> due(double... seconds) {
        var due = new ArrayList<DueStroke>();
        for (double at : seconds)
            due.add(new DueStroke(1, "1", Optional.of(Direction.DOWN), at, "C", Optional.empty()));
        return due;
    }

    private static List<Tap> taps(String... signs) {
        return Stream.of(signs)
                .map(sign -> new Tap(
                        Double.parseDouble(sign.replaceAll("[du]", "")),
                        sign.endsWith("d")
                                ? Optional.of(Direction.DOWN)
                                : sign.endsWith("u") ? Optional.of(Direction.UP) : Optional.empty()))
                .toList();
    }

    private static double cost(Take take) {
        double cost = ALONE * (take.missed() + take.extra().size());
        for (Take.Played each : take.strokes())
            if (each.late().isPresent())
                cost += Math.abs(each.late().getAsDouble()) + (each.isWrongWay() ? WRONG_WAY : 0);
        return cost;
    }

    /** The least cost of all assignments in order, by trying every one. */
    private static double least(List<DueStroke> due, List<Tap> taps, int stroke, int tap) {
        if (stroke == due.size()) return ALONE * (taps.size() - tap);
        double best = ALONE + least(due, taps, stroke + 1, tap);
        for (int next = tap; next < taps.size(); next++) {
            Tap each = taps.get(next);
            boolean isWrong = each.way().filter(way -> way == Direction.UP).isPresent();
            double here = Math.abs(each.seconds() - due.get(stroke).seconds()) + (isWrong ? WRONG_WAY : 0);
            best = Math.min(best, ALONE * (next - tap) + here + least(due, taps, stroke + 1, next + 1));
        }
        return best;
    }

    @RepeatedTest(60)
    void noOtherAssignmentIsCheaper(RepetitionInfo repetition) {
        var random = new Random(repetition.getCurrentRepetition());
        int strokes = 1 + random.nextInt(6);
        var seconds = new double[strokes];
        for (int i = 0; i < strokes; i++) seconds[i] = 0.2 * i;
        var taps = new ArrayList<Tap>();
        for (int i = random.nextInt(7); i > 0; i--)
            taps.add(new Tap(
                    random.nextDouble() * 1.6 - 0.2,
                    Optional.of(random.nextBoolean() ? Direction.DOWN : Direction.UP)));
        taps.sort(Comparator.comparingDouble(Tap::seconds));
        List<DueStroke> due = due(seconds);
        assertEquals(least(due, taps, 0, 0), cost(Take.of(due, taps)), 1e-9);
    }

    /** The mean and the deviation of a sample as in any handbook of statistics: 10, -20, 40 ms have mean 10 and deviation 30. */
    @Test
    void meanAndSpreadAreThoseOfTheHandbook() {
        Take take = Take.of(due(0, 1, 2), taps("0.010", "0.980", "2.040"));
        assertEquals(10, take.meanMs(), 1e-9);
        assertEquals(30, take.spreadMs(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"1.00, 0", "1.02, 2", "0.97, -3"})
    void aTempoThatDriftsIsASlope(double slope, double percent) {
        var due = new double[40];
        var taps = new String[40];
        for (int i = 0; i < 40; i++) {
            due[i] = 0.15 * i;
            taps[i] = String.valueOf(0.15 * i * slope);
        }
        assertEquals(percent, Take.of(due(due), taps(taps)).driftPercent(), 1e-6);
    }

    @Test
    void aDoubledStrokeAndALostBarShiftNothingBehindThem() {
        var due = new double[32];
        for (int i = 0; i < 32; i++) due[i] = 0.25 * i;
        var taps = new ArrayList<Tap>();
        for (int i = 0; i < 32; i++) {
            if (i >= 8 && i < 16) continue;
            taps.add(new Tap(due[i] + 0.02, Optional.empty()));
            if (i == 4) taps.add(new Tap(due[i] + 0.09, Optional.empty()));
        }
        Take take = Take.of(due(due), taps);
        assertEquals(8, take.missed());
        assertEquals(1, take.extra().size());
        assertEquals(20, take.meanMs(), 1e-6);
        assertEquals(0, take.spreadMs(), 1e-6);
    }

    @Test
    void theScoreIsFullForExactPlayingAndNothingForNone() {
        List<DueStroke> due = due(0, 0.5, 1, 1.5);
        assertEquals(100, Take.of(due, taps("0d", "0.5d", "1d", "1.5d")).score());
        assertEquals(75, Take.of(due, taps("0d", "0.5d", "1d")).score());
        assertEquals(94, Take.of(due, taps("0d", "0.5d", "1d", "1.5u")).score());
        assertEquals(0, Take.of(due, List.of()).score());
        assertEquals(4, Take.of(due, List.of()).missed());
        assertTrue(Take.of(due, taps("-5", "-4", "77")).extra().size() == 3);
    }

    /**
     * Learners whose tempo leaves the click: from 4 bars to 100, slower and faster. Each per cent costs the same however long
     * one has played; the click alone would leave next to nothing of a long take.
     */
    @ParameterizedTest
    @CsvSource({
        "0, 4, 97", "1, 4, 91", "1, 32, 91", "1, 100, 91", "-1, 100, 91", "2, 8, 85", "2, 32, 85", "2, 100, 85",
        "-2, 60, 85", "3, 32, 79", "3, 100, 79", "-3, 40, 79", "5, 32, 67", "5, 100, 67", "-5, 24, 67", "8, 40, 49",
    })
    void aLongTakeThatIsSteadyInItselfIsWorthSomethingThoughItDrifts(double percent, int bars, int score) {
        String meters = String.join(" ", Collections.nCopies(bars, "4/4"));
        String chords = String.join(", ", Collections.nCopies(bars, "C: 1 bar"));
        List<DueStroke> due = DueStroke.of(Timeline.of(SongFixture.song(meters, chords, "d-du-udu")), 1, bars, 1);
        var skill = new Skill(0, 18, percent, 0, 0, 0, Optional.empty());
        for (int seed = 1; seed <= 3; seed++) {
            Take take = Take.of(due, new SimulatedPlayer(skill, seed).taps(due));
            assertEquals(score, take.score(), 4, "seed " + seed + ", drift " + take.driftPercent());
            assertTrue(take.trouble().isEmpty(), "the tempo is the trouble, no count: " + take.trouble());
        }
    }

    /** Strokes that have nothing to do with the song gain nothing from a tempo of their own. */
    @RepeatedTest(8)
    void strokesAtRandomStayWorthLittle(RepetitionInfo repetition) {
        var random = new Random(repetition.getCurrentRepetition());
        var seconds = new double[120];
        for (int i = 0; i < seconds.length; i++) seconds[i] = 0.4 * i;
        List<DueStroke> due = due(seconds);
        var taps = new ArrayList<Tap>();
        for (int i = 0; i < seconds.length; i++) taps.add(new Tap(random.nextDouble() * 48, Optional.empty()));
        int score = Take.of(due, taps).score();
        assertTrue(score < 40, "score " + score);
    }

    @Test
    void whatLiesWorstIsNamed() {
        Timeline timeline =
                Timeline.of(SongFixture.song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 1 bar, G: 1 bar", "d-du-udu"));
        List<DueStroke> due = DueStroke.of(timeline, 1, 4, 1);
        assertEquals(24, due.size());
        assertEquals(3, due.stream().filter(each -> each.before().isPresent()).count());
        TakeTrouble early = Take.of(due, played(due, each -> each.count().equals("2&") ? -0.05 : 0))
                .trouble()
                .orElseThrow();
        assertEquals(new TakeTrouble(TakeTrouble.Kind.COUNT_EARLY, "2&", -50, 4, 4), early);
        TakeTrouble late = Take.of(
                        due,
                        played(due, each -> each.before().filter("C"::equals).isPresent() ? 0.1 : 0))
                .trouble()
                .orElseThrow();
        assertEquals(new TakeTrouble(TakeTrouble.Kind.CHANGE_LATE, "C – G", 100, 2, 2), late);
        assertTrue(Take.of(due, played(due, _ -> 0.01)).trouble().isEmpty(), "even playing has no trouble");
    }

    private static List<Tap> played(List<DueStroke> due, ToDoubleFunction<DueStroke> late) {
        return due.stream()
                .map(each -> new Tap(each.seconds() + late.applyAsDouble(each), each.way()))
                .toList();
    }

    @Test
    void whatIsDueStandsAtTheTempoThatIsChosen() {
        Timeline timeline = Timeline.of(SongFixture.song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-d-d-d-"));
        List<DueStroke> all = DueStroke.of(timeline, 1, 2, 1);
        List<DueStroke> slower = DueStroke.of(timeline, 2, 2, 0.5);
        assertEquals(2 * all.get(4).seconds(), slower.getFirst().seconds(), 1e-9);
        assertEquals(2, slower.getFirst().bar());
    }
}
