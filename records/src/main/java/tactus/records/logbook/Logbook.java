package tactus.records.logbook;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.written.song.SongId;
import tactus.formats.file.OwnFile;

/**
 * Students and what is known of them, in a database. It is copied when it is opened, and the last seven copies are kept; a damaged one
 * is set aside and never written to, and nothing else is. Two programs can have it open at once: each change is whole, one after the other.
 */
public final class Logbook implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Logbook.class);
    static final String NAME = "logbook.sqlite";
    /** Marks a logbook from which somebody was taken out and whose copies still have them. */
    private static final int FORGETTING = 0x466F7267;

    private static final byte[] HEADER = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private final Connection connection;
    private final Rows rows;
    private int readVersion = -1;
    private Optional<LogbookTrouble> uncopied = Optional.empty();

    Logbook(Connection connection) {
        this.connection = connection;
        rows = new Rows(connection);
    }

    /**
     * Opens the logbook in {@code folder}, and makes it where there is none.
     *
     * @param now what copies are named after
     * @throws DamagedLogbook if SQLite calls it corrupt; it lies aside then
     * @throws LogbookTrouble if it cannot be read or written now, for whatever other cause; nothing was moved
     */
    public static Logbook open(Path folder, LocalDateTime now) throws IOException {
        Path file = folder.resolve(NAME);
        try {
            OwnFile.made(folder);
            if (Files.exists(file)) OwnFile.close(file);
            else OwnFile.create(file);
            for (Path aside : LogbookCopies.aside(folder)) OwnFile.close(aside);
        } catch (IOException forbidden) {
            throw LogbookTrouble.of(forbidden);
        }
        if (!isDatabase(file)) throw damaged(file, now, null);
        try {
            var book = new Logbook(prepared(file));
            if (book.isForgetting()) book.forgetCopiesAtLast(folder);
            book.copy(folder, now);
            return book;
        } catch (SQLException broken) {
            if (!LogbookTrouble.isCorrupt(broken)) throw LogbookTrouble.of(broken);
            throw damaged(file, now, broken);
        }
    }

    private static DamagedLogbook damaged(Path file, LocalDateTime now, SQLException cause) throws IOException {
        Path aside = LogbookCopies.setAside(file, now);
        return new DamagedLogbook(aside, LogbookCopies.whole(file.getParent()), cause);
    }

    /**
     * Whether {@code file} begins as every database of SQLite does (SQLite's file format, section 1.3.1), or is empty. If it does not,
     * it must not even be opened: SQLite would throw away what belongs to it.
     */
    private static boolean isDatabase(Path file) throws LogbookTrouble {
        try (var in = Files.newInputStream(file)) {
            byte[] begin = in.readNBytes(HEADER.length);
            return begin.length == 0 || Arrays.equals(begin, HEADER);
        } catch (IOException unread) {
            throw LogbookTrouble.of(unread);
        }
    }

    private static Connection prepared(Path file) throws SQLException, LogbookTrouble {
        Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        try {
            LogbookTables.prepare(connection);
            return connection;
        } catch (SQLException | LogbookTrouble broken) {
            connection.close();
            throw broken;
        }
    }

    /** Where it cannot be copied it is kept on all the same. */
    private void copy(Path folder, LocalDateTime now) {
        try {
            LogbookCopies.copy(connection, folder, now);
        } catch (SQLException failed) {
            uncopied = Optional.of(LogbookTrouble.of(failed));
        } catch (IOException failed) {
            uncopied = Optional.of(LogbookTrouble.of(failed));
        }
        uncopied.ifPresent(why -> LOG.warn("the logbook could not be copied", why));
    }

    /** Why the last copy could not be made, if it could not. */
    public synchronized Optional<LogbookTrouble> uncopied() {
        return uncopied;
    }

    /** A logbook in memory, for as long as it is open. */
    public static Logbook forNow() {
        try {
            Connection connection = DriverManager.getConnection("jdbc:sqlite::memory:");
            LogbookTables.prepare(connection);
            return new Logbook(connection);
        } catch (SQLException | LogbookTrouble impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The copies of the logbook in {@code folder} that are whole, the newest first. */
    public static List<LogbookCopy> copies(Path folder) throws IOException {
        return LogbookCopies.whole(folder);
    }

    /**
     * Puts a copy in the place of a logbook that is not there, in which nobody stands, or that is corrupt: that one is set aside.
     *
     * @param copy one of {@link #copies}
     * @throws Refusal if there is a logbook with somebody in it
     * @throws IOException if it cannot be put there; then everything is as it was
     */
    public static void restore(Path folder, LogbookCopy copy, LocalDateTime now) throws IOException {
        Path file = folder.resolve(NAME);
        if (Files.exists(file) && !isDatabase(file)) LogbookCopies.setAside(file, now);
        if (Files.exists(file)) {
            try (Connection there = prepared(file)) {
                if (!Contents.isEmpty(there)) throw new Refusal("log.there");
            } catch (SQLException broken) {
                if (!LogbookTrouble.isCorrupt(broken)) throw LogbookTrouble.of(broken);
                LogbookCopies.setAside(file, now);
            }
        }
        LogbookCopies.restore(copy, file);
    }

    /** All that is kept. */
    public synchronized Records records() throws IOException {
        try {
            readVersion = dataVersion();
            return rows.all();
        } catch (SQLException unreadable) {
            throw LogbookTrouble.of(unreadable);
        }
    }

    /**
     * Whether another program has written here since all of it was read last. SQLite counts what others have written
     * (PRAGMA data_version).
     */
    public synchronized boolean isChangedElsewhere() throws IOException {
        try {
            return dataVersion() != readVersion;
        } catch (SQLException unreadable) {
            throw LogbookTrouble.of(unreadable);
        }
    }

    private int dataVersion() throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("PRAGMA data_version")) {
            return row.next() ? row.getInt(1) : 0;
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
            throw LogbookTrouble.of(failed);
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
     * and not known becomes a student since that day; a name in other letters is the one that is known.
     *
     * @return how many rows are new or other
     */
    public synchronized int add(Records records) throws IOException {
        return whole(() -> rows.add(records));
    }

    /**
     * Takes a student out with everything that is known of them, from the copies too, and leaves nothing of it between the rows.
     *
     * @param student the name, in whatever letters
     * @param folder the one it is in
     * @return where something of them may still stand; empty if there is no such student
     * @throws LogbookTrouble if it cannot be written; then nobody is forgotten
     */
    public synchronized Optional<List<Statement>> forget(String student, Path folder, LocalDateTime now)
            throws IOException {
        List<String> known = records().students().stream()
                .map(Student::name)
                .filter(name -> Student.isSame(name, student))
                .toList();
        if (known.isEmpty()) return Optional.empty();
        whole(() -> {
            for (String name : known) rows.put("DELETE FROM student WHERE name = ?", name);
            mark(FORGETTING);
            return known;
        });
        boolean isHeldOpen = !isWrittenOver();
        forgetCopies(folder);
        copy(folder, now);
        return Optional.of(new Remains(known.getFirst()).of(records(), folder, isHeldOpen));
    }

    /** Copies in which somebody stands who is forgotten go, also those that a program which was ended meanwhile has left. */
    private void forgetCopies(Path folder) throws IOException {
        LogbookCopies.forget(folder);
        whole(() -> {
            mark(0);
            return true;
        });
    }

    /** The same where it was left undone; what cannot be deleted even now is tried again the next time. */
    private void forgetCopiesAtLast(Path folder) {
        try {
            forgetCopies(folder);
        } catch (IOException held) {
            LOG.warn("copies with somebody who is forgotten could not be deleted", held);
        }
    }

    /** What the file says of itself, in the same transaction as what is written: SQLite keeps a number for that. */
    private void mark(int number) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute("PRAGMA application_id = " + number);
        }
    }

    private boolean isForgetting() throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("PRAGMA application_id")) {
            return row.next() && row.getInt(1) == FORGETTING;
        }
    }

    /** Whether the file has no pages of before any longer: not while another program reads them. */
    private boolean isWrittenOver() {
        try (var statement = connection.createStatement()) {
            statement.execute("VACUUM");
            try (ResultSet row = statement.executeQuery("PRAGMA wal_checkpoint(TRUNCATE)")) {
                return row.next() && row.getInt(1) == 0;
            }
        } catch (SQLException held) {
            LOG.info("pages of the logbook could not be written over", held);
            return false;
        }
    }

    /** The plan that is kept for a song and whoever practises it: nobody where {@code student} is empty. */
    public synchronized Optional<KeptPlan> plan(Optional<String> student, SongKey song) throws IOException {
        try {
            return new KeptPlans(rows).find(student, song);
        } catch (SQLException unreadable) {
            throw LogbookTrouble.of(unreadable);
        }
    }

    /** Keeps {@code plan} in place of the one before it. */
    public synchronized void keep(KeptPlan plan) throws IOException {
        whole(() -> new KeptPlans(rows).keep(plan));
    }

    /** Keeps no plan any longer for that song and student. */
    public synchronized void dropPlan(Optional<String> student, SongKey song) throws IOException {
        whole(() -> new KeptPlans(rows).drop(student, song));
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
