package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tactus.core.practice.DueStroke;
import tactus.core.practice.Skill;
import tactus.core.song.Song;
import tactus.core.stroke.Direction;
import tactus.core.timeline.BarRange;
import tactus.core.timeline.Timeline;

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
            StandInModel.Round round = round(0.5, 0.7, 0.9);
            model.listen(round, -0.02, zero - SECOND / 50);
            model.listen(round, 0, zero);
            long later = zero + SECOND / 3;
            model.listen(round, 0.01, later + SECOND / 100);
            model.listen(round, 0.02, later + SECOND / 50);
            for (double due : List.of(0.5, 0.7, 0.9)) {
                long heard = struck.poll(20, TimeUnit.SECONDS);
                assertTrue(heard >= later + (long) (due * SECOND) - SECOND / 1000, "due at " + due);
            }
            assertNull(struck.poll(100, TimeUnit.MILLISECONDS), "none twice");
            model.rest();
        }
    }

    private static StandInModel.Round round(double... due) {
        List<DueStroke> strokes = Arrays.stream(due)
                .mapToObj(at -> new DueStroke(1, "1", Optional.of(Direction.DOWN), at, "C", Optional.empty()))
                .toList();
        Song song = Song.empty("March");
        return new StandInModel.Round(Timeline.of(song), new BarRange(1, 1), strokes, 0, 2, 1, false);
    }
}
