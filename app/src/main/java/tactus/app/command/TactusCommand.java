package tactus.app.command;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code tactus}: opens the window, with a song or the demo songs if they are named. */
@Command(
        name = "tactus",
        description = "Rhythm parts for guitar lessons. Without a command it opens the window.",
        subcommands = {
            ExportCommand.class,
            ImportCommand.class,
            PractiseCommand.class,
            TakeCommand.class,
            LogCommand.class,
            CheckCommand.class,
            ChordCommand.class,
            CapoCommand.class,
            PlaceCommand.class,
            SayCommand.class
        },
        version = "Tactus 0.1",
        mixinStandardHelpOptions = true)
public final class TactusCommand implements Callable<Integer> {

    /** Nothing was wrong. */
    public static final int FINE = 0;
    /** It was understood and could not be done, or something was found. */
    public static final int FOUND = 1;
    /** It was not understood. */
    public static final int USAGE = 2;

    @Option(names = "--demo", description = "start with the demo songs")
    private boolean demo;

    @Parameters(arity = "0..1", paramLabel = "FILE", description = "a song to open")
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
        return commandLine(window).execute(arguments.toArray(String[]::new));
    }

    static CommandLine commandLine(Consumer<List<String>> window) {
        return new CommandLine(new TactusCommand(window))
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler(TactusCommand::explain);
    }

    private static int explain(Exception wrong, CommandLine command, CommandLine.ParseResult result) {
        PrintWriter err = command.getErr();
        if (wrong instanceof CommandFailure failure) {
            err.println(failure.getMessage());
            return failure.status();
        }
        LoggerFactory.getLogger(TactusCommand.class).error("a fault nobody foresaw", wrong);
        err.println("tactus: something went wrong that nobody foresaw; the log has the details");
        return FOUND;
    }

    @Override
    public Integer call() {
        if (file != null && !Files.exists(file)) {
            throw new CommandFailure(USAGE, "tactus: there is no command and no file called \"" + file + "\"");
        }
        var wishes = new ArrayList<String>();
        if (demo) wishes.add("--demo");
        if (file != null) wishes.add(file.toString());
        window.accept(wishes);
        return FINE;
    }
}
