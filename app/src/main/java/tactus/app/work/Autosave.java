package tactus.app.work;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.LongFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.written.song.Song;
import tactus.formats.file.Checksum;
import tactus.formats.file.WholeFile;
import tactus.formats.song.SongFile;
import tactus.records.folder.DataFolder;

/**
 * Keeps work that is not saved yet, one file for each running program, and finds what one that crashed has left. The
 * file's name holds the number of its process and when that was started, since numbers are used again. Beside it stands
 * which file the song came from.
 */
public final class Autosave {

    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);
    private static final String FOLDER = "unsaved";
    private static final String ENDING = SongFile.ENDING;
    private static final String ORIGIN = ".origin";
    private static final Pattern NAME = Pattern.compile("(\\d{1,18})(?:-(\\d{1,18}))?" + Pattern.quote(ENDING));

    private final DataFolder folder;
    private final long process;
    private final LongFunction<Optional<Instant>> started;

    public Autosave(DataFolder folder) {
        this(
                folder,
                ProcessHandle.current().pid(),
                id -> ProcessHandle.of(id)
                        .map(handle -> handle.info().startInstant().orElse(Instant.EPOCH)));
    }

    /** @param started when the process with a number was started; empty if there is none */
    Autosave(DataFolder folder, long process, LongFunction<Optional<Instant>> started) {
        this.folder = folder;
        this.process = process;
        this.started = started;
    }

    /**
     * Keeps {@code song}.
     *
     * @throws IOException if it cannot be kept; what was kept before is still there
     */
    public void keep(Song song, Optional<Origin> origin) throws IOException {
        Path mine = mine();
        SongFile.write(song, mine);
        if (origin.isPresent()) WholeFile.write(beside(mine), out -> out.write(text(origin.get())));
        else Files.deleteIfExists(beside(mine));
    }

    private static byte[] text(Origin origin) {
        return (origin.contents().hex() + "\n" + origin.file()).getBytes(StandardCharsets.UTF_8);
    }

    /** Forgets what was kept, once it is saved or given up. */
    public void forget() {
        try {
            giveUp(mine());
        } catch (IOException stuck) {
            LOG.warn("kept work cannot be deleted", stuck);
        }
    }

    /** The folder work is kept in. */
    public Path folder() {
        return folder.file(FOLDER);
    }

    private Path mine() throws IOException {
        long start = started.apply(process).orElse(Instant.EPOCH).toEpochMilli();
        return folder.folder(FOLDER).resolve(process + "-" + start + ENDING);
    }

    private static Path beside(Path kept) {
        return kept.resolveSibling(kept.getFileName() + ORIGIN);
    }

    /** What programs left that are not running any more, the newest first. */
    public List<Path> left() {
        Path unsaved = folder();
        if (!Files.isDirectory(unsaved)) return List.of();
        try (var files = Files.list(unsaved)) {
            return files.filter(this::isLeft)
                    .sorted(Comparator.comparing(Autosave::changed).reversed())
                    .toList();
        } catch (IOException unreadable) {
            LOG.warn("kept work cannot be listed", unreadable);
            return List.of();
        }
    }

    /** Its program is gone when no process has its number, or one that was started at another time. */
    private boolean isLeft(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        if (!name.matches()) return false;
        Optional<Instant> start = started.apply(Long.parseLong(name.group(1)));
        if (start.isEmpty()) return true;
        return name.group(2) == null
                ? changed(file).isBefore(start.get())
                : start.get().toEpochMilli() != Long.parseLong(name.group(2));
    }

    private static Instant changed(Path file) {
        return Instant.ofEpochMilli(file.toFile().lastModified());
    }

    /** Where work that was left came from; empty if it was in no file, or that cannot be read any more. */
    public Optional<Origin> origin(Path left) {
        Path file = beside(left);
        if (!Files.exists(file)) return Optional.empty();
        try {
            String[] lines = Files.readString(file).split("\n", 2);
            return lines.length < 2
                    ? Optional.empty()
                    : Optional.of(new Origin(Path.of(lines[1]), new Checksum(lines[0])));
        } catch (IOException | InvalidPathException unreadable) {
            LOG.warn("it cannot be read where left work came from", unreadable);
            return Optional.empty();
        }
    }

    /** Deletes work that was left, once it is opened or given up. */
    public void giveUp(Path left) {
        try {
            Files.deleteIfExists(left);
            Files.deleteIfExists(beside(left));
        } catch (IOException stuck) {
            LOG.warn("left work cannot be deleted", stuck);
        }
    }
}
