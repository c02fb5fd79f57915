package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.practice.HandLoad;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.core.taught.practice.PracticeCare;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;
import tactus.records.logbook.Logbook;
import tactus.words.PlanWords;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus practise SONG --minutes 15 --days 7}: the ladder to a song, spread over days. */
@Command(name = "practise", sortOptions = false)
final class PractiseCommand implements Callable<Integer> {

    private static final Pattern COUNTED =
            Pattern.compile("\\s*([^\\s=]+?)\\s*[-–]\\s*([^\\s=]+)\\s*=\\s*(\\d{1,3})\\s*");

    @Parameters(paramLabel = "SONG")
    private Path file;

    @Option(names = "--version", paramLabel = "NAME")
    private String version;

    @Option(names = "--minutes", defaultValue = "15", paramLabel = "N")
    private int minutes;

    @Option(names = "--days", defaultValue = "7", paramLabel = "N")
    private int days;

    @Option(names = "--changes", split = ",", paramLabel = "C-F=38")
    private List<String> counted = List.of();

    @Option(names = "--student", paramLabel = "NAME")
    private Optional<String> student = Optional.empty();

    @Option(
            names = {"-h", "--help"},
            usageHelp = true)
    private boolean help;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Song song = SongArgument.read(file, spec.commandLine().getErr());
        if (version != null) song = SongArgument.inVersion(song, version);
        FrettingHand hand = FrettingHand.USUAL;
        if (student.isPresent()) {
            Records records = records();
            Student known = LogCommand.known(records, student.get());
            hand = known.hand();
            for (ChangeCount each : Progress.of(records, known, LocalDate.now()).counts())
                song = song.withChangeCount(each);
        }
        for (String each : counted) song = song.withChangeCount(count(each));
        song = song.asShown();
        Timeline timeline = Timeline.of(song);
        var neck = new Neck(Neck.USUAL.scaleLength(), song.facts().capo());
        Ladder ladder = Ladder.of(song, timeline, neck, hand);
        var care = new PracticeCare(song, timeline, neck, hand);
        PracticePlan plan = care.eased(PracticePlan.of(ladder, minutes, days));
        print(ladder, plan, care.loads(plan), HandLoad.of(song, timeline, neck, hand));
        return TactusCommand.FINE;
    }

    private static Records records() throws IOException {
        try (Logbook book = LogCommand.open()) {
            return book.records();
        }
    }

    private static ChangeCount count(String text) {
        Matcher count = COUNTED.matcher(text);
        if (!count.matches()) throw new Refusal("plan.changes", text);
        return new ChangeCount(count.group(1), count.group(2), Integer.parseInt(count.group(3)));
    }

    private void print(Ladder ladder, PracticePlan plan, List<PracticeCare.DayLoad> loads, HandLoad load) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(JsonMapper.shared().writeValueAsString(tree(ladder, plan, loads, load)));
            return;
        }
        for (LadderStep step : ladder.steps()) {
            out.println(Words.of(
                    "practise.step",
                    Words.say(step.what()),
                    step.bars(),
                    step.from(),
                    step.to(),
                    step.rounds(),
                    step.minutes()));
            out.println("    " + Words.say(step.why()));
        }
        for (PracticePlan.Day day : plan.days()) {
            out.println();
            out.println(Words.of("practise.day", day.number(), day.minutes()));
            for (PracticePlan.Item item : day.items()) {
                out.println("  " + PlanWords.item(item));
                if (!item.care().isEmpty()) out.println("      " + PlanWords.care(item));
            }
        }
        out.println();
        load.cautions(minutes).forEach(code -> out.println(caution(code, load)));
    }

    /** Which step of the ladder it is, from 1; its tempo may have been eased. */
    private static int number(Ladder ladder, LadderStep step) {
        for (int i = 0; i < ladder.steps().size(); i++) {
            LadderStep each = ladder.steps().get(i);
            if (each.what().equals(step.what()) && each.bars().equals(step.bars())) return i + 1;
        }
        return 0;
    }

    private static String caution(String code, HandLoad load) {
        return Words.of(code, Math.round(load.barreSeconds()), Math.round(load.downsAMinute()));
    }

    private ObjectNode tree(Ladder ladder, PracticePlan plan, List<PracticeCare.DayLoad> days, HandLoad load) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        ArrayNode steps = tree.putArray("steps");
        ladder.steps().forEach(step -> steps.add(tree(step)));
        ArrayNode list = tree.putArray("days");
        for (PracticePlan.Day day : plan.days()) {
            ObjectNode one = list.addObject().put("day", day.number()).put("minutes", day.minutes());
            ArrayNode items = one.putArray("items");
            for (PracticePlan.Item item : day.items())
                items.addObject()
                        .put("step", number(ladder, item.step()))
                        .put("what", Words.say(item.step().what()))
                        .put("minutes", item.minutes())
                        .put("again", item.isAgain())
                        .put("to", item.step().to())
                        .put("care", PlanWords.care(item));
        }
        ArrayNode loads = tree.putArray("load");
        for (PracticeCare.DayLoad day : days) {
            ObjectNode one = loads.addObject()
                    .put("day", day.day())
                    .put("barreSeconds", rounded(day.barreSeconds()))
                    .put("downsAMinute", rounded(day.downsAMinute()))
                    .put("stretchMm", rounded(day.stretch()))
                    .put("minutes", day.minutes());
            ArrayNode cautions = one.putArray("cautions");
            load.cautions(day.minutes()).forEach(code -> cautions.add(caution(code, load)));
        }
        return tree;
    }

    private static double rounded(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static ObjectNode tree(LadderStep step) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("what", Words.say(step.what()))
                .put("bars", step.bars().toString())
                .put("loopBeats", step.loop().toDouble())
                .put("from", step.from())
                .put("to", step.to())
                .put("rounds", step.rounds())
                .put("minutes", step.minutes())
                .put("why", Words.say(step.why()));
    }
}
