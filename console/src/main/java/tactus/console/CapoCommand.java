package tactus.console;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.counsel.capo.CapoAdvice;
import tactus.core.counsel.capo.CapoChoice;
import tactus.core.counsel.capo.CapoPlan;
import tactus.core.counsel.capo.VoiceKeys;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.song.Song;
import tactus.words.Sentences;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus capo SONG}: compares the places of the capo. */
@Command(name = "capo", mixinStandardHelpOptions = true)
final class CapoCommand implements Callable<Integer> {

    @Parameters(paramLabel = "SONG")
    private Path file;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Song song = SongArgument.read(file, spec.commandLine().getErr()).asShown();
        CapoPlan plan = CapoPlan.of(song, Timeline.of(song), Neck.USUAL.scaleLength(), FrettingHand.USUAL);
        if (plan.choices().isEmpty()) {
            throw CommandFailure.found("command.no-chord");
        }
        PrintWriter out = spec.commandLine().getOut();
        if (json)
            out.println(JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsString(tree(song, plan)));
        else print(out, song, plan);
        return TactusCommand.FINE;
    }

    private static void print(PrintWriter out, Song song, CapoPlan plan) {
        out.println(
                Words.of("command.sounds-in", song.facts().title(), song.facts().key()));
        advice(plan).ifPresent(out::println);
        VoiceKeys.of(song.facts(), plan)
                .map(VoiceKeys::statement)
                .map(Words::say)
                .ifPresent(out::println);
        for (CapoChoice choice : plan.choices()) {
            out.println(Words.of(
                    "command.capo-line",
                    "%3d".formatted(choice.ease()),
                    "%-44s".formatted(Words.say(CapoAdvice.place(choice))),
                    choice.barres(),
                    "%3d".formatted(choice.stretch()),
                    shapes(choice),
                    plan.current().filter(choice::equals).isPresent() ? 1 : 0));
        }
    }

    private static Optional<String> advice(CapoPlan plan) {
        return CapoAdvice.of(plan).map(Words::say).map(Sentences::capital);
    }

    private static String shapes(CapoChoice choice) {
        return choice.chords().stream()
                .map(chord -> chord.name() + " " + chord.shape().voicing())
                .collect(Collectors.joining(", "));
    }

    private static ObjectNode tree(Song song, CapoPlan plan) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        tree.put("song", song.facts().title());
        tree.put("key", song.facts().key().toString());
        tree.put("advice", advice(plan).orElse(""));
        VoiceKeys.of(song.facts(), plan)
                .ifPresent(fit -> fit.keys()
                        .forEach(each ->
                                tree.withArray("keysForTheVoice").add(each.key().toString())));
        ArrayNode choices = tree.putArray("choices");
        for (CapoChoice choice : plan.choices()) put(choices.addObject(), plan, choice);
        return tree;
    }

    private static void put(ObjectNode tree, CapoPlan plan, CapoChoice choice) {
        tree.put("capo", choice.capo());
        tree.put("tunedDown", choice.tunedDown());
        tree.put("shapesKey", choice.shapesKey().toString());
        tree.put("ease", choice.ease());
        tree.put("barres", choice.barres());
        tree.put("stretch", choice.stretch());
        tree.put("cramped", choice.isCramped());
        tree.put("now", plan.current().filter(choice::equals).isPresent());
        ArrayNode chords = tree.putArray("chords");
        choice.chords()
                .forEach(chord -> chords.addObject()
                        .put("name", chord.name().toString())
                        .put("shape", chord.shape().voicing().toString()));
    }
}
