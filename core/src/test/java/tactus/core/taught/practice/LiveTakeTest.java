package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Direction;
import tactus.core.written.song.SongFixture;

/** A take judged stroke by stroke, beside the whole take judged in the end. */
class LiveTakeTest {

    private static List<DueStroke> due(String line, int bars) {
        String meters = String.join(" ", Collections.nCopies(bars, "4/4"));
        var chords = new ArrayList<String>();
        for (int i = 0; i < bars; i++) chords.add((i % 2 == 0 ? "C" : "G") + ": 1 bar");
        return DueStroke.of(Timeline.of(SongFixture.song(meters, String.join(", ", chords), line)), 1, bars, 1);
    }

    /** Learners of several kinds: in the end the strokes judged one by one are those of the whole take. */
    @ParameterizedTest
    @CsvSource({
        "d-du-udu, 8, 0, 12, 0, 0, 0",
        "d-du-udu, 24, -15, 20, 0.05, 0.03, 0.05",
        "d-d-d-d-, 16, 30, 25, 0.1, 0, 0",
        "dudududu, 16, -25, 15, 0.02, 0.05, 0.1",
        "d---d---, 30, 60, 30, 0, 0.1, 0",
        "--d---d-, 12, 0, 40, 0.2, 0.1, 0",
    })
    void whatIsJudgedStrokeByStrokeIsTheTakeInTheEnd(
            String line, int bars, double late, double spread, double missed, double extra, double wrong) {
        List<DueStroke> due = due(line, bars);
        var skill = new Skill(late, spread, 0, missed, extra, wrong, Optional.empty());
        for (int seed = 1; seed <= 5; seed++) {
            List<Tap> taps = new SimulatedPlayer(skill, seed).taps(due);
            var live = new LiveTake(due);
            int told = 0;
            for (Tap tap : taps) if (live.tap(tap).isPresent()) told++;
            Take shown = live.until(due.getLast().seconds() + 1);
            Take whole = Take.of(due, taps);
            assertEquals(due.size(), shown.strokes().size());
            assertEquals(whole.missed(), shown.missed(), 1, "seed " + seed);
            assertEquals(whole.extra().size(), shown.extra().size(), 1, "seed " + seed);
            assertEquals(whole.score(), shown.score(), 2, "seed " + seed);
            int played = whole.strokes().size() - whole.missed();
            assertTrue(Math.abs(told - played) <= taps.size() / 20 + 1, told + " told, " + played + " in the end");
        }
    }

    @Test
    void aStrokeIsToldWithItsCountHowLateItWasAndWhichWay() {
        var live = new LiveTake(due("d-du-udu", 2));
        double start = live.due().getFirst().seconds();
        assertEquals(
                "1",
                live.tap(new Tap(start - 0.05, Optional.of(Direction.DOWN)))
                        .orElseThrow()
                        .due()
                        .count(),
                "early, before it is due");
        DueStroke third = live.due().get(2);
        Take.Played up = live.tap(new Tap(third.seconds() + 0.01, Optional.of(Direction.DOWN)))
                .orElseThrow();
        assertEquals("2&", up.due().count());
        assertEquals(0.01, up.late().getAsDouble(), 1e-9);
        assertTrue(up.isWrongWay());
        assertTrue(
                live.tap(new Tap(third.seconds() + 0.1, Optional.of(Direction.UP)))
                        .isEmpty(),
                "a doubled one");
        Take far = live.until(third.seconds() + 0.2);
        assertEquals(1, far.missed(), "the stroke on 2 that did not come");
        assertEquals(1, far.extra().size());
    }

    @Test
    void nothingIsMissedBeforeItCouldHaveComeAndEverythingInTheEnd() {
        var live = new LiveTake(due("d-d-d-d-", 2));
        double start = live.due().getFirst().seconds();
        assertEquals(0, live.until(start + 0.1).strokes().size());
        assertEquals(1, live.until(start + 0.2).missed());
        assertEquals(8, live.until(1e6).missed());
        assertEquals(0, new LiveTake(List.of()).until(5).strokes().size());
        assertTrue(new LiveTake(List.of()).tap(new Tap(1, Optional.empty())).isEmpty());
    }
}
