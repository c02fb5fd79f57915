package tactus.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Laying out a song of 500 bars, and finding its snags. Aim: under 2 ms for the timeline. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class TimelineBenchmark {

    private final Song song = LongSong.of(500);
    private final Timeline timeline = Timeline.of(song);

    @Benchmark
    public Timeline layOut500Bars() {
        return Timeline.of(song);
    }

    @Benchmark
    public List<Snag> findSnagsIn500Bars() {
        return Snags.of(song, timeline, Words.lexicon());
    }
}
