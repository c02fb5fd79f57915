package tactus.records.logbook;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;

/**
 * All that a database holds, told by its SHA-256: two logbooks with the same contents are the same, whatever the clock says of their
 * files.
 */
record Contents(String hex) {

    static Contents of(Connection connection) throws SQLException {
        MessageDigest digest = digest();
        for (String table : tables(connection)) {
            digest.update(table.getBytes(StandardCharsets.UTF_8));
            // A copy has its rows in the same order.
            try (var statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("SELECT * FROM " + table + " ORDER BY rowid")) {
                int columns = row.getMetaData().getColumnCount();
                while (row.next()) for (int column = 1; column <= columns; column++) add(digest, row.getString(column));
            }
        }
        return new Contents(HexFormat.of().formatHex(digest.digest()));
    }

    private static void add(MessageDigest digest, String value) {
        digest.update((byte) (value == null ? 0 : 1));
        if (value != null) digest.update(value.getBytes(StandardCharsets.UTF_8));
        digest.update((byte) 2);
    }

    /** Whether nobody stands in it. */
    static boolean isEmpty(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT 1 FROM student LIMIT 1")) {
            return !row.next();
        }
    }

    private static List<String> tables(Connection connection) throws SQLException {
        var tables = new ArrayList<String>();
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT name FROM sqlite_master WHERE type = 'table'"
                        + " AND name NOT LIKE 'sqlite_%' ORDER BY name")) {
            while (row.next()) tables.add(row.getString(1));
        }
        return tables;
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new AssertionError("every Java has SHA-256", never);
        }
    }
}
