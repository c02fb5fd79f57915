package tactus.console;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.Records;
import tactus.formats.table.LogTable;
import tactus.records.logbook.Logbook;
import tactus.words.Words;

/** {@code tactus log import FILE}: takes in a table that was printed. */
@Command(mixinStandardHelpOptions = true)
final class LogImportCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE")
    private String file;

    @Option(names = "--same")
    private boolean isSame;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Records read = LogTable.read(new StringReader(text()), LocalDate.now());
        try (Logbook book = LogCommand.open()) {
            List<Records.Respelled> others = book.records().respelled(read);
            if (!isSame && !others.isEmpty()) throw respelled(others);
            int all = read.students().size()
                    + read.lessons().size()
                    + read.takes().size()
                    + read.changes().size();
            spec.commandLine().getOut().println(Words.of("log.taken", all, book.add(read)));
        }
        return TactusCommand.FINE;
    }

    private String text() {
        try {
            return Files.readString(Path.of(file));
        } catch (CharacterCodingException other) {
            throw CommandFailure.found("command.not-letters", file);
        } catch (IOException | InvalidPathException unreadable) {
            throw CommandFailure.found("command.unread", file);
        }
    }

    private static Refusal respelled(List<Records.Respelled> others) {
        List<String> pairs = others.stream()
                .map(each -> Words.of("log.respelled-one", each.name(), each.known()))
                .toList();
        String first = others.getFirst().name();
        return new Refusal("log.respelled", first, others.size() > 1 ? 1 : 0, String.join(", ", pairs));
    }
}
