package tactus.app.practice;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.Records;
import tactus.core.written.song.SongId;
import tactus.records.logbook.LogbookCopy;

/**
 * Where the logbook lies open, beside the window, which never waits for it: what is asked of it is done one thing after the other, and
 * what has become of it is told on the window's thread, where everything here is called.
 */
final class LogbookDesk {

    private final Executor desk;
    private final Executor window;
    private final OpenBook book;
    private final ReadOnlyObjectWrapper<OpenBook.Lying> lying =
            new ReadOnlyObjectWrapper<>(this, "lying", OpenBook.Lying.SHUT);

    /**
     * @param folder where the logbook is
     * @param desk does what is asked of the logbook, in order
     * @param window does what is to be done on the window's thread
     */
    LogbookDesk(Path folder, Executor desk, Executor window) {
        this.desk = desk;
        this.window = window;
        book = new OpenBook(folder);
    }

    private void ask(Runnable job, Runnable done) {
        desk.execute(() -> {
            job.run();
            OpenBook.Lying now = book.lying();
            window.execute(() -> {
                lying.set(now);
                done.run();
            });
        });
    }

    private <T> void ask(Supplier<T> job, Consumer<T> told) {
        var answer = new AtomicReference<T>();
        ask(() -> answer.set(job.get()), () -> told.accept(answer.get()));
    }

    private void tell(Runnable job) {
        ask(job, () -> {});
    }

    /** Opens the logbook, unless it is open; where it could not be opened it is tried again. */
    void open(Runnable opened) {
        ask(book::open, opened);
    }

    /** Opens one in memory, for as long as the program runs, in which {@code shown} stands. */
    void open(Records shown, Runnable opened) {
        ask(() -> book.open(shown), opened);
    }

    /** Goes on with a copy in the place of the logbook. */
    void goOn(LogbookCopy copy) {
        tell(() -> book.goOn(copy));
    }

    /** Goes on with what is there: a new logbook where there is none. */
    void goOn() {
        tell(book::goOn);
    }

    /** Tells the logbook of the song in {@code work}, so that what is written down of it follows a new title. */
    void meet(Work work) {
        Optional<SongId> id = work.idProperty().get();
        if (id.isEmpty() || work.getFile().isEmpty() || work.isUnsaved()) return;
        String title = work.written().facts().title();
        Path file = work.getFile().get();
        tell(() -> book.meet(id.get(), title, file));
    }

    /** Writes {@code more} down. */
    void add(Records more, Consumer<Outcome> told) {
        ask(() -> book.add(more), told);
    }

    /** Takes {@code name} out with everything that is known of them; tells what may still stand of them elsewhere, empty if nobody was. */
    void forget(String name, Consumer<Optional<List<Statement>>> told) {
        ask(() -> book.forget(name), told);
    }

    /** Writes; where the logbook could not be opened before it is tried again. */
    void write(OpenBook.Writing writing, Consumer<Outcome> told) {
        ask(() -> book.write(writing), told);
    }

    /** Looks something up; empty where nothing is open, or where it cannot be read, which is said. */
    <T> void read(OpenBook.Reading<T> reading, Consumer<Optional<T>> told) {
        ask(() -> book.read(reading), told);
    }

    /** What there is to see of it. */
    ReadOnlyObjectProperty<OpenBook.Lying> lyingProperty() {
        return lying.getReadOnlyProperty();
    }

    /** What stands in it. */
    Records records() {
        return lying.get().records();
    }
}
