package tactus.benchmarks;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.laid.timeline.Timeline;
import tactus.formats.demo.DemoSong;
import tactus.sound.score.Score;
import tactus.sound.wave.WaveRendering;

/** Rendering sound on one thread. The score is seconds of sound in a second. Aim: 150 or more. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SoundBenchmark {

    private static final int SECONDS = 60;

    private final WaveRendering rendering = WaveRendering.of(Timeline.of(DemoSong.LANTERN_WALK.song()));

    @Benchmark
    @OperationsPerInvocation(SECONDS)
    public float[] renderSecondsOfSound() {
        return rendering.render(SECONDS * Score.RATE);
    }
}
