package tactus.console;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.records.folder.DataFolder;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.LogbookCopy;
import tactus.words.Words;

/** {@code tactus log restore}: puts a copy in the place of a logbook that was lost or damaged. */
@Command(mixinStandardHelpOptions = true)
final class LogRestoreCommand implements Callable<Integer> {

    @Parameters(arity = "0..1", paramLabel = "COPY")
    private Optional<String> copy = Optional.empty();

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        List<LogbookCopy> copies = LogCommand.copies();
        if (copies.isEmpty()) throw CommandFailure.found("log.no-copy");
        LogbookCopy wanted = copy.map(name -> called(name, copies)).orElse(copies.getFirst());
        Logbook.restore(DataFolder.usual().root(), wanted, LocalDateTime.now());
        spec.commandLine().getOut().println(Words.of("log.restored", LogCommand.line(wanted)));
        return TactusCommand.FINE;
    }

    private static LogbookCopy called(String name, List<LogbookCopy> copies) {
        return copies.stream()
                .filter(each -> each.file().toString().equals(name)
                        || each.file().getFileName().toString().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refusal("log.no-such-copy", name));
    }
}
