package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The copies of a logbook beside it, the last ones of which are kept, and where a damaged one is put. */
final class LogbookCopies {

    private static final Logger LOG = LoggerFactory.getLogger(LogbookCopies.class);
    private static final String FOLDER = "logbook-copies";
    private static final int KEPT = 7;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS");

    private final Path folder;
    private final Logbook book;
    private final Connection connection;

    /** Copies of {@code book}, which is in {@code folder} and open on {@code connection}. */
    LogbookCopies(Path folder, Logbook book, Connection connection) {
        this.folder = folder.resolve(FOLDER);
        this.book = book;
        this.connection = connection;
    }

    /** Copies it, unless the last copy is the same; where that fails the logbook is kept on all the same. */
    void copy(LocalDateTime now) {
        try {
            Files.createDirectories(folder);
            Path target = folder.resolve("logbook-" + STAMP.format(now) + ".sqlite");
            // What is not other than the last copy, or empty, would only push older ones out.
            if (Files.exists(target) || isCopied() || book.records().students().isEmpty()) return;
            try (PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
                copy.setString(1, target.toString());
                copy.execute();
            }
            List<Path> all = copies(folder);
            for (Path old : all.subList(Math.min(KEPT, all.size()), all.size())) Files.deleteIfExists(old);
        } catch (SQLException | IOException full) {
            LOG.warn("the logbook could not be copied: {}", full.getMessage());
        }
    }

    private boolean isCopied() throws IOException {
        Optional<Path> last = copies(folder).stream().findFirst();
        if (last.isEmpty()) return false;
        Path file = folder.resolveSibling(Logbook.NAME);
        Path log = folder.resolveSibling(Logbook.NAME + "-wal");
        boolean hasLog = Files.exists(log) && Files.size(log) > 0;
        int newer = Files.getLastModifiedTime(last.get()).compareTo(Files.getLastModifiedTime(file));
        // Within one tick of the clock of files nobody can tell by the time.
        return !hasLog && (newer > 0 || newer == 0 && isLike(last.get()));
    }

    private boolean isLike(Path copy) throws IOException {
        try (var other = new Logbook(DriverManager.getConnection("jdbc:sqlite:" + copy))) {
            return other.records().equals(book.records());
        } catch (SQLException unreadable) {
            return false;
        }
    }

    /** Deletes all of them: somebody is to be forgotten wholly. */
    void forget() throws IOException {
        for (Path copy : copies(folder)) Files.deleteIfExists(copy);
    }

    /** Puts a damaged logbook aside, never over anything. */
    static Path setAside(Path file, LocalDateTime now) throws IOException {
        Path aside = file.resolveSibling("logbook-damaged-" + STAMP.format(now) + ".sqlite");
        Files.move(file, aside);
        for (String ending : List.of("-wal", "-shm")) {
            Path beside = file.resolveSibling(Logbook.NAME + ending);
            if (Files.exists(beside)) Files.move(beside, aside.resolveSibling(aside.getFileName() + ending));
        }
        return aside;
    }

    /** The newest copy of the logbook in {@code folder}; empty if there is none. */
    static Optional<Path> newest(Path folder) throws IOException {
        return copies(folder.resolve(FOLDER)).stream().findFirst();
    }

    /** The newest first. */
    private static List<Path> copies(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(each -> each.getFileName().toString().endsWith(".sqlite"))
                    .sorted(Comparator.comparing(
                                    (Path each) -> each.getFileName().toString())
                            .reversed())
                    .toList();
        }
    }
}
