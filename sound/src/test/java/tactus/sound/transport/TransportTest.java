package tactus.sound.transport;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tactus.core.laid.performance.HeardBars;
import tactus.core.laid.timeline.Timeline;
import tactus.sound.SoundFixture;
import tactus.sound.device.AudioOut;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;

/** Played on a device whose time passes only when the test lets it. */
class TransportTest {

    private static final int BLOCKS_A_SECOND = Score.RATE / 512;

    private final class SteppedOut implements AudioOut {

        private final Semaphore blocks = new Semaphore(0);
        private final AtomicInteger taken = new AtomicInteger();
        private volatile int loudest;
        private volatile long stall;
        private volatile int queued = 256;
        private int calls;

        @Override
        public void write(byte[] samples, int frames) {
            blocks.acquireUninterruptibly();
            for (int i = 0; i < 2 * frames; i++) {
                loudest = Math.max(loudest, Math.abs(samples[2 * i + 1] << 8 | samples[2 * i] & 0xFF));
            }
            if (stall > 0) calls = 3;
            taken.incrementAndGet();
        }

        /** Asked twice after a block was taken, and again before the next one is rendered: in between the machine was busy. */
        @Override
        public long pending() {
            if (calls == 0 || --calls > 0) return queued;
            nanos.addAndGet(stall);
            stall = 0;
            return 0;
        }

        @Override
        public boolean isSilent() {
            return true;
        }

        @Override
        public void close() {}

        void pass(int count) {
            int wanted = taken.get() + count;
            blocks.release(count);
            until(() -> taken.get() >= wanted);
        }
    }

    private final AtomicLong nanos = new AtomicLong();
    private final SteppedOut out = new SteppedOut();
    private final Transport transport = new Transport(() -> out, nanos::get);
    private final Timeline timeline = SoundFixture.twoBars("320003", "d-du-udu");

