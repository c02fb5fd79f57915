package tactus.app;

import java.util.List;
import javafx.application.Application;
import org.slf4j.LoggerFactory;
import tactus.console.Console;
import tactus.console.TactusCommand;
import tactus.words.Words;

/** Where the program starts: a command that needs no window is answered without one. */
public final class Main {

    private Main() {}

    public static void main(String[] arguments) {
        Console.begin();
        int status = run(List.of(arguments));
        if (status != TactusCommand.FINE) System.exit(status);
    }

    /** What nobody foresaw is logged, and said in one line: an answer is never a stack trace. */
    private static int run(List<String> arguments) {
        try {
            if (!asksForWindow(arguments)) return TactusCommand.run(arguments, Main::openWindow);
            openWindow(arguments);
            return TactusCommand.FINE;
        } catch (Throwable fault) {
            LoggerFactory.getLogger(Main.class).error("a fault nobody foresaw", fault);
            System.err.println("tactus: " + Words.of("command.fault"));
            return TactusCommand.FOUND;
        }
    }

    /** What plainly asks for the window is not taken apart by the command line, which takes a while to get ready. */
    private static boolean asksForWindow(List<String> arguments) {
        return arguments.isEmpty() || arguments.equals(List.of(TactusApplication.DEMO));
    }

    private static void openWindow(List<String> wishes) {
        FirstSong.prepare(wishes.contains(TactusApplication.DEMO));
        Application.launch(TactusApplication.class, wishes.toArray(String[]::new));
    }
}
