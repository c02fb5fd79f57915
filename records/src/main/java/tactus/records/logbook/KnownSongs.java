package tactus.records.logbook;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Optional;
import java.util.function.Predicate;
import tactus.core.written.song.SongId;

/**
 * Under which titles the logbook knows songs, and where they were last. What is written down of a song stands under its title;
 * where the song is called otherwise now, all of it follows.
 */
final class KnownSongs {

    /** What a song was called, and where it was. */
    private record Known(String title, Path place) {}

    private final Connection connection;

    KnownSongs(Connection connection) {
        this.connection = connection;
    }

    Logbook.Meeting meet(SongId id, String title, Path place, Predicate<Path> isStillThere) throws SQLException {
        Optional<Known> before = known(id);
        boolean isCopy = before.filter(known -> !known.place().equals(place) && isStillThere.test(known.place()))
                .isPresent();
        if (isCopy)
            return new Logbook.Meeting.Copy(before.get().title(), before.get().place());
        put(id, title, place);
        if (before.isEmpty() || before.get().title().equals(title)) return new Logbook.Meeting.Known();
        String old = before.get().title();
        // Another song of the same title may have written some of it.
        if (isCalled(old)) return new Logbook.Meeting.Known();
        rename("lesson", old, title);
        rename("take", old, title);
        rename("plan", old, title);
        return new Logbook.Meeting.Renamed(old);
    }

    private Optional<Known> known(SongId id) throws SQLException {
        try (PreparedStatement asked = connection.prepareStatement("SELECT title, place FROM song WHERE id = ?")) {
            asked.setString(1, id.value());
            try (ResultSet row = asked.executeQuery()) {
                return row.next()
                        ? Optional.of(new Known(row.getString("title"), Path.of(row.getString("place"))))
                        : Optional.empty();
            }
        }
    }

    private boolean isCalled(String title) throws SQLException {
        try (PreparedStatement asked = connection.prepareStatement("SELECT 1 FROM song WHERE title = ?")) {
            asked.setString(1, title);
            try (ResultSet row = asked.executeQuery()) {
                return row.next();
            }
        }
    }

    private void put(SongId id, String title, Path place) throws SQLException {
        try (PreparedStatement put =
                connection.prepareStatement("INSERT OR REPLACE INTO song (id, title, place) VALUES (?, ?, ?)")) {
            put.setString(1, id.value());
            put.setString(2, title);
            put.setString(3, place.toString());
            put.executeUpdate();
        }
    }

    /** @param table one of ours, never typed */
    private void rename(String table, String from, String to) throws SQLException {
        try (PreparedStatement renamed =
                connection.prepareStatement("UPDATE OR REPLACE " + table + " SET song = ? WHERE song = ?")) {
            renamed.setString(1, to);
            renamed.setString(2, from);
            renamed.executeUpdate();
        }
    }
}
