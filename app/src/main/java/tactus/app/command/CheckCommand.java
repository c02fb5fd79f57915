package tactus.app.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.snag.Place;
import tactus.core.snag.Snag;
import tactus.core.snag.Snags;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.song.OpenedSong;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus check SONG}: prints what does not fit. */
@Command(
        name = "check",
        description = "Print the snags of a song. The exit status is 1 if there are any.",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {

    @Parameters(paramLabel = "SONG", description = "a song file")
    private Path file;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        OpenedSong opened = SongArgument.open(file);
        Song song = opened.song();
        List<Snag> snags = Snags.of(song, Timeline.of(song));
        PrintWriter out = spec.commandLine().getOut();
        if (json)
            out.println(JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsString(tree(opened, snags)));
        else print(out, opened, snags);
        return snags.isEmpty() && opened.isWhole() ? TactusCommand.FINE : TactusCommand.FOUND;
    }

    private void print(PrintWriter out, OpenedSong opened, List<Snag> snags) {
        opened.problems().forEach(problem -> out.println(file.getFileName() + ", " + problem));
        snags.forEach(out::println);
        if (snags.isEmpty()) out.println(opened.song().facts().title() + ": no snags");
    }

    private ObjectNode tree(OpenedSong opened, List<Snag> snags) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        tree.put("song", opened.song().facts().title());
        ArrayNode problems = tree.putArray("problems");
        opened.problems()
                .forEach(problem -> problems.addObject()
                        .put("place", problem.place())
                        .put("reason", problem.reason())
                        .put("remedy", problem.remedy()));
        ArrayNode list = tree.putArray("snags");
        snags.forEach(snag -> put(list.addObject(), snag));
        return tree;
    }

    private static void put(ObjectNode tree, Snag snag) {
        tree.put("kind", snag.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        tree.put("where", snag.where());
        tree.put("sentence", snag.sentence());
        switch (snag.place()) {
            case Place.InSection in -> tree.put("section", in.section().value()).put("bar", in.bar() + 1);
            case Place.InUse in ->
                tree.put("entry", in.use() + 1).put("pass", in.pass()).put("chord", in.span() + 1);
            case Place.InRules in -> tree.put("rule", in.index() + 1);
            case Place.InPattern in -> tree.put("pattern", in.pattern().value()).put("slot", in.slot() + 1);
            case Place.InChord in -> tree.put("chord", in.chord());
            case Place.InFacts _ -> tree.put("facts", true);
        }
        snag.fix().ifPresent(fix -> tree.put("fix", fix.label()));
        ObjectNode numbers = tree.putObject("numbers");
        snag.numbers().forEach(number -> numbers.put(number.label(), number.value()));
    }
}
