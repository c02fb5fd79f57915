package tactus.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * A change to a pattern that the whole song plays: the song laid out anew and every snag found again. Every fifth entry
 * has an exception, so that not all passes of a section are alike.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class ArrangementBenchmark {

    @Param({"100", "300", "1000", "3000", "10000"})
    private int bars;

    private Song one;
    private Song other;
    private boolean flip;

    @Setup
    public void writeSong() {
        Song song = LongSong.of(bars);
        var uses = song.uses().stream()
                .map(use -> use.id() % 5 == 0 ? use.plus(Except.runs(3)) : use)
                .toList();
        PatternId everywhere = song.patterns().getFirst().id();
        Song written = song.withUses(uses).withRule(new Rule(Where.EVERYWHERE, Play.pattern(everywhere)));
        one = written.withPattern(written.pattern(everywhere).orElseThrow().withLine("d-du-udu"));
        other = written.withPattern(written.pattern(everywhere).orElseThrow().withLine("d-dudu-u"));
    }

    @Benchmark
    public List<Snag> editOfAPattern() {
        flip = !flip;
        Song song = flip ? one : other;
        return Snags.of(song, Timeline.of(song), Words.lexicon());
    }

    @Benchmark
    public Optional<Timeline> layout() {
        flip = !flip;
        return Optional.of(Timeline.of(flip ? one : other));
    }
}
