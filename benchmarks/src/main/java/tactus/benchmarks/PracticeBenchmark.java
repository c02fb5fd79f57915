package tactus.benchmarks;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.app.demo.DemoClass;
import tactus.core.laid.timeline.Timeline;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.TakeEntry;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LiveTake;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.taught.practice.SimulatedPlayer;
import tactus.core.taught.practice.Skill;
import tactus.core.taught.practice.Take;
import tactus.core.taught.practice.Tap;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.taught.shelf.SongQuery;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.logbook.Logbook;
import tactus.words.Words;

/** A plan of 100 bars, takes of about 2,000 taps, and what a student can play of 10,000 songs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class PracticeBenchmark {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

    private final Song song = LongSong.of(100);
    private final Timeline timeline = Timeline.of(song);
    private final Records records = DemoClass.records(DAY);
    private List<DueStroke> due;
    private List<Tap> steady;
    private List<Tap> poor;
    private List<ShelvedSong> songs;
    private final Logbook book = Logbook.forNow();
    private Records known;
    private int kept;

    @Setup
    public void play() throws IOException {
        book.add(Records.of(
                IntStream.range(-20_000, 0).mapToObj(PracticeBenchmark::take).toList()));
        known = book.records();
        due = DueStroke.of(Timeline.of(LongSong.of(300)), 1, 300, 1);
        steady = new SimulatedPlayer(Skill.LEARNER, 1).taps(due);
        poor = new SimulatedPlayer(new Skill(-12, 40, 4, 0.1, 0.1, 0.1, Optional.empty()), 1).taps(due);
        List<ShelvedSong> demos = Stream.of(DemoSong.values())
                .map(demo -> ShelvedSong.of(demo.name(), demo.song(), Words.lexicon()))
                .toList();
        songs = IntStream.range(0, 10_000)
                .mapToObj(i -> demos.get(i % demos.size()))
                .toList();
    }

    @Benchmark
    public PracticePlan plan() {
        return PracticePlan.of(Ladder.of(song, timeline), 15, 7);
    }

    @Benchmark
    public Take takeThatLies() {
        return Take.of(due, steady);
    }

    @Benchmark
    public Take takeThatDrifts() {
        return Take.of(due, poor);
    }

    /** All of about 2,000 strokes one by one, as they are judged while one plays, with the round so far behind each. */
    @Benchmark
    public Take takeStrokeByStroke() {
        var live = new LiveTake(due);
        Take sofar = null;
        for (Tap tap : steady) {
            live.tap(tap);
            sofar = live.until(tap.seconds());
        }
        return sofar;
    }

    /** Just as the next round begins, in a logbook of 20,000 takes. */
    @Benchmark
    public Records roundKept() throws IOException {
        Records more = Records.of(take(++kept));
        book.add(more);
        known = book.isChangedElsewhere() ? book.records() : known.plus(more);
        return known;
    }

    private static TakeEntry take(int minutes) {
        return new TakeEntry(
                "Mirel", DAY.atStartOfDay().plusMinutes(minutes), new SongKey("Walk", ""), "1-4", 60, 80, 1, 2, 3);
    }

    @Benchmark
    public Repertoire whatCanBePlayed() {
        return Repertoire.of(records, records.students().getFirst(), DAY, songs);
    }

    @Benchmark
    public List<ShelvedSong> search() {
        var query = SongQuery.parse("has d-du-udu", Words.lexicon(), songs);
        var found = new ArrayList<ShelvedSong>();
        for (ShelvedSong each : songs) if (query.test(each)) found.add(each);
        return found;
    }
}
