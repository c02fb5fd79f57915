package tactus.console;

import java.util.List;
import tactus.records.folder.ChosenLanguage;
import tactus.records.folder.DataFolder;

/** Where a command starts that needs no window. */
public final class Console {

    private Console() {}

    /** What comes first, with a window as without: the log, and the language that was chosen. */
    public static void begin() {
        // Opening the log takes a while, and nobody need wait for it.
        Thread.ofPlatform().start(() -> LogFile.start(DataFolder.usual()));
        ChosenLanguage.speak(DataFolder.usual());
    }

    public static void main(String[] arguments) {
        begin();
        int status = TactusCommand.run(List.of(arguments), _ -> {
            throw CommandFailure.usage("command.no-window");
        });
        if (status != TactusCommand.FINE) System.exit(status);
    }
}
