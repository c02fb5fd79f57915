package tactus.app.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.app.work.DataFolder;
import tactus.app.work.FileTrouble;
import tactus.app.work.Settings;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.formats.table.LogTable;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.LogbookCopy;
import tactus.records.logbook.StudentTraces;
import tactus.words.ProgressWords;
import tactus.words.ReachWords;
import tactus.words.Words;

/** {@code tactus log students|lessons|takes|changes --csv}, {@code tactus log import FILE}, {@code tactus log forget NAME}. */
@Command(
        name = "log",
        description = {
            "Print what is kept of students, as tables that log import reads again:",
            "students, lessons, takes or changes; import FILE takes such a table in; forget NAME takes a student out;",
            "restore puts the newest copy that is whole, or the one that is named, in the place of a logbook that was lost or",
            "damaged; copies lists them;",
            "reach NAME SONG... says which versions of these songs a student can play, and what is missing."
        },
        mixinStandardHelpOptions = true)
final class LogCommand implements Callable<Integer> {

    private static final DateTimeFormatter MADE = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    @Parameters(
            index = "0",
            paramLabel = "WHAT",
            description = "students, lessons, takes, changes, import, forget, reach, copies or restore")
    private String what;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "FILE|NAME",
            description = "what import, forget, reach or restore is about")
    private Optional<String> subject = Optional.empty();

    @Parameters(index = "2..*", paramLabel = "SONG", description = "the songs that reach looks at")
    private List<Path> songs = List.of();

    @Option(names = "--csv", description = "print the whole table; without it a line for each student")
    private boolean csv;

    @Option(names = "--student", paramLabel = "NAME", description = "only what is about one student")
    private Optional<String> student = Optional.empty();

    @Option(names = "--same", description = "import names in other letters as those that are known")
    private boolean isSame;

    @Option(names = "--yes", description = "forget without asking back")
    private boolean sure;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (what.equals("restore")) return restore();
        if (what.equals("copies")) return copies();
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
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus log: " + FileTrouble.said(failed, DataFolder.usual().root()));
        }
    }

    private Integer restore() {
        Path folder = DataFolder.usual().root();
        try {
            List<LogbookCopy> copies = Files.isDirectory(folder) ? Logbook.copies(folder) : List.of();
            if (copies.isEmpty()) {
                spec.commandLine().getOut().println(Words.of("log.no-copy"));
                return TactusCommand.FOUND;
            }
            LogbookCopy copy = subject.map(name -> called(name, copies)).orElse(copies.getFirst());
            Logbook.restore(folder, copy, LocalDateTime.now());
            spec.commandLine().getOut().println(Words.of("log.restored", line(copy)));
            return TactusCommand.FINE;
        } catch (Refusal there) {
            throw new CommandFailure(TactusCommand.USAGE, Words.of("command.refused", "log", Words.why(there)));
        } catch (IOException failed) {
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus log: " + FileTrouble.said(failed, DataFolder.usual().root()));
        }
    }

    private static LogbookCopy called(String name, List<LogbookCopy> copies) {
        return copies.stream()
                .filter(copy -> copy.file().toString().equals(name)
                        || copy.file().getFileName().toString().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refusal("log.no-such-copy", name));
    }

    private Integer copies() {
        PrintWriter out = spec.commandLine().getOut();
        Path folder = DataFolder.usual().root();
        try {
            List<LogbookCopy> copies = Files.isDirectory(folder) ? Logbook.copies(folder) : List.of();
            if (copies.isEmpty()) out.println(Words.of("log.no-copy"));
            copies.forEach(copy -> out.println(line(copy) + "  " + copy.file()));
            return TactusCommand.FINE;
        } catch (IOException failed) {
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus log: " + FileTrouble.said(failed, DataFolder.usual().root()));
        }
    }

    private static String line(LogbookCopy copy) {
        return Words.of("log.copy", MADE.format(copy.made()), copy.students(), copy.lessons(), copy.takes());
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
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus: " + Words.of("log.damaged", damaged.aside(), copies.isEmpty() ? 0 : 1, latest));
        }
    }

    private String needed(String what) {
        return needed(what, subject);
    }

    private String needed(String what, Optional<String> given) {
        return given.orElseThrow(
                () -> new CommandFailure(TactusCommand.USAGE, "tactus log: " + this.what + " takes " + what));
    }

    private String take(Logbook book, String name) throws IOException {
        String text;
        try {
            text = Files.readString(Path.of(name));
        } catch (CharacterCodingException other) {
            throw new CommandFailure(TactusCommand.FOUND, "tactus log: " + name + " is not in UTF-8");
        } catch (IOException | InvalidPathException unreadable) {
            throw new CommandFailure(TactusCommand.FOUND, "tactus log: " + name + " cannot be read");
        }
        Records read = LogTable.read(new StringReader(text), LocalDate.now());
        List<Records.Respelled> others = book.records().respelled(read);
        if (!isSame && !others.isEmpty()) throw respelled(others);
        int all = read.students().size()
                + read.lessons().size()
                + read.takes().size()
                + read.changes().size();
        return Words.of("log.taken", all, book.add(read));
    }

    private static Refusal respelled(List<Records.Respelled> others) {
        List<String> pairs = others.stream()
                .map(each -> Words.of("log.respelled-one", each.name(), each.known()))
                .toList();
        String first = others.getFirst().name();
        return new Refusal("log.respelled", first, others.size() > 1 ? 1 : 0, String.join(", ", pairs));
    }

    private void forget(Logbook book, String name) throws IOException {
        String known = known(book.records(), name).name();
        if (!sure) throw new Refusal("log.sure", known);
        DataFolder folder = DataFolder.usual();
        var remains = new ArrayList<>(
                book.forget(known, folder.root(), LocalDateTime.now()).orElse(List.of()));
        remains.addAll(
                StudentTraces.of(known, new Settings(folder).foldersProperty().get(), () -> false));
        PrintWriter out = spec.commandLine().getOut();
        out.println(Words.of("log.forgotten", known, remains.isEmpty() ? 0 : 1));
        remains.forEach(each -> out.println("  " + Words.say(each)));
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

    private void print(Logbook book, PrintWriter out) throws IOException {
        LogTable table = LogTable.named(what)
                .orElseThrow(() -> new CommandFailure(
                        TactusCommand.USAGE,
                        "tactus log: it is students, lessons, takes, changes, import, forget, reach, copies or restore, not \""
                                + what + "\""));
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
