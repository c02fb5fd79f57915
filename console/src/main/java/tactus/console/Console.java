package tactus.console;

import java.util.List;
import tactus.records.folder.ChosenLanguage;
import tactus.records.folder.DataFolder;

/** Where a command starts that needs no window. */
public final class Console {

    private Console() {}

    public static void main(String[] arguments) {
        // Opening the log takes a while, and a command need not wait for it.
        Thread.ofPlatform().start(() -> LogFile.start(DataFolder.usual()));
        ChosenLanguage.speak(DataFolder.usual());
        int status = TactusCommand.run(List.of(arguments), _ -> {
            throw CommandFailure.usage("command.no-window");
        });
        if (status != TactusCommand.FINE) System.exit(status);
    }
}
