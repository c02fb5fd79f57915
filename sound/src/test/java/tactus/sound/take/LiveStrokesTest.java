package tactus.sound.take;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.IntToLongFunction;
import java.util.function.LongSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.sound.SoundFixture;
import tactus.sound.device.AudioIn;
import tactus.sound.device.RecordedIn;

/** Rendered playing that comes in as if it were played now, on a clock of our own. */
class LiveStrokesTest {

    /** Known of sooner than this, in seconds: the aim for a stroke that is judged while one plays. */
    private static final double SOON = 0.03;

    private record Known(double at, double since) {}

    private static List<Known> heard(float[] sound, IntToLongFunction lateness) throws InterruptedException {
        // A clock that goes on by a tenth of a millisecond whenever somebody looks at it.
        var clock = new AtomicLong();
        LongSupplier nanos = () -> clock.addAndGet(100_000);
        var known = new CopyOnWriteArrayList<Known>();
        var ended = new CountDownLatch(1);
        long began = clock.get();
        var in = new LateIn(RecordedIn.on(sound, 44_100, nanos), lateness, clock);
        try (var _ = new LiveStrokes(
                in,
                at -> known.add(new Known((at - began) * 1e-9, (clock.get() - at) * 1e-9)),
                ended::countDown,
                nanos)) {
            assertTrue(ended.await(60, TimeUnit.SECONDS));
        }
        return known;
    }

    /** Blocks that arrive late now and then, as they do on a busy machine. */
    private static final class LateIn implements AudioIn {

        private final AudioIn in;
        private final IntToLongFunction lateness;
        private final AtomicLong clock;
        private int block;

        LateIn(AudioIn in, IntToLongFunction lateness, AtomicLong clock) {
            this.in = in;
            this.lateness = lateness;
            this.clock = clock;
        }

        @Override
        public String name() {
            return in.name();
        }

        @Override
        public int rate() {
            return in.rate();
        }

        @Override
        public int read(float[] samples) {
            int count = in.read(samples);
            clock.addAndGet(lateness.applyAsLong(block++));
            return count;
        }

        @Override
        public void close() {
            in.close();
        }
    }

    private static List<Double> due(Timeline timeline, double to) {
        return timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .map(TimelineStroke::seconds)
                .filter(each -> each < to)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"d-du-udu, 100", "d-d-d-d-, 72", "dudududu, 90", "b-tub-tu, 84"})
    void everyStrokeIsKnownOfSoonAndWithTheTimeAtWhichItWas(String line, int tempo) throws Exception {
        Timeline timeline = SoundFixture.twoBars("x32010", line, tempo);
        double seconds = Math.min(12, timeline.seconds() + 0.2);
        List<Known> known = heard(SoundFixture.mono(timeline, seconds), _ -> 0);
        List<Double> due = due(timeline, seconds - 0.1);
        assertEquals(due.size(), known.size(), line);
        for (int i = 0; i < due.size(); i++) {
            assertEquals(due.get(i), known.get(i).at(), 0.006, line + ", stroke " + (i + 1));
            assertTrue(
                    known.get(i).since() < SOON,
                    line + ", known of after " + known.get(i).since() + " s");
        }
    }

    /** Every seventh block is 15 ms late: what is known later was not played later. */
    @Test
    void aBusyMachineMakesNoStrokeLate() throws Exception {
        Timeline timeline = SoundFixture.twoBars("x32010", "d-du-udu", 100);
        double seconds = Math.min(12, timeline.seconds() + 0.2);
        List<Known> known = heard(SoundFixture.mono(timeline, seconds), block -> block % 7 == 3 ? 15_000_000 : 0);
        List<Double> due = due(timeline, seconds - 0.1);
        assertEquals(due.size(), known.size());
        for (int i = 0; i < due.size(); i++)
            assertEquals(due.get(i), known.get(i).at(), 0.006, "stroke " + (i + 1));
    }

    @Test
    void silenceHasNoStrokesAndWhatIsClosedIsNotMissed() throws Exception {
        assertEquals(List.of(), heard(new float[44_100], _ -> 0));
        var ended = new CountDownLatch(1);
        var strokes = new LiveStrokes(new RecordedIn(new float[44_100 * 60], 44_100), _ -> {}, ended::countDown);
        strokes.close();
        assertFalse(ended.await(300, TimeUnit.MILLISECONDS), "only a microphone that goes is missed");
    }
}
