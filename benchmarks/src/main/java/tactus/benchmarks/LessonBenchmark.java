package tactus.benchmarks;

import java.util.ArrayList;
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
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.InVersion;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** An edit in a song of 300 bars as a lesson has it: 200 lines of words, 60 hints, 80 rules more, a version shown. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class LessonBenchmark {

    private static final int WORD_LINES = 200;
    private static final int HINTS = 60;
    private static final int RULES = 80;

    @Param({"300"})
    private int bars;

    private Song song;
    private boolean flip;

    @Setup
    public void writeSong() {
        Song written = LongSong.of(bars);
        int lines = 0;
        var uses = new ArrayList<Use>();
        for (Use use : written.uses()) {
            Section section = written.section(use.section()).orElseThrow();
            int many = Math.min(WORD_LINES - lines, section.bars().size() * 2);
            var words = new ArrayList<WordLine>();
            for (int line = 0; line < many; line++) words.add(line(line / 2 + 1, line % 2));
            lines += many;
            uses.add(words.isEmpty() ? use : use.plus(Except.always(new Except.OtherWords(words))));
        }
        written = written.withUses(uses);
        var hints = new ArrayList<>(written.lesson().hints());
        for (int hint = 0; hint < HINTS; hint++) {
            Section section = written.sections().get(hint % written.sections().size());
            hints.add(new Hint(
                    new HintPlace.OfBar(section.id(), hint % section.bars().size() + 1), "keep it down " + hint));
        }
        written = written.withLesson(written.lesson().withHints(hints));
        var rules = new ArrayList<>(written.rules());
        for (int rule = 0; rule < RULES; rule++) {
            Use use = written.uses().get(rule % written.uses().size());
            Where where = Where.in(use.section()).withUse(UseChoice.entry(use.id()));
            rules.add(new Rule(where, Play.OPEN.with(Swell.of(Dynamic.values()[rule % 6]))));
        }
        song = written.withRules(rules);
    }

    private static WordLine line(int bar, int half) {
        var syllables = new ArrayList<Syllable>();
        for (int beat = 0; beat < 2; beat++) {
            syllables.add(new Syllable(bar, Length.of(2L * half + beat, 4), "word" + beat, false));
        }
        return new WordLine(syllables);
    }

    @Benchmark
    public List<Snag> edit() {
        flip = !flip;
        var pattern = song.patterns().getFirst().withLine(flip ? "d-du-udu" : "d-dudu-u");
        Song after =
                InVersion.of(song, each -> each.withPattern(pattern)).written().asShown();
        return Snags.of(after, Timeline.of(after), Words.lexicon());
    }

    @Benchmark
    public Outline page() {
        return Outline.of(Timeline.of(song));
    }
}
