package tactus.records.logbook;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A copy of the logbook that was looked at and is whole.
 *
 * @param file where it lies
 * @param made when, as its name says
 * @param students how many stand in it
 * @param lessons how many things were given
 * @param takes how many rounds were kept
 */
public record LogbookCopy(Path file, LocalDateTime made, int students, int lessons, int takes) {

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS");
    private static final Pattern NAME = Pattern.compile("logbook-(\\d{8}-\\d{6}-\\d{3})\\.sqlite");

    public LogbookCopy {
        Objects.requireNonNull(file);
        Objects.requireNonNull(made);
    }

    static String name(LocalDateTime made) {
        return "logbook-" + STAMP.format(made) + ".sqlite";
    }

    static String stamp(LocalDateTime now) {
        return STAMP.format(now);
    }

    /** When the copy {@code file} was made; empty if it is none. */
    static Optional<LocalDateTime> made(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        if (!name.matches()) return Optional.empty();
        try {
            return Optional.of(LocalDateTime.parse(name.group(1), STAMP));
        } catch (DateTimeParseException otherwise) {
            return Optional.empty();
        }
    }

    /** Looks at a copy; empty if it is torn, damaged or none, which is never told from its name or its size alone. */
    static Optional<LogbookCopy> look(Path file) {
        return look(file, made(file).orElse(LocalDateTime.MIN));
    }

    static Optional<LogbookCopy> look(Path file, LocalDateTime made) {
        // SQLite takes an empty file for an empty database.
        if (file.toFile().length() == 0 || !Files.isReadable(file)) return Optional.empty();
        try (Connection copy = DriverManager.getConnection("jdbc:sqlite:" + file.toUri() + "?immutable=1")) {
            LogbookTables.checkWhole(copy);
            return Optional.of(
                    new LogbookCopy(file, made, count(copy, "student"), count(copy, "lesson"), count(copy, "take")));
        } catch (SQLException torn) {
            return Optional.empty();
        }
    }

    /** @param table one of ours, never typed */
    private static int count(Connection copy, String table) throws SQLException {
        try (var statement = copy.createStatement();
                ResultSet row = statement.executeQuery("SELECT count(*) FROM " + table)) {
            return row.next() ? row.getInt(1) : 0;
        }
    }
}
