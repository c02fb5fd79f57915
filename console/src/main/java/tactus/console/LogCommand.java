package tactus.console;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.formats.table.LogTable;
import tactus.records.folder.DataFolder;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.LogbookCopy;
import tactus.words.Words;

/** {@code tactus log}: what is kept of students; what is done with it are commands of its own. */
@Command(name = "log", mixinStandardHelpOptions = true)
final class LogCommand implements Callable<Integer> {

    private static final DateTimeFormatter MADE = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    @Spec
    private CommandSpec spec;

    /** All of it. */
    static CommandLine line() {
        var line = new CommandLine(new LogCommand());
        for (LogTable table : LogTable.values()) line.addSubcommand(table.code(), new LogPrintCommand(table));
        return line.addSubcommand("import", new LogImportCommand())
                .addSubcommand("forget", new LogForgetCommand())
                .addSubcommand("reach", new LogReachCommand())
                .addSubcommand("copies", new LogCopiesCommand())
                .addSubcommand("restore", new LogRestoreCommand());
    }

    @Override
    public Integer call() {
        spec.commandLine().usage(spec.commandLine().getErr());
        return TactusCommand.USAGE;
    }

    /**
     * The logbook of the data folder.
     *
     * @throws CommandFailure if it is damaged
     */
    static Logbook open() throws IOException {
        Path folder = DataFolder.usual().folder();
        try {
            return Logbook.open(folder, LocalDateTime.now());
        } catch (DamagedLogbook damaged) {
            List<LogbookCopy> copies = damaged.copies();
            String latest = copies.isEmpty() ? "" : line(copies.getFirst());
            throw CommandFailure.found("log.damaged", damaged.aside(), copies.isEmpty() ? 0 : 1, latest);
        }
    }

    /** The copies of the logbook that are whole, the newest first. */
    static List<LogbookCopy> copies() throws IOException {
        Path folder = DataFolder.usual().root();
        return Files.isDirectory(folder) ? Logbook.copies(folder) : List.of();
    }

    static String line(LogbookCopy copy) {
        return Words.of("log.copy", MADE.format(copy.made()), copy.students(), copy.lessons(), copy.takes());
    }

    /**
     * The student called {@code name}.
     *
     * @throws Refusal if there is none
     */
    static Student known(Records records, String name) {
        return records.students().stream()
                .filter(each -> Student.isSame(each.name(), name))
                .findFirst()
                .orElseThrow(() -> new Refusal(
                        "log.nobody",
                        name,
                        records.students().size(),
                        String.join(
                                ", ",
                                records.students().stream().map(Student::name).toList())));
    }
}
