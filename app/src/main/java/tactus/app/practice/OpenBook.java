package tactus.app.practice;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.Records;
import tactus.core.written.song.SongId;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.LogbookCopy;
import tactus.words.Words;

/** The logbook that lies open, or why none does. One thread at a time. */
final class OpenBook {

    private final Path folder;
    private Optional<Logbook> book = Optional.empty();
    private Records records = Records.NONE;
    private Optional<Statement> problem = Optional.empty();
    private List<LogbookCopy> offered = List.of();
    private boolean isDamaged;
    private boolean isFailing;

    /** @param folder where the logbook is */
    OpenBook(Path folder) {
        this.folder = folder;
    }

    /**
     * What there is to see of it.
     *
     * @param records what stands in it
     * @param problem what is wrong with it; empty if nothing is
     * @param offered copies that can be put in its place, the newest first; none where it needs none
     * @param isOpen whether there is one to write in
     * @param isDamaged whether it was damaged, so that nothing is open until a person says how to go on
     */
    record Lying(
            Records records,
            Optional<Statement> problem,
            List<LogbookCopy> offered,
            boolean isOpen,
            boolean isDamaged) {

        static final Lying SHUT = new Lying(Records.NONE, Optional.empty(), List.of(), false, false);
    }

    /** What there is to see of it now. */
    Lying lying() {
        return new Lying(records, problem, offered, book.isPresent(), isDamaged);
    }

    /** What is done with the logbook that is open. */
    interface Writing {
        void write(Logbook open) throws IOException;
    }

    /** What is looked up in the logbook that is open. */
    interface Reading<T> {
        Optional<T> read(Logbook open) throws IOException;
    }

    /** Opens the logbook, unless it is open; where it could not be opened it is tried again. */
    void open() {
        if (book.isPresent() || isDamaged) return;
        try {
            Logbook opened = Logbook.open(folder, LocalDateTime.now());
            book = Optional.of(opened);
            problem = opened.uncopied().map(why -> Statement.of("class.uncopied", why.getMessage()));
            refresh();
            if (records.students().isEmpty()) offer(Logbook.copies(folder));
        } catch (DamagedLogbook damaged) {
            isDamaged = true;
            offered = damaged.copies();
            say("class.damaged", damaged.aside(), damaged.copies().size());
        } catch (IOException failed) {
            fail(failed);
        }
    }

    /** Opens one in memory, for as long as the program runs, in which {@code shown} stands. */
    void open(Records shown) {
        close();
        book = Optional.of(Logbook.forNow());
        forgetTrouble();
        records = Records.NONE;
        add(shown);
    }

    /** Copies with somebody in them, where the logbook has nobody. */
    private void offer(List<LogbookCopy> copies) {
        offered = copies.stream().filter(copy -> copy.students() > 0).toList();
        if (!offered.isEmpty()) say("class.empty", offered.size());
    }

    /** Goes on with a copy in the place of the logbook. */
    void goOn(LogbookCopy copy) {
        close();
        try {
            Logbook.restore(folder, copy, LocalDateTime.now());
        } catch (IOException failed) {
            fail(failed);
            return;
        } catch (Refusal there) {
            goOn();
            problem = Optional.of(Words.reason(there));
            return;
        }
        goOn();
    }

    /** Goes on with what is there: a new logbook where there is none. */
    void goOn() {
        forgetTrouble();
        open();
    }

    private void forgetTrouble() {
        isDamaged = false;
        offered = List.of();
        problem = Optional.empty();
    }

    private void close() {
        book.ifPresent(Logbook::close);
        book = Optional.empty();
    }

    /**
     * Tells the logbook of a song, so that what is written down of it follows a new title.
     *
     * @param title as it is written now
     * @param file where it is saved
     */
    void meet(SongId id, String title, Path file) {
        if (book.isEmpty()) return;
        try {
            switch (book.get().meet(id, title, file.toAbsolutePath(), there -> isSong(there, id))) {
                case Logbook.Meeting.Known _ -> {}
                case Logbook.Meeting.Renamed renamed -> {
                    refresh();
                    say("class.renamed", renamed.before(), title);
                }
                case Logbook.Meeting.Copy copy -> say("class.copy", title, copy.title(), copy.place());
            }
        } catch (IOException failed) {
            fail(failed);
        }
    }

    private static boolean isSong(Path file, SongId id) {
        try {
            return Files.isRegularFile(file)
                    && SongFile.read(file).id().filter(id::equals).isPresent();
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** Writes {@code more} down. */
    Outcome add(Records more) {
        return write(open -> {
            open.add(more);
            // What was written is known; all of it is read again only where another program has written too.
            if (open.isChangedElsewhere()) refresh();
            else records = records.plus(more);
        });
    }

    /** Takes {@code name} out with everything that is known of them; what may still stand of them elsewhere, empty if nobody was. */
    Optional<List<Statement>> forget(String name) {
        var left = new Object() {
            Optional<List<Statement>> remains = Optional.empty();
        };
        Outcome outcome = write(open -> {
            left.remains = open.forget(name, folder, LocalDateTime.now());
            refresh();
        });
        return outcome.isDone() ? left.remains : Optional.empty();
    }

    /** Writes; where the logbook could not be opened before it is tried again. */
    Outcome write(Writing writing) {
        if (book.isEmpty()) open();
        if (book.isEmpty()) return new Outcome.Refused(new Refusal(problem.orElse(Statement.of("class.closed"))));
        try {
            writing.write(book.get());
            if (isFailing) problem = Optional.empty();
            isFailing = false;
            return Outcome.DONE;
        } catch (IOException failed) {
            isFailing = true;
            return new Outcome.Refused(new Refusal(fail(failed)));
        }
    }

    /** Looks something up; empty where nothing is open, or where it cannot be read, which is said. */
    <T> Optional<T> read(Reading<T> reading) {
        if (book.isEmpty()) return Optional.empty();
        try {
            return reading.read(book.get());
        } catch (IOException failed) {
            fail(failed);
            return Optional.empty();
        }
    }

    private void refresh() throws IOException {
        records = book.orElseThrow().records();
    }

    private void say(String code, Object... values) {
        problem = Optional.of(Statement.of(code, values));
    }

    private Statement fail(IOException failed) {
        Statement why = Statement.of("class.failed", FileTrouble.said(failed, folder));
        problem = Optional.of(why);
        return why;
    }
}
