package tactus.app;

import java.util.List;
import javafx.application.Application;
import org.slf4j.LoggerFactory;
import tactus.app.command.TactusCommand;
import tactus.app.work.DataFolder;

/** Where the program starts: a command that needs no window is answered without one. */
public final class Main {

    private Main() {}

    public static void main(String[] arguments) {
        LogFile.start(DataFolder.usual());
        int status = run(List.of(arguments));
        if (status != TactusCommand.FINE) System.exit(status);
    }

    /** What nobody foresaw is logged, and said in one line: an answer is never a stack trace. */
    private static int run(List<String> arguments) {
        try {
            return TactusCommand.run(arguments, Main::openWindow);
        } catch (Throwable fault) {
            LoggerFactory.getLogger(Main.class).error("a fault nobody foresaw", fault);
            System.err.println(
                    "tactus: something went wrong that nobody foresaw (" + fault + "); the log has the details");
            return TactusCommand.FOUND;
        }
    }

    private static void openWindow(List<String> wishes) {
        Application.launch(TactusApplication.class, wishes.toArray(String[]::new));
    }
}
