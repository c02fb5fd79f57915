package tactus.benchmarks;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
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
import tactus.core.counsel.comparison.Recap;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Placing;
import tactus.core.reading.chart.Chart;
import tactus.core.reading.sentence.HintSentence;
import tactus.core.reading.sentence.OrderLine;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.reading.sentence.SungText;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * What is read at every key, over the length of what was typed. Aim: 20 ms for 200 letters, with the compiler of the window ({@code
 * -jvmArgsAppend -XX:TieredStopAtLevel=1}); nothing grows faster than its length.
 */
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class TypingBenchmark {

    private static final Meter FOUR = Meter.of(4, 4);
    private static final Lexicon LEXICON = Words.lexicon();
    private static final Song SONG = LongSong.of(100);

    private static final Map<String, Function<String, Object>> READERS = Map.of(
            "rule", text -> new RuleSentence(LEXICON, SONG).parse(text),
            "hint", text -> new HintSentence(LEXICON, SONG).parse(text, Optional.empty()),
            "order", text -> OrderLine.of(SONG, text),
            "chords", text -> HarmonyLine.parse(text, FOUR, Optional.empty(), LEXICON),
            "dictation", text -> Dictation.parse(text, LEXICON),
            "placing", text -> Placing.of(Dictation.parse(text, LEXICON), FOUR, 4, Given.NOTHING),
            "pasted", text -> Chart.read(text, FOUR, LEXICON),
            "words", text -> new SungText(new BarLines(Collections.nCopies(16, FOUR))).parse(text),
            "recap", text -> Recap.of(SONG, text, LEXICON));

    private static final Map<String, String> TEXTS = Map.of(
            "sentence", "the last time we play the chorus please let it ring a bit longer than before and then stop ",
            "places", "in the last bar of the second Verse, last pass, on every D, in the last 2 bars of the chorus, ",
            "strokes", "d u D U x b t ",
            "chords", "G | C D | Em x2 | F ",
            "bracket", "(");

    @Param({"rule", "hint", "order", "chords", "dictation", "placing", "pasted", "words", "recap"})
    private String reader;

    @Param({"sentence", "places", "strokes", "chords", "bracket"})
    private String text;

    @Param({"10", "50", "200", "1000", "20000", "300000"})
    private int length;

    private String typed;

    @Setup
    public void fill() {
        String unit = TEXTS.get(text);
        typed = unit.repeat(length / unit.length() + 1).substring(0, length);
    }

    /** One key. */
    @Benchmark
    public Object read() {
        try {
            return READERS.get(reader).apply(typed);
        } catch (Refusal unread) {
            return List.of(unread);
        }
    }
}
