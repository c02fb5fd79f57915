package tactus.console;

import java.io.PrintWriter;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Division;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.Explanation;
import tactus.core.patterns.rhythm.Mnemonic;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.patterns.saying.Saying;
import tactus.words.Sentences;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus say "d-du-udu"}: says a pattern in words, counts and syllables. */
@Command(name = "say", mixinStandardHelpOptions = true)
final class SayCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PATTERN-LINE", arity = "1")
    private String query;

    @Option(names = "--meter", defaultValue = "4/4")
    private String meter;

    @Option(names = "--beats", paramLabel = "N")
    private Integer beats;

    @Option(names = "--slots", paramLabel = "N")
    private Integer slots;

    @Option(names = "--hand", paramLabel = "RATE")
    private String hand;

    @Option(names = "--school", defaultValue = "numbers")
    private String school;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        if (query.equals("-")) return QueryLines.answer(System.in, out, this::answered);
        Pattern pattern = pattern(query);
        out.println(json ? json(tree(query, pattern)) : text(pattern));
        return TactusCommand.FINE;
    }

    private String answered(String line) {
        try {
            return json(tree(line, pattern(line)));
        } catch (Refusal unreadable) {
            return json(JsonNodeFactory.instance.objectNode().put("query", line).put("error", Words.why(unreadable)));
        }
    }

    private static String json(ObjectNode tree) {
        return JsonMapper.shared().writeValueAsString(tree);
    }

    private Pattern pattern(String line) {
        PatternFrame frame = PatternFrame.of(Meter.parse(meter));
        if (slots != null) frame = frame.withDivision(Division.of(slots));
        if (hand != null) frame = frame.withHand(HandRate.parse(hand));
        if (beats != null) frame = frame.withBeats(beats);
        Pattern pattern = Pattern.empty(new PatternId("said"), "said", frame).withLine(line);
        if (beats != null && pattern.beats() > beats) {
            throw new Refusal("command.more-strokes", line, beats, frame.grid().size());
        }
        return pattern;
    }

    private CountSchool school() {
        return Arrays.stream(CountSchool.values())
                .filter(each -> each.name()
                        .toLowerCase(Locale.ROOT)
                        .equals(school.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new Refusal("command.school", school));
    }

    private ObjectNode tree(String line, Pattern pattern) {
        PatternFacts facts = PatternFacts.of(pattern);
        Explanation explanation = Explanation.of(pattern);
        ObjectNode tree = JsonNodeFactory.instance.objectNode().put("query", line);
        tree.put("words", new Saying(Words.lexicon()).words(pattern));
        tree.put("counted", new Saying(Words.lexicon()).counted(pattern));
        tree.put("counts", Saying.counts(pattern, school()));
        tree.put("aloud", new Saying(Words.lexicon()).aloud(pattern));
        tree.put("explanation", Sentences.of(explanation.made()));
        tree.put(
                "mnemonic",
                Mnemonic.of(pattern, explanation.cell(), Words.lexicon())
                        .map(Mnemonic::toString)
                        .orElse(null));
        tree.put("strokes", facts.strokes());
        tree.put("misses", facts.misses());
        tree.put("syncopation", facts.syncopation());
        return tree;
    }

    private String text(Pattern pattern) {
        var saying = new Saying(Words.lexicon());
        return Words.of(
                "command.say",
                saying.words(pattern),
                saying.counted(pattern),
                Saying.counts(pattern, school()),
                saying.aloud(pattern),
                Sentences.of(Explanation.of(pattern).made()));
    }
}
