package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.performance.PatternAlone;
import tactus.core.laid.timeline.BarRange;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.Round;
import tactus.core.taught.practice.Skill;
import tactus.core.written.song.Song;

class StandInModelTest {

    private static final long SECOND = 1_000_000_000L;

    /** No stroke comes before its time, however busy the machine is; one that does not follow comes a third of a second before it. */
    @Test
    void anInstrumentWaitsWhenTheMusicStandsStillAndNoStrokeIsLostOrDoubled() throws Exception {
        var model = new StandInModel();
        model.wayProperty().set(StandInModel.Way.INSTRUMENT);
        model.skillProperty().set(new Skill(0, 0, 0, 0, 0, 0, Optional.empty()));
        var struck = new LinkedBlockingQueue<Long>();
        try (var _ = model.instrument().listen(struck::add)) {
            long zero = System.nanoTime();
            Round round = round("----ddd-");
            model.listen(round, -0.02, zero - SECOND / 50);
            model.listen(round, 0, zero);
            long later = zero + SECOND / 3;
            model.listen(round, 0.01, later + SECOND / 100);
            model.listen(round, 0.02, later + SECOND / 50);
            for (DueStroke stroke : round.due()) {
                double due = stroke.seconds();
                long heard = struck.poll(20, TimeUnit.SECONDS);
                assertTrue(heard >= later + (long) (due * SECOND) - SECOND / 1000, "due at " + due);
            }
            assertNull(struck.poll(100, TimeUnit.MILLISECONDS), "none twice");
            model.rest();
        }
    }

    /** A bar at 120 a minute, round and round. */
    private static Round round(String line) {
        Song song = Song.empty("March");
        Song quick =
                song.withFacts(song.facts().withTempo(Tempo.of(120, song.facts().meter())));
        var pattern =
                Pattern.empty(new PatternId("march"), "March", Meter.of(4, 4)).withLine(line);
        return new Round(new Heard.Bars(PatternAlone.of(quick, pattern), new BarRange(1, 1)), 1, true);
    }
}
