package tactus.app.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.concurrent.Task;
import tactus.app.work.Settings;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.taught.shelf.SongQuery;
import tactus.records.folder.FileTrouble;
import tactus.records.shelf.Shelf;
import tactus.words.Words;

/** The songs in the teacher's folders; the index follows the folders whenever it is asked for anew. */
public final class ShelfModel {

    private final Settings settings;
    private final Consumer<Task<?>> background;
    private final Shelf shelf;
    private final ReadOnlyObjectWrapper<List<ShelvedSong>> songs =
            new ReadOnlyObjectWrapper<>(this, "songs", List.of());
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper(this, "state", "");
    private Task<?> running;

    /** @param background runs what takes long */
    public ShelfModel(Settings settings, Consumer<Task<?>> background) {
        this.settings = settings;
        this.background = background;
        shelf = new Shelf(settings.shelfFile(), Words.lexicon());
    }

    /** All songs of the folders, by their titles. */
    public ReadOnlyObjectProperty<List<ShelvedSong>> songsProperty() {
        return songs.getReadOnlyProperty();
    }

    /** How many songs there are, or what is being done. */
    ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** The files of all songs of the folders. */
    public List<Path> files() {
        return songs.get().stream().map(song -> Path.of(song.place())).toList();
    }

    /** The songs that {@code query} finds. */
    public List<ShelvedSong> find(String query) {
        return SongQuery.parse(query, Words.lexicon(), songs.get()).find();
    }

    List<Path> folders() {
        return settings.foldersProperty().get();
    }

    void add(Path folder) {
        var all = new ArrayList<>(folders());
        if (!all.contains(folder)) all.add(folder);
        settings.foldersProperty().set(List.copyOf(all));
        refresh();
    }

    void remove(Path folder) {
        settings.foldersProperty()
                .set(folders().stream().filter(each -> !each.equals(folder)).toList());
        refresh();
    }

    /** Brings the index up to date beside the window. */
    public void refresh() {
        if (running != null) running.cancel();
        if (folders().isEmpty() && !Files.exists(settings.shelfFile())) {
            state.set(Words.of("shelf.noFolder"));
            return;
        }
        var reading = new Reading(shelf, settings.shelfFile(), folders());
        running = reading;
        state.set(Words.of("shelf.reading", 0));
        reading.progressProperty().subscribe(part -> {
            if (reading.isRunning() && part.doubleValue() >= 0)
                state.set(Words.of("shelf.reading", (int) (100 * part.doubleValue())));
        });
        reading.setOnSucceeded(_ -> {
            songs.set(reading.getValue());
            state.set(said(reading.getValue().size()));
        });
        reading.setOnFailed(_ -> state.set(Words.of("shelf.failed")));
        background.accept(reading);
    }

    /**
     * Looks through the teacher's folders, in any thread.
     *
     * @param <T> what is found
     */
    public interface Looking<T> {
        /** @throws IOException if a folder cannot be looked into */
        T look(List<Path> folders, BooleanSupplier isCancelled) throws IOException;
    }

    /** Looks through the folders beside the window, and hands on what was found, or why nothing could be. */
    public <T> void lookThrough(Looking<T> looking, Consumer<T> found, Consumer<String> failed) {
        List<Path> where = folders();
        var task = new Task<T>() {
            @Override
            protected T call() throws IOException {
                return looking.look(where, this::isCancelled);
            }
        };
        task.setOnSucceeded(_ -> found.accept(task.getValue()));
        task.setOnFailed(_ ->
                failed.accept(FileTrouble.said(task.getException(), where.isEmpty() ? Path.of("") : where.getFirst())));
        background.accept(task);
    }

    private String said(int count) {
        List<Path> gone =
                folders().stream().filter(each -> !Files.isDirectory(each)).toList();
        if (folders().isEmpty()) return Words.of("shelf.noFolder");
        return gone.isEmpty() ? Words.of("shelf.songs", count) : Words.of("shelf.gone", gone.getFirst(), count);
    }

    private static final class Reading extends Task<List<ShelvedSong>> {

        private final Shelf shelf;
        private final Path file;
        private final List<Path> folders;

        Reading(Shelf shelf, Path file, List<Path> folders) {
            this.shelf = shelf;
            this.file = file;
            this.folders = folders;
        }

        @Override
        protected List<ShelvedSong> call() throws IOException {
            Files.createDirectories(file.getParent());
            return shelf.refresh(folders, done -> updateProgress(done, 1), this::isCancelled);
        }
    }
}
