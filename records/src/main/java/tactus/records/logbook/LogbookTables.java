package tactus.records.logbook;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** The tables of the logbook, made and brought up to date step by step. */
final class LogbookTables {

    /** Each step brings a database from the version that is its index to the next one. Steps are added, never changed. */
    private static final List<List<String>> STEPS = List.of(
            List.of("""
            CREATE TABLE student (
                name TEXT PRIMARY KEY, since TEXT NOT NULL, span INTEGER, note TEXT NOT NULL)
            """, """
            CREATE TABLE lesson (
                student TEXT NOT NULL REFERENCES student (name) ON DELETE CASCADE ON UPDATE CASCADE,
                day TEXT NOT NULL, song TEXT NOT NULL, version TEXT NOT NULL, section TEXT NOT NULL,
                tempo INTEGER NOT NULL, homework TEXT NOT NULL,
                UNIQUE (student, day, song, version, section, tempo, homework))
            """, """
            CREATE TABLE take (
                student TEXT NOT NULL REFERENCES student (name) ON DELETE CASCADE ON UPDATE CASCADE,
                at TEXT NOT NULL, song TEXT NOT NULL, version TEXT NOT NULL, bars TEXT NOT NULL,
                tempo INTEGER NOT NULL, score INTEGER NOT NULL, mean_ms REAL NOT NULL, spread_ms REAL NOT NULL,
                drift_percent REAL NOT NULL,
                UNIQUE (student, at, song, version, bars))
            """, """
            CREATE TABLE change (
                student TEXT NOT NULL REFERENCES student (name) ON DELETE CASCADE ON UPDATE CASCADE,
                day TEXT NOT NULL, from_chord TEXT NOT NULL, to_chord TEXT NOT NULL, per_minute INTEGER NOT NULL,
                UNIQUE (student, day, from_chord, to_chord, per_minute))
            """),
            List.of("CREATE TABLE song (id TEXT PRIMARY KEY, title TEXT NOT NULL, place TEXT NOT NULL)"),
            List.of("""
            CREATE TABLE plan (
                id INTEGER PRIMARY KEY,
                student TEXT REFERENCES student (name) ON DELETE CASCADE ON UPDATE CASCADE,
                song TEXT NOT NULL, version TEXT NOT NULL, begins TEXT NOT NULL, minutes INTEGER NOT NULL,
                days INTEGER NOT NULL)
            """, """
            CREATE TABLE plan_thing (
                plan INTEGER NOT NULL REFERENCES plan (id) ON DELETE CASCADE, place INTEGER NOT NULL,
                day INTEGER NOT NULL, step TEXT NOT NULL, minutes INTEGER NOT NULL, again INTEGER NOT NULL,
                done INTEGER NOT NULL)
            """));

    /** The table that each step makes last. */
    private static final List<String> LAST_TABLES = List.of("change", "song", "plan_thing");

    private LogbookTables() {}

    /** How long another program is waited for, in milliseconds: a window must not stand still for longer. */
    private static final int PATIENCE = 1_500;

    /**
     * Brings a database up to date; what is there stays.
     *
     * @throws LogbookTrouble if it was made by a newer program
     * @throws SQLException if it is damaged or cannot be written
     */
    static void prepare(Connection connection) throws SQLException, LogbookTrouble {
        try (var statement = connection.createStatement()) {
            statement.execute("PRAGMA busy_timeout = " + PATIENCE);
            checkWhole(connection);
            int version = version(connection);
            if (version > STEPS.size()) throw new LogbookTrouble(LogbookTrouble.Kind.NEWER, null);
            statement.execute("PRAGMA journal_mode = WAL");
            statement.execute("PRAGMA synchronous = NORMAL");
            statement.execute("PRAGMA foreign_keys = ON");
            // What is deleted is written over, so that nothing of a student who is forgotten stays between the rows.
            statement.execute("PRAGMA secure_delete = ON");
            connection.setAutoCommit(false);
            for (int step = version; step < STEPS.size(); step++) {
                for (String each : STEPS.get(step)) statement.execute(each);
                statement.execute("PRAGMA user_version = " + (step + 1));
                connection.commit();
            }
            connection.setAutoCommit(true);
        }
    }

    /** @throws SQLException that tells of a corrupt file if SQLite finds it so */
    static void checkWhole(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet checked = statement.executeQuery("PRAGMA quick_check")) {
            if (checked.next() && !checked.getString(1).equals("ok"))
                throw new SQLiteException(checked.getString(1), SQLiteErrorCode.SQLITE_CORRUPT);
        }
    }

    /** The version that it says; where it says none, though tables are there, that of its newest table. */
    private static int version(Connection connection) throws SQLException {
        try (var statement = connection.createStatement()) {
            try (ResultSet row = statement.executeQuery("PRAGMA user_version")) {
                if (row.next() && row.getInt(1) > 0) return row.getInt(1);
            }
            for (int version = STEPS.size(); version > 0; version--)
                if (has(connection, LAST_TABLES.get(version - 1))) return version;
            return 0;
        }
    }

    private static boolean has(Connection connection, String table) throws SQLException {
        try (var asked = connection.prepareStatement("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?")) {
            asked.setString(1, table);
            try (ResultSet row = asked.executeQuery()) {
                return row.next();
            }
        }
    }
}
