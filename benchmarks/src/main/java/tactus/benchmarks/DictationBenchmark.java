package tactus.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.placing.Placing;
import tactus.words.Words;

/** Placing what was said, and putting a figure on the chords of a song. Aims: 2 ms, 20 ms and 1 ms. */
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class DictationBenchmark {

    private static final Meter FOUR = Meter.of(4, 4);
    private static final Hand SIXTEENTHS = Hand.pendulum(Length.SIXTEENTH);

    private final Dictation nine = Dictation.parse("D D U D U D D U D", Words.lexicon());
    private final PatternFrame sixteen = PatternFrame.of(FOUR, 4, SIXTEENTHS);
    private final Dictation thirtyTwo = Dictation.parse("D D U U D U D U ".repeat(4), Words.lexicon());
    private final PatternFrame sixtyFour = PatternFrame.of(FOUR, 16, SIXTEENTHS);
    private final Pattern figure =
            Pattern.empty(new PatternId("f"), "Figure", FOUR).withLine("(p a)iqmpiqm");
    private final List<Held> chords = chords();

    private static List<Held> chords() {
        var search = new ShapeSearch(Tuning.STANDARD, Neck.USUAL, FrettingHand.USUAL);
        var held = new ArrayList<Held>();
        for (String root : List.of("C", "D", "E", "F", "G", "A", "Bb", "B")) {
            for (String kind : List.of("", "m", "7")) {
                ChordName name = ChordName.parse(root + kind);
                held.add(new Held(search.first(name).orElseThrow().voicing(), Optional.of(name), Tuning.STANDARD));
            }
        }
        return held;
    }

    /** Nine strokes on 16 slots: the exact number, the best eight with reasons, the question. */
    @Benchmark
    public Placing placeNineStrokes() {
        return Placing.of(nine, sixteen);
    }

    /** Thirty-two strokes on 64 slots. */
    @Benchmark
    public Placing placeThirtyTwoStrokes() {
        return Placing.of(thirtyTwo, sixtyFour);
    }

    /** A figure of eight slots on 24 chords. */
    @Benchmark
    public List<List<List<Plucked>>> resolveAFigure() {
        Figure picked = Figure.of(figure);
        return chords.stream().map(held -> picked.on(held, "")).toList();
    }
}
