package tactus.console;

import java.io.PrintWriter;
import java.util.List;
import tactus.records.folder.ChosenLanguage;
import tactus.records.folder.DataFolder;

/**
 * Does once what commands do, right after the program was built: the launcher has the machine remember which classes that takes, so
 * that commands start sooner.
 */
public final class Training {

    private Training() {}

    /** @param arguments a song, and a folder for what is written */
    public static void main(String[] arguments) {
        ChosenLanguage.speak(DataFolder.usual());
        String song = arguments[0];
        List.of(
                        List.of("export", song, "--to", "pdf,midi", "--out", arguments[1], "--json"),
                        List.of("check", song),
                        List.of("capo", song, "--json"),
                        List.of("chord", "x32010"),
                        List.of("chord", "Am7"),
                        List.of("place", "D D U U D U", "--json"),
                        List.of("say", "d-du-udu"))
                .forEach(command -> {
                    var out = new PrintWriter(System.out, true);
                    TactusCommand.run(command, _ -> {}, out, out);
                });
    }
}
