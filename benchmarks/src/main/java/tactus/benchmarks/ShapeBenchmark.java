package tactus.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.counsel.capo.CapoPlan;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.chord.Naming;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** Naming a shape, finding the shapes of a name, and planning the capo of a song with twelve chords. */
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@BenchmarkMode(Mode.AverageTime)
public class ShapeBenchmark {

    private static final List<String> TWELVE =
            List.of("Eb", "Abmaj7", "Bb7", "Cm9", "Fm7", "Gm7b5", "Ab6", "Bb13", "Gdim7", "C7", "Dbmaj9", "Fsus4");

    /** Shapes whose names are found; the first is plain, the last has an odd set of notes. */
    @State(Scope.Benchmark)
    public static class Named {
        @Param({"x32010", "x21202", "x-3-2-0-1-12", "012345"})
        public String shape;

        private final Naming naming = new Naming(Spelling.BY_KEY, Key.parse("C"));

        List<NameGuess> names() {
            return naming.names(Voicing.parse(shape).pitchClasses(Tuning.STANDARD, 0));
        }
    }

    /** Names whose shapes are found. */
    @State(Scope.Benchmark)
    public static class Searched {
        @Param({"C", "F#m7b5", "Bb13", "E7#9"})
        public String name;

        private final ShapeSearch search = new ShapeSearch(Tuning.STANDARD, Neck.USUAL, FrettingHand.USUAL);

        List<Shape> shapes() {
            return search.find(ChordName.parse(name), 12);
        }
    }

    private final Song song = song();
    private final Timeline timeline = Timeline.of(song);

    private static Song song() {
        Song song = Song.empty("Twelve chords");
        song = song.withFacts(song.facts().withKey(Key.parse("Eb")));
        var search = new ShapeSearch(Tuning.STANDARD, Neck.USUAL, FrettingHand.USUAL);
        for (String name : TWELVE) {
            Voicing easiest = search.first(ChordName.parse(name)).orElseThrow().voicing();
            song = song.withChord(new Chord(name, easiest));
        }
        var section = new Section(
                new SectionId("all"),
                "All",
                TWELVE.stream().map(_ -> Meter.of(4, 4)).toList(),
                TWELVE.stream().map(name -> new Span(name, SpanLength.bars(1))).toList(),
                4);
        return song.withSection(section).withOrder(List.of(section.id()));
    }

    @Benchmark
    @OutputTimeUnit(TimeUnit.MICROSECONDS)
    public List<NameGuess> nameAShape(Named named) {
        return named.names();
    }

    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<Shape> findTwelveShapes(Searched searched) {
        return searched.shapes();
    }

    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public CapoPlan planTheCapo() {
        return CapoPlan.of(song, timeline, Neck.USUAL.scaleLength(), FrettingHand.USUAL);
    }
}
