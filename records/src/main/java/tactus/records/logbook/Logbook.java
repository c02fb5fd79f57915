package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.logbook.KeptPlan;
import tactus.core.logbook.Records;
import tactus.core.refusal.Refusal;
import tactus.core.song.SongId;

/**
 * Students and what is known of them, in a database. It is copied when it is opened, and the last seven copies are kept; a damaged one
 * is set aside and never written to. Two programs can have it open at once: each change is whole, one after the other.
 */
public final class Logbook implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Logbook.class);
    static final String NAME = "logbook.sqlite";

    private final Connection connection;
    private final Rows rows;

    Logbook(Connection connection) {
        this.connection = connection;
        rows = new Rows(connection);
    }

    /**
     * Opens the logbook in {@code folder}, which is there, and makes it where there is none.
     *
     * @param now what copies are named after
     * @throws DamagedLogbook if it cannot be read; it lies aside then
     * @throws IOException if it cannot be kept there
     */
    public static Logbook open(Path folder, LocalDateTime now) throws IOException {
        Path file = folder.resolve(NAME);
        boolean isThere = Files.exists(file);
        try {
            Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
            try {
                LogbookTables.prepare(connection);
            } catch (SQLException broken) {
                connection.close();
                throw broken;
            }
            var book = new Logbook(connection);
            if (isThere) book.copies(folder).copy(now);
            return book;
        } catch (SQLException broken) {
            if (isBusy(broken)) throw new IOException("another program is writing to the logbook; try again", broken);
            if (!isThere) throw new IOException("the logbook cannot be kept in " + folder, broken);
            throw new DamagedLogbook(LogbookCopies.setAside(file, now), LogbookCopies.newest(folder), broken);
        }
    }

    /** A logbook in memory, for as long as it is open. */
    public static Logbook forNow() {
        try {
            Connection connection = DriverManager.getConnection("jdbc:sqlite::memory:");
            LogbookTables.prepare(connection);
            return new Logbook(connection);
        } catch (SQLException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static boolean isBusy(SQLException wrong) {
        return String.valueOf(wrong.getMessage()).contains("SQLITE_BUSY")
                || String.valueOf(wrong.getMessage()).contains("SQLITE_LOCKED");
    }

    /**
     * Puts the newest copy in the place of a logbook that is not there, or in which nobody stands.
     *
     * @return the copy; empty if there is none
     * @throws Refusal if there is a logbook with somebody in it
     * @throws IOException if it cannot be put there
     */
    public static Optional<Path> restore(Path folder, LocalDateTime now) throws IOException {
        Optional<Path> copy = LogbookCopies.newest(folder);
        if (copy.isEmpty()) return copy;
        Path file = folder.resolve(NAME);
        if (Files.exists(file)) {
            try (Logbook book = open(folder, now)) {
                if (!book.records().students().isEmpty()) throw new Refusal("log.there");
            }
            for (String ending : List.of("", "-wal", "-shm")) Files.deleteIfExists(file.resolveSibling(NAME + ending));
        }
        Files.copy(copy.get(), file);
        return copy;
    }

    private LogbookCopies copies(Path folder) {
        return new LogbookCopies(folder, this, connection);
    }

    /** All that is kept. */
    public synchronized Records records() throws IOException {
        try {
            return rows.all();
        } catch (SQLException unreadable) {
            throw unreadable(unreadable);
        }
    }

    /** What the logbook knew of a song that was opened or saved. */
    public sealed interface Meeting {

        /** It is called as before, or is new. */
        record Known() implements Meeting {}

        /**
         * It has another title; what is written down of it stands under the new one now.
         *
         * @param before the title that it had
         */
        record Renamed(String before) implements Meeting {}

        /**
         * The file is a copy of one that is still there: nothing was changed.
         *
         * @param title of the song it is a copy of
         * @param place of that one
         */
        record Copy(String title, Path place) implements Meeting {}
    }

    /**
     * Remembers what the song known by {@code id} is called and where it lies; if its title has changed, what is written down
     * of it follows.
     *
     * @param isStillThere whether a file that was that song still is
     * @throws IOException if it cannot be written down
     */
    public synchronized Meeting meet(SongId id, String title, Path place, Predicate<Path> isStillThere)
            throws IOException {
        return whole(() -> new KnownSongs(connection).meet(id, title, place, isStillThere));
    }

    /** Writes in one transaction. */
    private interface Writing<T> {
        T write() throws SQLException;
    }

    /** All of what {@code writing} writes, or nothing. */
    private <T> T whole(Writing<T> writing) throws IOException {
        try {
            connection.setAutoCommit(false);
            T done = writing.write();
            connection.commit();
            connection.setAutoCommit(true);
            return done;
        } catch (SQLException failed) {
            undo(failed);
            boolean isFull = String.valueOf(failed.getMessage()).contains("SQLITE_FULL");
            throw new IOException(
                    isFull
                            ? "the disk is full; nothing was written to the logbook"
                            : "the logbook cannot be written: " + failed.getMessage(),
                    failed);
        }
    }

    /** On a full disk SQLite has ended the transaction itself, which the driver does not know: it is given one to end. */
    private void undo(SQLException failed) {
        try (var statement = connection.createStatement()) {
            statement.execute("BEGIN");
        } catch (SQLException stillOpen) {
            failed.addSuppressed(stillOpen);
        }
        try {
            connection.rollback();
            connection.setAutoCommit(true);
        } catch (SQLException lost) {
            failed.addSuppressed(lost);
        }
    }

    /**
     * Puts all of {@code records} there or nothing; what is there already stays, a student as it is written now. Who is spoken of
     * and not known becomes a student since that day.
     *
     * @return how many rows are new or other
     */
    public synchronized int add(Records records) throws IOException {
        return whole(() -> rows.add(records));
    }

    /**
     * Takes a student out with everything that is known of them, and leaves nothing of it in the file; copies are thrown away by the
     * caller, see {@link #forgetCopies}.
     *
     * @return whether there was one
     */
    public synchronized boolean forget(String student) throws IOException {
        try {
            boolean was = rows.put("DELETE FROM student WHERE name = ?", student) > 0;
            if (was) {
                try (var statement = connection.createStatement()) {
                    statement.execute("VACUUM");
                    statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
                }
            }
            return was;
        } catch (SQLException failed) {
            throw new IOException("the logbook cannot be written: " + failed.getMessage(), failed);
        }
    }

    /** The plan that is kept for a song and whoever practises it: nobody where {@code student} is empty. */
    public synchronized Optional<KeptPlan> plan(Optional<String> student, String song, String version)
            throws IOException {
        try {
            return new KeptPlans(rows).find(student, song, version);
        } catch (SQLException unreadable) {
            throw unreadable(unreadable);
        }
    }

    /** Keeps {@code plan} in place of the one before it. */
    public synchronized void keep(KeptPlan plan) throws IOException {
        whole(() -> new KeptPlans(rows).keep(plan));
    }

    /** Keeps no plan any longer for that song and student. */
    public synchronized void dropPlan(Optional<String> student, String song, String version) throws IOException {
        whole(() -> new KeptPlans(rows).drop(student, song, version));
    }

    private static IOException unreadable(SQLException cause) {
        return new IOException("the logbook cannot be read: " + cause.getMessage(), cause);
    }

    /** Throws the copies away in which somebody who is forgotten still stands, and makes a new one. */
    public synchronized void forgetCopies(Path folder, LocalDateTime now) throws IOException {
        copies(folder).forget();
        copies(folder).copy(now);
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
        } catch (SQLException unclosed) {
            LOG.warn("the logbook could not be closed: {}", unclosed.getMessage());
        }
    }
}
