package tactus.records.shelf;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.formats.song.FactsFile;

/** The table of the index: a row for each song file, with when and how large it was when it was read. */
final class ShelfTable implements AutoCloseable {

    /** Another number makes the index anew. */
    private static final int VERSION = 3;

    private static final String BETWEEN = "\n";

    /**
     * What a file was like when it was read.
     *
     * @param modified in milliseconds
     */
    record Stamp(long modified, long size) {}

    private final Connection connection;

    /** @throws SQLException if the file is no database */
    ShelfTable(Path file) throws SQLException {
        connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        try (var statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode = WAL");
            statement.execute("PRAGMA synchronous = NORMAL");
            statement.execute("PRAGMA busy_timeout = 5000");
            try (ResultSet version = statement.executeQuery("PRAGMA user_version")) {
                if (version.next() && version.getInt(1) != VERSION) statement.execute("DROP TABLE IF EXISTS song");
            }
            statement.execute("""
                    CREATE TABLE IF NOT EXISTS song (
                        place TEXT PRIMARY KEY, modified INTEGER NOT NULL, size INTEGER NOT NULL, title TEXT NOT NULL,
                        facts TEXT NOT NULL, chords TEXT NOT NULL, degrees TEXT NOT NULL,
                        barre INTEGER NOT NULL, rhythms TEXT NOT NULL, words TEXT NOT NULL,
                        snags INTEGER NOT NULL, demands TEXT NOT NULL)
                    """);
            statement.execute("PRAGMA user_version = " + VERSION);
        } catch (SQLException broken) {
            connection.close();
            throw broken;
        }
    }

    Map<String, Stamp> stamps() throws SQLException {
        Map<String, Stamp> stamps = new HashMap<>();
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT place, modified, size FROM song")) {
            while (row.next()) stamps.put(row.getString(1), new Stamp(row.getLong(2), row.getLong(3)));
        }
        return stamps;
    }

    /** In the order of their titles. */
    List<ShelvedSong> songs() throws SQLException {
        var songs = new ArrayList<ShelvedSong>();
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT * FROM song ORDER BY title COLLATE NOCASE, place")) {
            while (row.next()) songs.add(song(row));
        }
        return songs;
    }

    private static ShelvedSong song(ResultSet row) throws SQLException {
        return new ShelvedSong(
                row.getString("place"),
                FactsFile.read(row.getString("facts")),
                list(row.getString("chords")),
                row.getString("degrees"),
                row.getBoolean("barre"),
                list(row.getString("rhythms")),
                row.getString("words"),
                row.getInt("snags"),
                DemandText.read(row.getString("demands")));
    }

    private static List<String> list(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(BETWEEN));
    }

    /** Puts songs there, all or none. */
    void put(Map<ShelvedSong, Stamp> songs) throws SQLException {
        connection.setAutoCommit(false);
        try (PreparedStatement put =
                connection.prepareStatement("INSERT OR REPLACE INTO song VALUES (?,?,?,?,?,?,?,?,?,?,?,?)")) {
            for (Map.Entry<ShelvedSong, Stamp> entry : songs.entrySet()) put(put, entry.getKey(), entry.getValue());
            put.executeBatch();
            connection.commit();
        } catch (SQLException failed) {
            connection.rollback();
            throw failed;
        } finally {
            connection.setAutoCommit(true);
        }
    }

    private static void put(PreparedStatement put, ShelvedSong song, Stamp stamp) throws SQLException {
        Object[] values = {
            song.place(),
            stamp.modified(),
            stamp.size(),
            song.title(),
            FactsFile.write(song.facts()),
            String.join(BETWEEN, song.chords()),
            song.degrees(),
            song.hasBarre(),
            String.join(BETWEEN, song.rhythms()),
            song.words(),
            song.snags(),
            DemandText.of(song.demands())
        };
        for (int i = 0; i < values.length; i++) put.setObject(i + 1, values[i]);
        put.addBatch();
    }

    void remove(List<String> places) throws SQLException {
        connection.setAutoCommit(false);
        try (PreparedStatement remove = connection.prepareStatement("DELETE FROM song WHERE place = ?")) {
            for (String place : places) {
                remove.setString(1, place);
                remove.addBatch();
            }
            remove.executeBatch();
            connection.commit();
        } finally {
            connection.setAutoCommit(true);
        }
    }

    @Override
    public void close() throws SQLException {
        connection.close();
    }
}