    private static void until(BooleanSupplier condition) {
        assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
            while (!condition.getAsBoolean()) Thread.onSpinWait();
        });
    }

    private Score score(double from, double to, boolean loops, double speed) {
        return Score.of(timeline, new Playback(from, to, loops, speed, false));
    }

    private double seconds() {
        return transport.place().orElseThrow().at().value();
    }

    @AfterEach
    void close() {
        transport.close();
        out.blocks.release(10_000);
    }

    @Test
    void timeGoesWithTheFramesTheDeviceTakes() {
        transport.play(score(0, 4, false, 1));
        out.pass(BLOCKS_A_SECOND);
        until(() -> seconds() > 0.97);
        assertEquals(1.0, seconds(), 0.03);
        assertTrue(out.loudest > 1_000, "it sounds");
    }

    @Test
    void afterAStallItIsWhereTheClockIsAndNotBehind() {
        transport.play(score(0, 4, false, 1));
        out.pass(20);
        out.stall = 1_500_000_000L;
        out.pass(20);
        until(() -> seconds() > 1.5);
        assertEquals(1.5 + 40 * 512 / 44_100.0, seconds(), 0.05);
    }

    /** The thread gets no turn for a while, but the device plays on what it has: a stroke then is judged by what is heard. */
    @Test
    void timeGoesOnAsLongAsTheDeviceHasSomethingToPlay() {
        out.queued = 2_048;
        transport.play(score(0, 4, false, 1));
        out.pass(40);
        until(() -> seconds() > 35.5 * 512 / 44_100);
        double before = seconds();
        nanos.addAndGet(30_000_000);
        assertEquals(before + 0.03, seconds(), 1e-4);
        nanos.addAndGet(1_000_000_000);
        assertEquals(before + 2_048 / 44_100.0, seconds(), 1e-4, "then it has run dry");
    }

    @Test
    void aLoopIsInItsRightRoundAfterAStall() {
        transport.play(score(2, 3, true, 1));
        out.pass(20);
        out.stall = 3_000_000_000L;
        out.pass(20);
        until(() -> Math.abs(seconds() - 2.46) < 0.05);
    }

    @Test
    void atTheEndItStopsByItself() {
        transport.play(score(3, 4, false, 1));
        out.blocks.release(BLOCKS_A_SECOND + 2);
        until(() -> !transport.isPlaying());
        assertTrue(transport.place().isEmpty());
    }

    @Test
    void aLoopStartsAgainAtItsBeginning() {
        transport.play(score(2, 3, true, 1));
        out.pass(BLOCKS_A_SECOND * 5 / 2);
        until(() -> Math.abs(seconds() - 2.5) < 0.05);
        assertTrue(transport.isPlaying());
    }

    private int round() {
        return transport.place().orElseThrow().round();
    }

    @Test
    void roundsAreCountedAsTheyAreHeard() {
        transport.play(score(2, 3, true, 1));
        assertEquals(0, round());
        out.pass(BLOCKS_A_SECOND / 2);
        assertEquals(0, round());
        out.pass(BLOCKS_A_SECOND * 2);
        until(() -> round() == 2);
        assertEquals(2.5, seconds(), 0.05);
        transport.play(score(0, 4, true, 1));
        until(() -> round() == 0);
    }

    @Test
    void aRoundThatWasMissedInAStallCountsToo() {
        transport.play(score(2, 3, true, 1));
        out.pass(20);
        out.stall = 3_000_000_000L;
        out.pass(20);
        until(() -> round() == 3);
    }

    /** At another speed it is the same round, and goes on being counted. */
    @Test
    void anotherSpeedIsNoOtherRound() {
        transport.play(score(2, 3, true, 1));
        out.pass(BLOCKS_A_SECOND * 3 / 2);
        until(() -> round() == 1);
        transport.replace(score(2, 3, true, 0.5));
        out.pass(10);
        until(() -> Math.abs(seconds() - 2.56) < 0.05);
        assertEquals(1, round());
        out.pass(BLOCKS_A_SECOND);
        until(() -> round() == 2);
    }

    /** Two bars of two seconds, each heard and silent in turn: two rounds are laid, and each is one. */
    @Test
    void roundsInWhichOtherBarsAreSilentAreCountedEach() {
        var playback = new Playback(0, 2, true, 1, false, false, Optional.of(new HeardBars(1)));
        Score score = Score.of(timeline, playback);
        assertEquals(2, score.rounds());
        transport.play(score);
        for (int round = 0; round < 5; round++) {
            int now = round;
            until(() -> round() == now);
            out.pass(BLOCKS_A_SECOND * 2 + 1);
        }
    }

    /** The bar to breathe is counted in for the round behind it. */
    @Test
    void aBarToBreatheBelongsToTheRoundBehindIt() {
        Score score = Score.of(timeline, new Playback(0, 2, true, 1, false, true, Optional.empty()));
        assertEquals(0, score.round(Score.RATE * 2 - 100));
        assertEquals(1, score.round(Score.RATE * 2 + 100));
        assertTrue(score.seconds(Score.RATE * 2 + 100) < 0);
        assertEquals(1, score.round(Score.RATE * 4 + 100));
        assertEquals(0, score.seconds(Score.RATE * 4), 1e-6);
    }

    @Test
    void anotherSpeedGoesOnAtTheSamePlace() {
        transport.play(score(0, 4, false, 1));
        out.pass(BLOCKS_A_SECOND);
        until(() -> seconds() > 0.97);
        transport.replace(score(0, 4, false, 0.5));
        out.pass(BLOCKS_A_SECOND);
        until(() -> seconds() > 1.45);
        assertEquals(1.5, seconds(), 0.05);
    }

    @Test
    void anotherTempoOfTheSongGoesOnAtTheSameBeat() {
        transport.play(score(0, 4, false, 1));
        out.pass(BLOCKS_A_SECOND);
        until(() -> seconds() > 0.97);
        Timeline slow = SoundFixture.twoBars("320003", "d-du-udu", 60);
        transport.replace(Score.of(slow, new Playback(0, 8, false, 1, false)));
        out.pass(BLOCKS_A_SECOND);
        until(() -> seconds() > 2.9);
        assertEquals(3.0, seconds(), 0.05, "the third beat, two seconds into the slower song, and a second more");
    }

    @Test
    void whatIsReplacedWhileNothingPlaysStaysSilent() {
        transport.replace(score(0, 4, false, 1));
        assertFalse(transport.isPlaying());
    }

    @Test
    void withoutLoudnessNothingIsHeard() {
        transport.setGain(0);
        transport.play(score(0, 4, false, 1));
        out.pass(BLOCKS_A_SECOND);
        assertEquals(0, out.loudest);
    }

    @Test
    void stoppingLeavesNothingPlaying() {
        transport.play(score(0, 4, false, 1));
        out.pass(10);
        transport.stop();
        assertFalse(transport.isPlaying());
        assertTrue(transport.place().isEmpty());
    }

    @Test
    void theDeviceIsOpenedWhenItIsFirstAskedFor() {
        assertTrue(transport.isSilent().isEmpty());
        transport.prepare();
        until(() -> transport.isSilent().isPresent());
        assertTrue(transport.isSilent().get());
    }
}
