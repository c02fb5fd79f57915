package tactus.app.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.LongPredicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.song.Song;
import tactus.formats.song.SongFile;

/**
 * Keeps work that is not saved yet, one file for each running program, and finds what one that crashed has left. The
 * file's name holds the number of its process.
 */
public final class Autosave {

    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);
    private static final String FOLDER = "unsaved";
    private static final String ENDING = SongFile.ENDING;

    private final DataFolder folder;
    private final long process;
    private final LongPredicate isRunning;

    public Autosave(DataFolder folder) {
        this(folder, ProcessHandle.current().pid(), id -> ProcessHandle.of(id).isPresent());
    }

    Autosave(DataFolder folder, long process, LongPredicate isRunning) {
        this.folder = folder;
        this.process = process;
        this.isRunning = isRunning;
    }

    /** Keeps {@code song}; what cannot be kept is logged, since nothing else is lost by it. */
    public void keep(Song song) {
        try {
            SongFile.write(song, mine());
        } catch (IOException full) {
            LOG.warn("unsaved work cannot be kept", full);
        }
    }

    /** Forgets what was kept, once it is saved or given up. */
    public void forget() {
        try {
            Files.deleteIfExists(mine());
        } catch (IOException stuck) {
            LOG.warn("kept work cannot be deleted", stuck);
        }
    }

    private Path mine() throws IOException {
        return folder.folder(FOLDER).resolve(process + ENDING);
    }

    /** The newest work that a program left which is not running any more. */
    public Optional<Path> left() {
        return all().stream().filter(this::isLeft).max((a, b) -> Long.compare(age(a), age(b)));
    }

    private List<Path> all() {
        Path unsaved = folder.file(FOLDER);
        if (!Files.isDirectory(unsaved)) return List.of();
        try (var files = Files.list(unsaved)) {
            return files.filter(file -> file.toString().endsWith(ENDING)).toList();
        } catch (IOException unreadable) {
            LOG.warn("kept work cannot be listed", unreadable);
            return List.of();
        }
    }

    private boolean isLeft(Path file) {
        String number = file.getFileName().toString().replace(ENDING, "");
        if (!number.matches("\\d{1,18}")) return false;
        long id = Long.parseLong(number);
        return id != process && !isRunning.test(id);
    }

    private static long age(Path file) {
        return file.toFile().lastModified();
    }

    /** Deletes work that was left, once it is opened or given up. */
    public void giveUp(Path left) {
        try {
            Files.deleteIfExists(left);
        } catch (IOException stuck) {
            LOG.warn("left work cannot be deleted", stuck);
        }
    }
}
