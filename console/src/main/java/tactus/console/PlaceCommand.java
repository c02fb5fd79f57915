package tactus.console;

import java.io.PrintWriter;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Manner;
import tactus.core.patterns.dictation.Speech;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Mend;
import tactus.core.patterns.placing.Placement;
import tactus.core.patterns.placing.Placing;
import tactus.core.patterns.placing.Question;
import tactus.words.QuestionWords;
import tactus.words.Sentences;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus place "D U U D D U"}: finds where spoken strokes fall. */
@Command(name = "place", mixinStandardHelpOptions = true)
final class PlaceCommand implements Callable<Integer> {

    @Parameters(paramLabel = "STROKES", arity = "1")
    private String query;

    @Option(names = "--meter", defaultValue = "4/4")
    private String meter;

    @Option(names = "--beats", paramLabel = "N")
    private Integer beats;

    @Option(names = "--hand", paramLabel = "RATE")
    private String hand;

    @Option(names = "--count", paramLabel = "COUNT")
    private List<String> struck = List.of();

    @Option(names = "--late-start")
    private boolean late;

    @Option(names = "--groove", paramLabel = "DRUMS")
    private String drums;

    @Option(names = "--manner", paramLabel = "ANSWERS", defaultValue = "")
    private String manner;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        if (query.equals("-")) return QueryLines.answer(System.in, out, line -> json(answered(line, true)));
        ObjectNode tree = answered(query, json);
        out.println(json ? json(tree) : text(place(query)));
        boolean whole =
                tree.path("unread").isEmpty() && !tree.path("count").asString().equals("0");
        return whole ? TactusCommand.FINE : TactusCommand.FOUND;
    }

    private static String json(ObjectNode tree) {
        return JsonMapper.shared().writeValueAsString(tree);
    }

    private Placing place(String said) {
        Meter in = Meter.parse(meter);
        int over = beats == null ? in.beats().size() : beats;
        var speech = new Speech(Words.lexicon(), Manner.parse(manner), Optional.empty(), List.of());
        Dictation dictation = Dictation.heard(said, speech);
        Optional<Hand> moving = Optional.ofNullable(hand).map(HandRate::parse);
        var given = new Given(struck, late, groove(in, over));
        return moving.map(each -> Placing.of(dictation, PatternFrame.of(in, over, each), given))
                .orElseGet(
                        () -> Placing.likeliest(dictation, PatternFrame.of(in).withBeats(over), given));
    }

    private Optional<Groove> groove(Meter in, int over) {
        return Optional.ofNullable(drums).map(said -> Groove.parse(said, in, over, Words.lexicon()));
    }

    /** What cannot be read is an answer where lines are answered, and a failure otherwise. */
    private ObjectNode answered(String said, boolean asJson) {
        try {
            return tree(said, place(said));
        } catch (Refusal unreadable) {
            if (!asJson) throw unreadable;
            return JsonNodeFactory.instance.objectNode().put("query", said).put("error", Words.why(unreadable));
        }
    }

    private static ObjectNode tree(String said, Placing placing) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode().put("query", said);
        putPlacements(tree, placing);
        tree.put("question", placing.question().map(QuestionWords::of).orElse(null));
        if (placing.question().orElse(null) instanceof Question.OfMeaning meaning) {
            ArrayNode meanings = tree.putArray("meanings");
            putPlacements(meanings.addObject(), meaning.first());
            putPlacements(meanings.addObject(), meaning.second());
        }
        ArrayNode unread = tree.putArray("unread");
        placing.dictation().notes().unread().forEach(each -> unread.add(each.word()));
        ArrayNode remarks = tree.putArray("remarks");
        placing.remarks().stream().map(Words::say).map(Sentences::capital).forEach(remarks::add);
        tree.put("problem", placing.problem().map(Words::say).orElse(null));
        ArrayNode mends = tree.putArray("mends");
        placing.mends().stream().map(Mend::change).map(Words::say).forEach(mends::add);
        return tree;
    }

    private static void putPlacements(ObjectNode tree, Placing placing) {
        tree.put("count", placing.count());
        ArrayNode best = tree.putArray("best");
        for (Placement placement : placing.best()) {
            ObjectNode each = best.addObject();
            ArrayNode counts = each.putArray("counts");
            placing.counts(placement).forEach(counts::add);
            ArrayNode reasons = each.putArray("reasons");
            placement.reasons().stream().map(Words::say).forEach(reasons::add);
        }
    }

    private static String text(Placing placing) {
        var text = new StringBuilder();
        boolean allDown = placing.frame().hand().mode() == Hand.Mode.ALL_DOWN;
        String rate = placing.frame().hand().rate().toString();
        text.append(Words.of(
                allDown ? "command.placements-all-down" : "command.placements",
                placing.count().min(BigInteger.TWO).intValue(),
                placing.count(),
                rate));
        placing.best()
                .forEach(placement -> text.append("\n  ")
                        .append(String.join(" ", placing.counts(placement)))
                        .append("   ")
                        .append(placement.reasons().stream().map(Words::say).collect(Collectors.joining(", "))));
        placing.question().ifPresent(question -> text.append("\n").append(QuestionWords.of(question)));
        placing.remarks().forEach(remark -> text.append("\n").append(Sentences.capital(Words.say(remark))));
        placing.problem().ifPresent(problem -> text.append("\n").append(Words.say(problem)));
        placing.mends().forEach(mend -> text.append("\n  ").append(Words.say(mend.change())));
        return text.toString();
    }
}
