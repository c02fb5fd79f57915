package tactus.records.logbook;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;

/** What the logbook keeps as rows of its tables, one to one. */
final class Rows {

    private static final Logger LOG = LoggerFactory.getLogger(Rows.class);

    private final Connection connection;

    Rows(Connection connection) {
        this.connection = connection;
    }

    /** Reads one row. */
    interface Reading<T> {
        T read(ResultSet row) throws SQLException;
    }

    /** All of it. */
    Records all() throws SQLException {
        return new Records(
                read("SELECT * FROM student ORDER BY name", Rows::student),
                read("SELECT * FROM lesson ORDER BY day, rowid", Rows::lesson),
                read("SELECT * FROM take ORDER BY at, rowid", Rows::take),
                read("SELECT * FROM change ORDER BY day, rowid", Rows::change));
    }

    /** The rows that answer {@code question}. */
    <T> List<T> read(String question, Reading<T> reading, Object... values) throws SQLException {
        var all = new ArrayList<T>();
        try (PreparedStatement statement = prepared(question, values);
                ResultSet row = statement.executeQuery()) {
            while (row.next()) read(row, reading).ifPresent(all::add);
        }
        return all;
    }

    /** A row that another program has written as no row of ours is left where it is. */
    private static <T> Optional<T> read(ResultSet row, Reading<T> reading) throws SQLException {
        try {
            return Optional.of(reading.read(row));
        } catch (DateTimeException | Refusal | NullPointerException unread) {
            LOG.warn("a row of the logbook cannot be read and is left out", unread);
            return Optional.empty();
        }
    }

    private static Student student(ResultSet row) throws SQLException {
        int span = row.getInt("span");
        Optional<Integer> known = row.wasNull() ? Optional.empty() : Optional.of(span);
        return new Student(
                row.getString("name"), LocalDate.parse(row.getString("since")), known, row.getString("note"));
    }

    private static Lesson lesson(ResultSet row) throws SQLException {
        return new Lesson(
                row.getString("student"),
                LocalDate.parse(row.getString("day")),
                row.getString("song"),
                row.getString("version"),
                row.getString("section"),
                row.getInt("tempo"),
                row.getString("homework"));
    }

    private static TakeEntry take(ResultSet row) throws SQLException {
        return new TakeEntry(
                row.getString("student"),
                LocalDateTime.parse(row.getString("at")),
                row.getString("song"),
                row.getString("version"),
                row.getString("bars"),
                row.getInt("tempo"),
                row.getInt("score"),
                row.getDouble("mean_ms"),
                row.getDouble("spread_ms"),
                row.getDouble("drift_percent"));
    }

    private static ChangeEntry change(ResultSet row) throws SQLException {
        return new ChangeEntry(
                row.getString("student"),
                LocalDate.parse(row.getString("day")),
                row.getString("from_chord"),
                row.getString("to_chord"),
                row.getInt("per_minute"));
    }

    /**
     * Puts {@code records} there as {@link Logbook#add} has it.
     *
     * @return how many rows are new or other
     */
    int add(Records records) throws SQLException {
        Records spelled = records.spelledAs(read("SELECT * FROM student ORDER BY name", Rows::student));
        return addSpelled(spelled);
    }

    private int addSpelled(Records records) throws SQLException {
        int count = 0;
        for (Student each : records.students())
            count += put(
                    "INSERT INTO student VALUES (?,?,?,?) ON CONFLICT (name) DO UPDATE SET since = excluded.since,"
                            + " span = excluded.span, note = excluded.note",
                    each.name(),
                    each.since(),
                    each.span().orElse(null),
                    each.note());
        for (Lesson each : records.lessons()) {
            know(each.student(), each.day());
            count += put(
                    "INSERT OR IGNORE INTO lesson VALUES (?,?,?,?,?,?,?)",
                    each.student(),
                    each.day(),
                    each.song(),
                    each.version(),
                    each.section(),
                    each.tempo(),
                    each.homework());
        }
        for (TakeEntry each : records.takes()) {
            know(each.student(), each.at().toLocalDate());
            count += put(
                    "INSERT OR IGNORE INTO take VALUES (?,?,?,?,?,?,?,?,?,?)",
                    each.student(),
                    each.at(),
                    each.song(),
                    each.version(),
                    each.bars(),
                    each.tempo(),
                    each.score(),
                    each.meanMs(),
                    each.spreadMs(),
                    each.driftPercent());
        }
        for (ChangeEntry each : records.changes()) {
            know(each.student(), each.day());
            count += put(
                    "INSERT OR IGNORE INTO change VALUES (?,?,?,?,?)",
                    each.student(),
                    each.day(),
                    each.from(),
                    each.to(),
                    each.perMinute());
        }
        return count;
    }

    private void know(String student, LocalDate since) throws SQLException {
        put("INSERT OR IGNORE INTO student VALUES (?,?,NULL,'')", student, since);
    }

    /** Changes rows; dates go in as text. Returns how many were changed. */
    int put(String change, Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(change, values)) {
            return statement.executeUpdate();
        }
    }

    private PreparedStatement prepared(String text, Object... values) throws SQLException {
        PreparedStatement statement = connection.prepareStatement(text);
        for (int i = 0; i < values.length; i++) {
            boolean isText = values[i] instanceof LocalDate || values[i] instanceof LocalDateTime;
            statement.setObject(i + 1, isText ? values[i].toString() : values[i]);
        }
        return statement;
    }
}
