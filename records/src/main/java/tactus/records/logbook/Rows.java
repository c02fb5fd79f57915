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
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.Columns;
import tactus.core.taught.logbook.Entry;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;

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
                students(),
                read("SELECT * FROM lesson ORDER BY day, rowid", of(Columns.LESSONS)),
                read("SELECT * FROM take ORDER BY at, rowid", of(Columns.TAKES)),
                read("SELECT * FROM change ORDER BY day, rowid", of(Columns.CHANGES)));
    }

    private List<Student> students() throws SQLException {
        return read("SELECT * FROM student ORDER BY name", of(Columns.STUDENTS));
    }

    /** A row has the values of an entry in their order. */
    private static <E extends Entry> Reading<E> of(Columns<E> columns) {
        return row -> {
            var values = new ArrayList<Object>();
            for (Class<?> type : columns.types()) values.add(value(row, values.size() + 1, type));
            return columns.entry(values.toArray());
        };
    }

    private static Object value(ResultSet row, int column, Class<?> type) throws SQLException {
        if (type == int.class) return row.getInt(column);
        if (type == double.class) return row.getDouble(column);
        if (type == LocalDate.class) return LocalDate.parse(row.getString(column));
        if (type == LocalDateTime.class) return LocalDateTime.parse(row.getString(column));
        if (type == Optional.class) {
            int number = row.getInt(column);
            return row.wasNull() ? Optional.empty() : Optional.of(number);
        }
        return row.getString(column);
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

    /**
     * Puts {@code records} there as {@link Logbook#add} has it.
     *
     * @return how many rows are new or other
     */
    int add(Records records) throws SQLException {
        Records spelled = records.spelledAs(students());
        int count = 0;
        for (Student each : spelled.students()) {
            count += put(
                    insert("student", Columns.STUDENTS) + " ON CONFLICT (name) DO UPDATE SET since = excluded.since,"
                            + " span = excluded.span, note = excluded.note",
                    Columns.STUDENTS.values(each).toArray());
        }
        return count
                + add("lesson", Columns.LESSONS, spelled.lessons())
                + add("take", Columns.TAKES, spelled.takes())
                + add("change", Columns.CHANGES, spelled.changes());
    }

    private <E extends Entry> int add(String table, Columns<E> columns, List<E> entries) throws SQLException {
        int count = 0;
        for (E each : entries) {
            know(each.student(), each.day());
            count += put(
                    insert(table, columns) + " ON CONFLICT DO NOTHING",
                    columns.values(each).toArray());
        }
        return count;
    }

    private static String insert(String table, Columns<?> columns) {
        String holes = columns.types().stream().map(_ -> "?").collect(Collectors.joining(","));
        return "INSERT INTO " + table + " VALUES (" + holes + ")";
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
            Object value = values[i] instanceof Optional<?> maybe ? maybe.orElse(null) : values[i];
            boolean isText = value instanceof LocalDate || value instanceof LocalDateTime;
            statement.setObject(i + 1, isText ? value.toString() : value);
        }
        return statement;
    }
}
