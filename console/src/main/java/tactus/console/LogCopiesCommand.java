package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import tactus.records.logbook.LogbookCopy;
import tactus.words.Words;

/** {@code tactus log copies}: lists the copies of the logbook that are whole. */
@Command(mixinStandardHelpOptions = true)
final class LogCopiesCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        List<LogbookCopy> copies = LogCommand.copies();
        if (copies.isEmpty()) out.println(Words.of("log.no-copy"));
        copies.forEach(copy -> out.println(LogCommand.line(copy) + "  " + copy.file()));
        return TactusCommand.FINE;
    }
}
