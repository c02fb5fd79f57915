package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.records.folder.DataFolder;
import tactus.records.folder.SettingsFile;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.StudentTraces;
import tactus.words.Words;

/** {@code tactus log forget NAME}: takes a student out, and says where something may still stand. */
@Command(mixinStandardHelpOptions = true)
final class LogForgetCommand implements Callable<Integer> {

    @Parameters(paramLabel = "NAME")
    private String name;

    @Option(names = "--yes")
    private boolean isSure;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        try (Logbook book = LogCommand.open()) {
            String known = LogCommand.known(book.records(), name).name();
            if (!isSure) throw new Refusal("log.sure", known);
            DataFolder folder = DataFolder.usual();
            var remains = new ArrayList<>(
                    book.forget(known, folder.root(), LocalDateTime.now()).orElse(List.of()));
            remains.addAll(StudentTraces.of(known, SettingsFile.songFolders(folder), () -> false));
            PrintWriter out = spec.commandLine().getOut();
            out.println(Words.of("log.forgotten", known, remains.isEmpty() ? 0 : 1));
            remains.forEach(each -> out.println("  " + Words.say(each)));
        }
        return TactusCommand.FINE;
    }
}
