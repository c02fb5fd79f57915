package tactus.records.logbook;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import tactus.formats.file.OwnFile;

/**
 * The copies of a logbook beside it, the last ones of which are kept, and where a damaged one is put. A copy is written aside, looked
 * at, and only then called one.
 */
final class LogbookCopies {

    private static final String FOLDER = "logbook-copies";
    private static final String ENDING = ".sqlite";
    private static final String PART = ".part";
    private static final int KEPT = 7;
    private static final Duration FORGOTTEN = Duration.ofHours(1);
    private static final List<String> BESIDE = List.of("-wal", "-shm", "-journal");

    private LogbookCopies() {}

    /**
     * Copies the logbook that is open on {@code connection}, unless the last copy is the same or nobody stands in it.
     *
     * @param logbook the folder it is in
     */
    static void copy(Connection connection, Path logbook, LocalDateTime now) throws SQLException, IOException {
        Path folder = OwnFile.folder(logbook.resolve(FOLDER));
        deleteForgotten(folder);
        List<Path> before = files(folder);
        // What is not other than the last copy, or empty, would only push older ones out.
        if (Contents.isEmpty(connection) || isLast(connection, before)) return;
        Path part = folder.resolve(LogbookCopy.name(now) + PART);
        try {
            write(connection, part);
            Files.move(part, folder.resolve(LogbookCopy.name(next(now, before))), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
        prune(folder);
    }

    private static void write(Connection connection, Path part) throws SQLException, IOException {
        Files.deleteIfExists(part);
        OwnFile.create(part);
        try (PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, part.toString());
            copy.execute();
        }
        flush(part);
        if (LogbookCopy.look(part).isEmpty()) throw new IOException("the copy came out torn");
    }

    private static void flush(Path file) throws IOException {
        try (var channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Now, or right behind the last copy where the clock was set back: the newest copy is always the last one that was made. */
    private static LocalDateTime next(LocalDateTime now, List<Path> before) {
        LocalDateTime whole = now.truncatedTo(ChronoUnit.MILLIS);
        return before.stream()
                .findFirst()
                .flatMap(LogbookCopy::made)
                .map(last -> last.plus(1, ChronoUnit.MILLIS))
                .filter(whole::isBefore)
                .orElse(whole);
    }

    private static boolean isLast(Connection connection, List<Path> before) throws SQLException {
        if (before.isEmpty() || LogbookCopy.look(before.getFirst()).isEmpty()) return false;
        String uri = "jdbc:sqlite:" + before.getFirst().toUri() + "?immutable=1";
        try (Connection last = DriverManager.getConnection(uri)) {
            return Contents.of(last).equals(Contents.of(connection));
        }
    }

    /** Keeps the last ones that are whole; what is torn takes the place of none of them. */
    private static void prune(Path folder) throws IOException {
        List<Path> whole = files(folder).stream()
                .filter(file -> LogbookCopy.look(file).isPresent())
                .toList();
        for (Path old : whole.subList(Math.min(KEPT, whole.size()), whole.size())) Files.deleteIfExists(old);
    }

    /** Deletes what a copying that was broken off has left, so old that nobody can be at it. */
    private static void deleteForgotten(Path folder) throws IOException {
        Instant old = Instant.now().minus(FORGOTTEN);
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.filter(each -> each.getFileName().toString().contains(PART))
                    .toList()) {
                if (Files.getLastModifiedTime(file).toInstant().isBefore(old)) Files.deleteIfExists(file);
            }
        }
    }

    /** Deletes all of them: somebody is to be forgotten wholly. */
    static void forget(Path logbook) throws IOException {
        Path folder = logbook.resolve(FOLDER);
        if (!Files.isDirectory(folder)) return;
        try (Stream<Path> all = Files.list(folder)) {
            for (Path copy : all.filter(Files::isRegularFile).toList()) Files.deleteIfExists(copy);
        }
    }

    /**
     * Puts a copy in the place of the logbook, which is not there or in which nobody stands. It is written beside it, looked at, and
     * moved there whole.
     */
    static void restore(LogbookCopy copy, Path file) throws IOException {
        Path part = file.resolveSibling(Logbook.NAME + PART);
        try {
            Files.deleteIfExists(part);
            OwnFile.create(part);
            Files.copy(copy.file(), part, StandardCopyOption.REPLACE_EXISTING);
            OwnFile.close(part);
            flush(part);
            if (LogbookCopy.look(part).isEmpty()) throw new IOException("the copy came out torn");
            for (String ending : BESIDE) Files.deleteIfExists(file.resolveSibling(Logbook.NAME + ending));
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Puts a damaged logbook aside, never over anything; what belongs to it goes first, so that it never meets another one. */
    static Path setAside(Path file, LocalDateTime now) throws IOException {
        LocalDateTime stamp = now;
        while (Files.exists(aside(file, stamp))) stamp = stamp.plus(1, ChronoUnit.MILLIS);
        Path aside = aside(file, stamp);
        for (String ending : BESIDE) {
            Path beside = file.resolveSibling(Logbook.NAME + ending);
            if (Files.exists(beside)) Files.move(beside, aside.resolveSibling(aside.getFileName() + ending));
        }
        Files.move(file, aside);
        return aside;
    }

    private static Path aside(Path file, LocalDateTime stamp) {
        return file.resolveSibling("logbook-damaged-" + LogbookCopy.stamp(stamp) + ENDING);
    }

    /** What was put aside in {@code logbook}, with what belongs to it. */
    static List<Path> aside(Path logbook) throws IOException {
        try (Stream<Path> all = Files.list(logbook)) {
            return all.filter(each -> each.getFileName().toString().startsWith("logbook-damaged-"))
                    .sorted()
                    .toList();
        }
    }

    /** The copies of the logbook in {@code logbook} that are whole, the newest first. */
    static List<LogbookCopy> whole(Path logbook) throws IOException {
        return files(logbook.resolve(FOLDER)).stream()
                .flatMap(file -> LogbookCopy.look(file).stream())
                .toList();
    }

    /** All that are called copies, the newest first. */
    private static List<Path> files(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(file -> LogbookCopy.made(file).isPresent())
                    .sorted(Comparator.comparing(
                                    (Path each) -> each.getFileName().toString())
                            .reversed())
                    .toList();
        }
    }
}
