package tactus.records.shelf;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.formats.song.SongFile;

/**
 * The songs in a teacher's folders, indexed in a database. Only files that have changed are read again; an index that is
 * missing or damaged is made anew, since everything in it stands in the songs. One thread at a time works with it.
 */
public final class Shelf {

    private static final Logger LOG = LoggerFactory.getLogger(Shelf.class);
    private static final int AT_ONCE = 200;
    private static final int DEEPEST = 12;

    private final Path database;
    private final Lexicon lexicon;

    /**
     * @param database the file of the index; its folder must be there
     * @param lexicon reads what is said in words
     */
    public Shelf(Path database, Lexicon lexicon) {
        this.database = database;
        this.lexicon = lexicon;
    }

    /** A change of the table, or a question to it. */
    private interface Asking<T> {
        T ask(ShelfTable table) throws SQLException;
    }

    /** All songs of the index in the order of their titles. */
    public synchronized List<ShelvedSong> songs() throws IOException {
        return ask(ShelfTable::songs);
    }

    /**
     * Brings the index up to date with all song files in {@code folders} and below them. A folder that is not there has no
     * songs; a file that is no song is left out.
     *
     * @param progress is told what part is done, from 0 to 1
     * @param cancelled is asked before each file; what was read by then stays
     */
    public synchronized List<ShelvedSong> refresh(
            List<Path> folders, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
        Map<String, ShelfTable.Stamp> there = files(folders);
        Map<String, ShelfTable.Stamp> known = ask(ShelfTable::stamps);
        List<String> gone = known.keySet().stream()
                .filter(place -> !there.containsKey(place))
                .toList();
        if (!gone.isEmpty())
            ask(table -> {
                table.remove(gone);
                return null;
            });
        List<String> changed = there.keySet().stream()
                .filter(place -> !there.get(place).equals(known.get(place)))
                .toList();
        for (int from = 0; from < changed.size() && !cancelled.getAsBoolean(); from += AT_ONCE) {
            // Files are read side by side on all processors, and written in one go.
            Map<ShelvedSong, ShelfTable.Stamp> read = new ConcurrentHashMap<>();
            changed.subList(from, Math.min(from + AT_ONCE, changed.size())).parallelStream()
                    .filter(_ -> !cancelled.getAsBoolean())
                    .forEach(place -> read(place).ifPresent(song -> read.put(song, there.get(place))));
            ask(table -> {
                table.put(read);
                return null;
            });
            progress.accept(Math.min(1.0, (double) (from + AT_ONCE) / changed.size()));
        }
        return songs();
    }

    private Optional<ShelvedSong> read(String place) {
        try {
            return Optional.of(
                    ShelvedSong.of(place, SongFile.read(Path.of(place)).song(), lexicon));
        } catch (IOException | Refusal noSong) {
            LOG.info("{} is no song that can be read and is left out of the index: {}", place, noSong.getMessage());
            return Optional.empty();
        }
    }

    /** The files in {@code folders} that are called songs, whether they can be read or not. */
    public static List<Path> songFiles(List<Path> folders) throws IOException {
        return files(folders).keySet().stream().sorted().map(Path::of).toList();
    }

    private static Map<String, ShelfTable.Stamp> files(List<Path> folders) throws IOException {
        Map<String, ShelfTable.Stamp> files = new HashMap<>();
        for (Path folder : folders) {
            if (!Files.isDirectory(folder)) continue;
            Files.walkFileTree(folder, Set.of(), DEEPEST, new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                    if (attributes.isRegularFile() && file.toString().endsWith(SongFile.ENDING))
                        files.put(
                                file.toAbsolutePath().normalize().toString(),
                                new ShelfTable.Stamp(
                                        attributes.lastModifiedTime().toMillis(), attributes.size()));
                    return FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult visitFileFailed(Path file, IOException locked) {
                    LOG.info("{} cannot be looked into: {}", file, locked.getMessage());
                    return FileVisitResult.CONTINUE;
                }
            });
        }
        return files;
    }

    /** A damaged index is made anew once. */
    private <T> T ask(Asking<T> asking) throws IOException {
        try {
            return asked(asking);
        } catch (SQLException damaged) {
            LOG.warn("the index of songs is damaged and is made anew: {}", damaged.getMessage());
            forget();
            try {
                return asked(asking);
            } catch (SQLException impossible) {
                throw new IOException("the index of songs cannot be kept in " + database, impossible);
            }
        }
    }

    private <T> T asked(Asking<T> asking) throws SQLException {
        try (var table = new ShelfTable(database)) {
            return asking.ask(table);
        }
    }

    private void forget() throws IOException {
        var files = new ArrayList<Path>(List.of(database));
        for (String ending : List.of("-wal", "-shm"))
            files.add(database.resolveSibling(database.getFileName() + ending));
        for (Path file : files) Files.deleteIfExists(file);
    }
}
