package tactus.core.outside;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** A table from outside this project; where it comes from stands in its first line, its licence beside it. */
public final class Table {

    private Table() {}

    /** The cells of every row but the comments. */
    public static List<String[]> rows(String name) {
        try (InputStream in = Table.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("# "))
                    .map(line -> line.split("\t", -1))
                    .toList();
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }
}
