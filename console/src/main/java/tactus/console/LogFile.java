package tactus.console;

import java.io.IOException;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import tactus.records.folder.DataFolder;

/** Sends everything that is logged to three files of at most a megabyte in the user's data folder, in turn. */
final class LogFile {

    private static final int LARGEST = 1 << 20;
    private static final int FILES = 3;

    private LogFile() {}

    /** Starts it; where the folder cannot be written nothing is logged, and the program works all the same. */
    static void start(DataFolder folder) {
        Logger root = Logger.getLogger("");
        for (Handler handler : root.getHandlers()) root.removeHandler(handler);
        root.setLevel(Level.INFO);
        try {
            System.setProperty("java.util.logging.SimpleFormatter.format", "%1$tF %1$tT %4$s %3$s: %5$s%6$s%n");
            String pattern = folder.folder("log").resolve("tactus.%g.log").toString();
            var handler = new FileHandler(pattern, LARGEST, FILES, true);
            handler.setEncoding("UTF-8");
            handler.setFormatter(new SimpleFormatter());
            root.addHandler(handler);
        } catch (IOException unwritable) {
            root.setLevel(Level.OFF);
        }
    }
}
