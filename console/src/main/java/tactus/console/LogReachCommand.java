package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.records.logbook.Logbook;
import tactus.words.ReachWords;
import tactus.words.Words;

/** {@code tactus log reach NAME SONG...}: a line for each version of the songs, what can be played first. */
@Command(mixinStandardHelpOptions = true)
final class LogReachCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "NAME")
    private String name;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "SONG")
    private List<Path> songs;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        List<ShelvedSong> shelf = songs.stream()
                .map(file -> ShelvedSong.of(file.toString(), SongArgument.read(file, err), Words.lexicon()))
                .toList();
        try (Logbook book = LogCommand.open()) {
            Records records = book.records();
            Repertoire.of(records, LogCommand.known(records, name), LocalDate.now(), shelf)
                    .entries()
                    .forEach(this::print);
        }
        return TactusCommand.FINE;
    }

    private void print(Repertoire.Entry entry) {
        String code = entry.reach().isWithin() ? "reach.within" : "reach.not-yet";
        spec.commandLine().getOut().println(Words.of(code, ReachWords.line(entry)));
    }
}
