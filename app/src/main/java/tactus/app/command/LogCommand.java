package tactus.app.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.app.work.DataFolder;
import tactus.core.logbook.Progress;
import tactus.core.logbook.Records;
import tactus.core.logbook.Repertoire;
import tactus.core.logbook.Student;
import tactus.core.refusal.Refusal;
import tactus.core.shelf.ShelvedSong;
import tactus.formats.table.LogTable;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.words.ProgressWords;
import tactus.words.ReachWords;
import tactus.words.Words;

/** {@code tactus log students|lessons|takes|changes --csv}, {@code tactus log import FILE}, {@code tactus log forget NAME}. */
@Command(
        name = "log",
        description = {
            "Print what is kept of students, as tables that log import reads again:",
            "students, lessons, takes or changes; import FILE takes such a table in; forget NAME takes a student out;",
            "restore puts the newest copy in the place of a logbook that was lost or damaged;",
            "reach NAME SONG... says which versions of these songs a student can play, and what is missing."
        },
        mixinStandardHelpOptions = true)
final class LogCommand implements Callable<Integer> {

    @Parameters(
            index = "0",
            paramLabel = "WHAT",
            description = "students, lessons, takes, changes, import, forget, reach or restore")
    private String what;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "FILE|NAME",
            description = "what import, forget or reach is about")
    private Optional<String> subject = Optional.empty();

    @Parameters(index = "2..*", paramLabel = "SONG", description = "the songs that reach looks at")
    private List<Path> songs = List.of();

    @Option(names = "--csv", description = "print the whole table; without it a line for each student")
    private boolean csv;

    @Option(names = "--student", paramLabel = "NAME", description = "only what is about one student")
    private Optional<String> student = Optional.empty();

    @Option(names = "--yes", description = "forget without asking back")
    private boolean sure;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (what.equals("restore")) return restore();
        try (Logbook book = open()) {
            PrintWriter out = spec.commandLine().getOut();
            switch (what) {
                case "import" -> out.println(take(book, needed("a file")));
                case "forget" -> forget(book, needed("a name"));
                case "reach" -> reach(book.records(), needed("a name"), out);
                default -> print(book, out);
            }
            return TactusCommand.FINE;
        } catch (Refusal wrong) {
            throw new CommandFailure(TactusCommand.USAGE, Words.of("command.refused", "log", Words.why(wrong)));
        } catch (IOException failed) {
            throw new CommandFailure(TactusCommand.FOUND, "tactus log: " + failed.getMessage());
        }
    }

    private Integer restore() {
        try {
            Optional<Path> copy = Logbook.restore(DataFolder.usual().root(), LocalDateTime.now());
            spec.commandLine()
                    .getOut()
                    .println(copy.map(path -> Words.of("log.restored", path)).orElse(Words.of("log.no-copy")));
            return copy.isPresent() ? TactusCommand.FINE : TactusCommand.FOUND;
        } catch (Refusal there) {
            throw new CommandFailure(TactusCommand.USAGE, Words.of("command.refused", "log", Words.why(there)));
        } catch (IOException failed) {
            throw new CommandFailure(TactusCommand.FOUND, "tactus log: " + failed.getMessage());
        }
    }

    /** The logbook of the data folder. */
    static Logbook open() throws IOException {
        Path folder = DataFolder.usual().root();
        Files.createDirectories(folder);
        try {
            return Logbook.open(folder, LocalDateTime.now());
        } catch (DamagedLogbook damaged) {
            String copy = damaged.backup().map(Path::toString).orElse("");
            throw new IOException(Words.of("log.damaged", damaged.aside(), copy.isEmpty() ? 0 : 1, copy), damaged);
        }
    }

    private String needed(String what) {
        return needed(what, subject);
    }

    private String needed(String what, Optional<String> given) {
        return given.orElseThrow(
                () -> new CommandFailure(TactusCommand.USAGE, "tactus log: " + this.what + " takes " + what));
    }

    private static String take(Logbook book, String name) throws IOException {
        String text;
        try {
            text = Files.readString(Path.of(name));
        } catch (CharacterCodingException other) {
            throw new IOException(name + " is not in UTF-8", other);
        } catch (IOException | java.nio.file.InvalidPathException unreadable) {
            throw new IOException(name + " cannot be read", unreadable);
        }
        Records read = LogTable.read(new StringReader(text), LocalDate.now());
        int all = read.students().size()
                + read.lessons().size()
                + read.takes().size()
                + read.changes().size();
        return Words.of("log.taken", all, book.add(read));
    }

    private void forget(Logbook book, String name) throws IOException {
        known(book.records(), name);
        if (!sure) throw new Refusal("log.sure", name);
        book.forget(name);
        book.forgetCopies(DataFolder.usual().root(), LocalDateTime.now());
        spec.commandLine().getOut().println(Words.of("log.forgotten", name));
    }

    /** A line for each version of the songs, what can be played first. */
    private void reach(Records records, String name, PrintWriter out) {
        Student known = known(records, name);
        if (songs.isEmpty()) needed("a name and songs", Optional.empty());
        List<ShelvedSong> shelf = songs.stream()
                .map(file -> ShelvedSong.of(
                        file.toString(),
                        SongArgument.read(file, spec.commandLine().getErr()),
                        Words.lexicon()))
                .toList();
        Repertoire.of(records, known, LocalDate.now(), shelf)
                .entries()
                .forEach(entry -> out.println(
                        Words.of(entry.reach().isWithin() ? "reach.within" : "reach.not-yet", ReachWords.line(entry))));
    }

    /**
     * The student called {@code name}.
     *
     * @throws Refusal if there is none
     */
    static Student known(Records records, String name) {
        return records.students().stream()
                .filter(each -> each.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .orElseThrow(() -> new Refusal(
                        "log.nobody",
                        name,
                        records.students().size(),
                        String.join(
                                ", ",
                                records.students().stream().map(Student::name).toList())));
    }

    private void print(Logbook book, PrintWriter out) throws IOException {
        LogTable table = LogTable.named(what)
                .orElseThrow(() -> new CommandFailure(
                        TactusCommand.USAGE,
                        "tactus log: it is students, lessons, takes, changes, import, forget or restore, not \"" + what
                                + "\""));
        Records all = book.records();
        Records records = student.isPresent() ? all.of(known(all, student.get()).name()) : all;
        if (csv) {
            out.print(table.of(records));
            out.flush();
            return;
        }
        for (Student each : records.students())
            out.println(ProgressWords.line(Progress.of(records, each, LocalDate.now())));
    }
}
