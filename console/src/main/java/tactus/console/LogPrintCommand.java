package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.formats.table.LogTable;
import tactus.records.logbook.Logbook;
import tactus.words.ProgressWords;

/** {@code tactus log students|lessons|takes|changes}: a table of the logbook, or a line for each student. */
@Command(mixinStandardHelpOptions = true)
final class LogPrintCommand implements Callable<Integer> {

    @Option(names = "--csv")
    private boolean csv;

    @Option(names = "--student", paramLabel = "NAME")
    private Optional<String> student = Optional.empty();

    @Spec
    private CommandSpec spec;

    private final LogTable table;

    LogPrintCommand(LogTable table) {
        this.table = table;
    }

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        try (Logbook book = LogCommand.open()) {
            Records all = book.records();
            Records records = student.isPresent()
                    ? all.of(LogCommand.known(all, student.get()).name())
                    : all;
            if (csv) out.print(table.of(records));
            else
                for (Student each : records.students())
                    out.println(ProgressWords.line(Progress.of(records, each, LocalDate.now())));
            out.flush();
        }
        return TactusCommand.FINE;
    }
}
