package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.UnmatchedArgumentException;
import tactus.core.ground.refusal.Refusal;
import tactus.records.folder.DataFolder;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/**
 * {@code tactus}: opens the window, with a song or the demo songs if they are named. What commands and options are for stands in
 * {@link CommandTexts}.
 */
@Command(name = "tactus", version = "Tactus 0.1", mixinStandardHelpOptions = true)
public final class TactusCommand implements Callable<Integer> {

    /** Nothing was wrong. */
    public static final int FINE = 0;
    /** It was understood and could not be done, or something was found. */
    public static final int FOUND = 1;
    /** It was not understood. */
    public static final int USAGE = 2;

    private static final List<String> HELP = List.of("-h", "--help");
    private static final Map<String, Supplier<Object>> COMMANDS = new LinkedHashMap<>();

    static {
        COMMANDS.put("export", ExportCommand::new);
        COMMANDS.put("import", ImportCommand::new);
        COMMANDS.put("practise", PractiseCommand::new);
        COMMANDS.put("take", TakeCommand::new);
        COMMANDS.put("log", LogCommand::line);
        COMMANDS.put("check", CheckCommand::new);
        COMMANDS.put("chord", ChordCommand::new);
        COMMANDS.put("capo", CapoCommand::new);
        COMMANDS.put("place", PlaceCommand::new);
        COMMANDS.put("say", SayCommand::new);
    }

    @Option(names = "--demo")
    private boolean demo;

    @Parameters(arity = "0..1", paramLabel = "FILE")
    private Path file;

    private final Consumer<List<String>> window;

    TactusCommand(Consumer<List<String>> window) {
        this.window = window;
    }

    /**
     * Does what {@code arguments} say.
     *
     * @param window opens the window, given what was asked for
     * @return {@link #FINE}, {@link #FOUND} or {@link #USAGE}
     */
    public static int run(List<String> arguments, Consumer<List<String>> window) {
        return run(arguments, window, new PrintWriter(System.out, true), new PrintWriter(System.err, true));
    }

    /** The command that is named is made ready alone, since looking through all of them takes half of the time. */
    static int run(List<String> arguments, Consumer<List<String>> window, PrintWriter out, PrintWriter err) {
        boolean isNamed = arguments.size() > 1
                && COMMANDS.containsKey(arguments.getFirst())
                && Collections.disjoint(arguments, HELP);
        CommandLine line = isNamed ? named(arguments.getFirst()) : all(window);
        List<String> rest = isNamed ? arguments.subList(1, arguments.size()) : arguments;
        return line.setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setParameterExceptionHandler((wrong, _) -> misunderstood(wrong))
                .setExecutionExceptionHandler((wrong, command, _) -> explain(wrong, command))
                .execute(rest.toArray(String[]::new));
    }

    private static CommandLine named(String name) {
        Object command = COMMANDS.get(name).get();
        CommandLine line = command instanceof CommandLine made ? made : new CommandLine(command);
        return line.setCommandName("tactus " + name);
    }

    private static CommandLine all(Consumer<List<String>> window) {
        var line = new CommandLine(new TactusCommand(window));
        COMMANDS.forEach((name, command) -> line.addSubcommand(name, command.get()));
        return line.setResourceBundle(new CommandTexts());
    }

    private static int explain(Exception wrong, CommandLine command) {
        return switch (wrong) {
            case CommandFailure failure -> say(command, failure.getMessage(), failure.status());
            case Refusal refused -> say(command, Words.why(refused), USAGE);
            case IOException failed ->
                say(command, FileTrouble.said(failed, DataFolder.usual().root()), FOUND);
            default -> {
                LoggerFactory.getLogger(TactusCommand.class).error("a fault nobody foresaw", wrong);
                yield say(command, Words.of("command.fault"), FOUND);
            }
        };
    }

    private static int say(CommandLine command, String sentence, int status) {
        command.getErr().println(command.getCommandSpec().qualifiedName() + ": " + sentence);
        return status;
    }

    private static int misunderstood(ParameterException wrong) {
        CommandLine command = wrong.getCommandLine();
        String name = command.getCommandSpec().qualifiedName();
        return say(
                command,
                switch (wrong) {
                    case UnmatchedArgumentException unknown ->
                        Words.of("command.unknown", unknown.getUnmatched().getFirst(), name);
                    case MissingParameterException missing ->
                        Words.of(
                                "command.missing",
                                missing.getMissing().stream()
                                        .map(TactusCommand::called)
                                        .collect(Collectors.joining(", ")),
                                name);
                    case ParameterException other
                    when other.getArgSpec() != null && other.getValue() != null ->
                        Words.of("command.value", called(other.getArgSpec()), other.getValue(), name);
                    default -> Words.of("command.misread", name);
                },
                USAGE);
    }

    private static String called(ArgSpec argument) {
        return argument instanceof OptionSpec option ? option.longestName() : argument.paramLabel();
    }

    @Override
    public Integer call() {
        if (file != null && !Files.exists(file)) throw CommandFailure.usage("command.no-command", file);
        var wishes = new ArrayList<String>();
        if (demo) wishes.add("--demo");
        if (file != null) wishes.add(file.toString());
        window.accept(wishes);
        return FINE;
    }
}
