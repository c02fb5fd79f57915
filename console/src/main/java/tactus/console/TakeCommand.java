package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Direction;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.TakeEntry;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.Take;
import tactus.core.taught.practice.Tap;
import tactus.core.written.song.Song;
import tactus.records.folder.FileTrouble;
import tactus.records.logbook.Logbook;
import tactus.sound.take.RecordedTake;
import tactus.words.TakeWords;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus take SONG --taps FILE}: a student's playing beside what is due. */
@Command(name = "take", mixinStandardHelpOptions = true)
final class TakeCommand implements Callable<Integer> {

    private static final Pattern TAP = Pattern.compile("(-?\\d{1,6}(?:\\.\\d{1,9})?)(?:[\\s,;]+([duDU-]))?");
    private static final Pattern TEMPO = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s*%?");
    private static final int MOST_TAPS = 200_000;
    private static final int NO_EARLIER_SCORE = -1;

    @Parameters(paramLabel = "SONG")
    private Path file;

    @ArgGroup(multiplicity = "1")
    private Source source;

    /** Where the playing is. */
    private static final class Source {

        @Option(names = "--taps", paramLabel = "FILE")
        private Path taps;

        @Option(names = "--audio", paramLabel = "FILE")
        private Path audio;
    }

    @Option(names = "--bars", paramLabel = "1-16")
    private String bars;

    @Option(names = "--tempo", defaultValue = "100%", paramLabel = "80%")
    private String tempo;

    @Option(names = "--student", paramLabel = "NAME")
    private Optional<String> student = Optional.empty();

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Song song = SongArgument.read(file, spec.commandLine().getErr()).asShown();
        Timeline timeline = Timeline.of(song);
        int last = timeline.bars().isEmpty() ? 0 : timeline.bars().getLast().number();
        int from = bars == null ? 0 : BarRange.parse(bars, last).from();
        int to = bars == null ? last : BarRange.parse(bars, last).to();
        List<DueStroke> due = DueStroke.of(timeline, from, to, share());
        Take take = Take.of(due, source.audio == null ? readTaps() : heard(begin(timeline, from)));
        if (student.isPresent()) keep(song, from, to, take);
        print(take);
        return TactusCommand.FINE;
    }

    private void keep(Song song, int from, int to, Take take) throws IOException {
        try (Logbook book = LogCommand.open()) {
            var entry = TakeEntry.of(
                    LogCommand.known(book.records(), student.orElseThrow()).name(),
                    LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS),
                    SongKey.of(song),
                    Math.max(1, from) + "-" + to,
                    (int) Math.round(song.facts().tempo().perMinute() * share()),
                    take);
            book.add(Records.of(entry));
        }
    }

    private double share() {
        Matcher said = TEMPO.matcher(tempo.strip());
        double share = said.matches() ? Double.parseDouble(said.group(1)) / 100 : 0;
        if (share < 0.1 || share > 3) throw new Refusal("take.tempo", tempo);
        return share;
    }

    private List<Tap> readTaps() {
        var all = new ArrayList<Tap>();
        int number = 0;
        List<String> lines;
        try {
            lines = Files.readAllLines(source.taps);
        } catch (IOException unreadable) {
            throw CommandFailure.found("command.unread", source.taps);
        }
        for (String line : lines) {
            number++;
            if (line.isBlank() || line.startsWith("#")) continue;
            Matcher tap = TAP.matcher(line.strip());
            if (!tap.matches()) throw new Refusal("take.line", number, line.strip());
            if (all.size() == MOST_TAPS) throw new Refusal("take.most", MOST_TAPS);
            all.add(new Tap(Double.parseDouble(tap.group(1)), way(tap.group(2))));
        }
        return all;
    }

    /** When the first of the bars that were played begins, in seconds from bar 1 at the tempo that was played. */
    private double begin(Timeline timeline, int from) {
        double first = timeline.bar(1).map(bar -> bar.seconds()).orElse(0.0);
        double begins = bars == null
                ? first
                : timeline.bar(from).map(bar -> bar.seconds()).orElse(first);
        return (begins - first) / share();
    }

    /** @param begin where the recording begins, in seconds from bar 1 */
    private List<Tap> heard(double begin) {
        try {
            return RecordedTake.read(source.audio).stream()
                    .map(tap -> new Tap(tap.seconds() + begin, tap.way()))
                    .toList();
        } catch (IOException unreadable) {
            throw CommandFailure.saying(TactusCommand.FOUND, FileTrouble.said(unreadable, source.audio));
        }
    }

    private static Optional<Direction> way(String sign) {
        if (sign == null || sign.equals("-")) return Optional.empty();
        return Optional.of(sign.equalsIgnoreCase("d") ? Direction.DOWN : Direction.UP);
    }

    private void print(Take take) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(JsonMapper.shared().writeValueAsString(tree(take)));
            return;
        }
        out.println(TakeWords.sentence(take));
        out.println(Words.of(
                "take.numbers",
                take.score(),
                Math.round(take.meanMs()),
                Math.round(take.spreadMs()),
                String.format(Locale.ROOT, "%.1f", take.driftPercent()),
                take.missed(),
                take.extra().size(),
                NO_EARLIER_SCORE));
    }

    private static ObjectNode tree(Take take) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        ArrayNode strokes = tree.putArray("strokes");
        for (Take.Played each : take.strokes()) {
            DueStroke due = each.due();
            ObjectNode stroke = strokes.addObject()
                    .put("bar", due.bar())
                    .put("count", due.count())
                    .put(
                            "stroke",
                            due.way()
                                    .map(way -> way == Direction.DOWN ? "down" : "up")
                                    .orElse("pluck"))
                    .put("seconds", rounded(due.seconds(), 4));
            if (each.late().isPresent())
                stroke.put("ms", rounded(1000 * each.late().getAsDouble(), 1));
            else stroke.put("missed", true);
            if (each.isWrongWay()) stroke.put("wrongDirection", true);
        }
        ArrayNode extra = tree.putArray("extra");
        take.extra().forEach(seconds -> extra.add(rounded(seconds, 4)));
        return tree.put("meanMs", rounded(take.meanMs(), 2))
                .put("spreadMs", rounded(take.spreadMs(), 2))
                .put("driftPercent", rounded(take.driftPercent(), 3))
                .put("score", take.score())
                .put("sentence", TakeWords.sentence(take));
    }

    private static double rounded(double value, int digits) {
        double scale = Math.pow(10, digits);
        return Math.round(value * scale) / scale;
    }
}
