package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;

/** What was put into a take is what is found in it. */
class SimulatedPlayerTest {

    private static final Song SONG = passes(40);
    private static final List<DueStroke> DUE = DueStroke.of(Timeline.of(SONG), 0, 999, 1);

    private static Song passes(int count) {
        Song once = song("4/4 4/4", "C: 1 bar, F: 1 bar", "d-du-udu");
        return once.withSection(once.sections().getFirst().withPasses(count));
    }

    private static Take take(Skill skill) {
        return Take.of(DUE, new SimulatedPlayer(skill, 7).taps(DUE));
    }

    private static Skill skill(double late, double spread, double missed, double extra, double wrong) {
        return new Skill(late, spread, 0, missed, extra, wrong, Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0, 0, 0",
        "-30, 10, 0, 0, 0",
        "25, 20, 0, 0, 0",
        "0, 15, 0.1, 0, 0",
        "0, 15, 0, 0.1, 0",
        "0, 15, 0, 0, 0.1",
        "10, 20, 0.05, 0.05, 0.05"
    })
    void aTakeFindsWhatThePlayerDid(double late, double spread, double missed, double extra, double wrong) {
        Take take = take(skill(late, spread, missed, extra, wrong));
        int strokes = DUE.size();
        assertEquals(late, take.meanMs(), 3);
        assertEquals(spread, take.spreadMs(), 3);
        assertEquals(missed * strokes, take.missed(), 0.03 * strokes);
        assertEquals(extra * strokes, take.extra().size(), 0.03 * strokes);
        long turned = take.strokes().stream().filter(Take.Played::isWrongWay).count();
        assertEquals(wrong * strokes, turned, 0.03 * strokes);
    }

    @Test
    void aSlowChangeIsSeenWhereItIs() {
        var slow = Optional.of(new Skill.SlowChange("C", "F", 90));
        Take take = take(new Skill(0, 10, 0, 0, 0, 0, slow));
        for (Take.Played each : take.strokes()) {
            double late = 1000 * each.late().orElseThrow();
            boolean isChange = each.due().before().equals(Optional.of("C"))
                    && each.due().chord().equals("F");
            assertTrue(isChange ? late > 45 : late < 45, each.due() + ": " + late);
        }
    }

    @Test
    void aDriftIsFollowedAndTold() {
        Take take = take(new Skill(0, 8, 2, 0, 0, 0, Optional.empty()));
        assertEquals(2, Math.abs(take.driftPercent()), 0.5);
        assertTrue(take.missed() < 0.05 * DUE.size());
    }

    /** A bar of uneven strokes has a slope by chance; sixteen that slow down have one for sure. */
    @Test
    void aBarOfUnevenStrokesIsNotTakenForADrift() {
        List<DueStroke> bar = DueStroke.of(Timeline.of(SONG), 1, 2, 1);
        var uneven = new Skill(0, 25, 0, 0, 0, 0, Optional.empty());
        int sure = 0;
        for (int seed = 0; seed < 100; seed++)
            if (Take.of(bar, new SimulatedPlayer(uneven, seed).taps(bar)).isDriftSure()) sure++;
        assertTrue(sure < 16, sure + " of 100 rounds");
        List<DueStroke> bars = DueStroke.of(Timeline.of(SONG), 1, 16, 1);
        var slowing = new Skill(0, 20, 1.5, 0, 0, 0, Optional.empty());
        for (int seed = 0; seed < 20; seed++)
            assertTrue(
                    Take.of(bars, new SimulatedPlayer(slowing, seed).taps(bars)).isDriftSure(), "seed " + seed);
    }

    /** Nothing of a long take is lost because its end lies seconds away from where it is due. */
    @ParameterizedTest
    @CsvSource({"1.5, 25", "-1, 15", "3, 10", "-4, 12", "0.4, 20"})
    void aPlayerWithATempoOfHisOwnIsFollowedThroughALongTake(double drift, double spread) {
        Take take = take(new Skill(0, spread, drift, 0.02, 0.02, 0, Optional.empty()));
        assertEquals(drift, take.driftPercent(), 0.1);
        assertEquals(0.02 * DUE.size(), take.missed(), 0.02 * DUE.size());
        assertTrue(take.isDriftSure());
    }

    /** A ghost for each slot of the pattern that is struck, each with what fell there. */
    @Test
    void ghostsLieWhereStrokesFell() {
        List<Ghost> ghosts = Ghost.of(take(skill(-30, 10, 0.1, 0, 0)), 1);
        assertEquals(
                List.of("1", "2", "2&", "3&", "4", "4&"),
                ghosts.stream().map(Ghost::count).toList());
        for (Ghost ghost : ghosts) {
            assertEquals(-0.03, ghost.late(), 0.005, ghost.toString());
            assertEquals(0.01, ghost.spread(), 0.004);
            assertEquals(80, ghost.played() + ghost.missed());
        }
        assertEquals(2 * ghosts.size(), Ghost.of(take(skill(0, 0, 0, 0, 0)), 2).size(), "two bars, each its own");
    }

    @Test
    void theSameSeedPlaysTheSame() {
        assertEquals(new SimulatedPlayer(Skill.LEARNER, 3).taps(DUE), new SimulatedPlayer(Skill.LEARNER, 3).taps(DUE));
    }
}
