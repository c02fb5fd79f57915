package tactus.console;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.song.FactsFile;
import tactus.formats.song.OpenedSong;
import tactus.words.SnagWords;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus check SONG}: prints what does not fit. */
@Command(name = "check", mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {

    @Parameters(paramLabel = "SONG")
    private Path file;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        OpenedSong read = SongArgument.open(file);
        // What is checked is the song as its shown version has it.
        var opened = new OpenedSong(read.song().asShown(), read.id(), read.problems());
        Song song = opened.song();
        List<Snag> snags = Snags.of(song, Timeline.of(song), Words.lexicon());
        PrintWriter out = spec.commandLine().getOut();
        if (json)
            out.println(JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsString(tree(opened, snags)));
        else print(out, opened, snags);
        return snags.isEmpty() && opened.isWhole() ? TactusCommand.FINE : TactusCommand.FOUND;
    }

    private void print(PrintWriter out, OpenedSong opened, List<Snag> snags) {
        opened.problems().forEach(problem -> out.println(file.getFileName() + ", " + problem.sentence()));
        var words = new SnagWords(opened.song());
        snags.forEach(snag -> out.println(words.of(snag)));
        if (snags.isEmpty())
            out.println(Words.of("command.no-snags", opened.song().facts().title()));
    }

    private ObjectNode tree(OpenedSong opened, List<Snag> snags) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        tree.put("song", opened.song().facts().title());
        tree.set(
                "facts",
                JsonMapper.shared().readTree(FactsFile.write(opened.song().facts())));
        ArrayNode problems = tree.putArray("problems");
        opened.problems()
                .forEach(problem -> problems.addObject()
                        .put("place", problem.place())
                        .put("reason", Words.say(problem.reason()))
                        .put("remedy", Words.say(problem.remedy())));
        ArrayNode list = tree.putArray("snags");
        var words = new SnagWords(opened.song());
        snags.forEach(snag -> put(list.addObject(), words, snag));
        return tree;
    }

    private static void put(ObjectNode tree, SnagWords words, Snag snag) {
        tree.put("kind", snag.kind().code());
        tree.put("where", words.where(snag));
        tree.put("sentence", words.sentence(snag));
        switch (snag.place()) {
            case SnagPlace.InSection in ->
                tree.put("section", in.section().value()).put("bar", in.bar().index() + 1);
            case SnagPlace.InUse in ->
                tree.put("entry", in.use().index() + 1)
                        .put("pass", in.pass().number())
                        .put("chord", in.span().index() + 1);
            case SnagPlace.InRules in -> tree.put("rule", in.index() + 1);
            case SnagPlace.InPattern in ->
                tree.put("pattern", in.pattern().value()).put("slot", in.slot() + 1);
            case SnagPlace.InChord in -> tree.put("chord", in.chord());
            case SnagPlace.InFacts _ -> tree.put("facts", true);
        }
        snag.fix().ifPresent(fix -> tree.put("fix", Words.say(fix.label())));
        ObjectNode numbers = tree.putObject("numbers");
        snag.numbers().forEach(number -> numbers.put(SnagWords.key(number), String.valueOf(number.value())));
    }
}
