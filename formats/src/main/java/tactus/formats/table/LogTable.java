package tactus.formats.table;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Columns;
import tactus.core.taught.logbook.Entry;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.TakeEntry;

/** The tables of the logbook as CSV (RFC 4180), each known by its first line. */
public enum LogTable {
    STUDENTS(Columns.STUDENTS, "name", "since", "hand span in mm", "note"),
    LESSONS(Columns.LESSONS, "student", "day", "song", "version", "section", "tempo", "homework"),
    TAKES(
            Columns.TAKES,
            "student",
            "time",
            "song",
            "version",
            "bars",
            "tempo",
            "score",
            "mean ms",
            "spread ms",
            "drift percent"),
    CHANGES(Columns.CHANGES, "student", "day", "from", "to", "changes a minute");

    private static final int MOST_ROWS = 1_000_000;

    private final Columns<?> columns;
    private final List<String> heads;

    LogTable(Columns<?> columns, String... heads) {
        this.columns = columns;
        this.heads = List.of(heads);
    }

    /** What it is called in commands. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The table of {@code records} with its first line. */
    public String of(Records records) {
        var text = new StringWriter();
        try {
            Csv table = Csv.to(text);
            table.row(heads);
            rows(columns, records).forEach(table::row);
            table.flush();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private <E extends Entry> List<List<String>> rows(Columns<E> kind, Records records) {
        return kind.in(records).stream()
                .map(each -> kind.values(each).stream().map(this::text).toList())
                .toList();
    }

    private String text(Object value) {
        return switch (value) {
            case Double number -> String.format(Locale.ROOT, "%.2f", number);
            case Optional<?> maybe -> maybe.map(String::valueOf).orElse("");
            case Integer number when number == 0 && isUnsaidZero() -> "";
            default -> value.toString();
        };
    }

    /** A lesson that says no tempo has an empty field for it. */
    private boolean isUnsaidZero() {
        return this == LESSONS;
    }

    /**
     * Reads any of the tables; what it is is said by its first line.
     *
     * @param today takes and counts of later days are refused
     * @throws Refusal if it is none of them or a line cannot be read, with its number
     */
    public static Records read(Reader text, LocalDate today) {
        long line = 1;
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            LogTable table = null;
            var read = new Read(today);
            for (CsvRecord row : reader) {
                line = row.getStartingLineNumber() + 1;
                if (table == null) table = table(row.getFields());
                else if (row.getFieldCount() > 1 || !row.getField(0).isBlank()) read.take(table, row);
            }
            if (table == null) throw new Refusal("log.table", "");
            return Records.of(read.entries);
        } catch (CsvParseException broken) {
            throw new Refusal("log.broken", line);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static LogTable table(List<String> head) {
        // Other programs put a mark of the byte order in front.
        List<String> names = head.stream()
                .map(name -> name.replace("\uFEFF", "").strip().toLowerCase(Locale.ROOT))
                .toList();
        return Arrays.stream(values())
                .filter(each -> each.heads.equals(names))
                .findFirst()
                .orElseThrow(() -> new Refusal("log.table", String.join(",", names)));
    }

    /** What was read so far. */
    private static final class Read {

        private final LocalDate today;
        private final List<Entry> entries = new ArrayList<>();

        Read(LocalDate today) {
            this.today = today;
        }

        void take(LogTable table, CsvRecord line) {
            long number = line.getStartingLineNumber();
            if (line.getFieldCount() != table.heads.size())
                throw new Refusal("log.fields", number, table.heads.size(), line.getFieldCount());
            if (number > MOST_ROWS) throw new Refusal("log.rows", MOST_ROWS);
            try {
                entries.add(
                        entry(table, line.getFields().stream().map(Csv::plain).toList()));
            } catch (DateTimeException | NumberFormatException unread) {
                throw new Refusal("log.line", number, String.join(", ", line.getFields()));
            }
        }

        private Entry entry(LogTable table, List<String> fields) {
            List<Class<?>> types = table.columns.types();
            var values = new Object[types.size()];
            for (int i = 0; i < values.length; i++) values[i] = value(table, fields.get(i), types.get(i));
            Entry entry = table.columns.entry(values);
            boolean isOfToday = entry instanceof TakeEntry || entry instanceof ChangeEntry;
            if (isOfToday && entry.day().isAfter(today))
                throw new Refusal("log.future", entry.day().toString());
            return entry;
        }

        private static Object value(LogTable table, String field, Class<?> type) {
            if (type == LocalDate.class) return LocalDate.parse(field.strip());
            if (type == LocalDateTime.class) return LocalDateTime.parse(field.strip());
            if (type == double.class) return finite(field);
            if (type == int.class) return field.isBlank() && table.isUnsaidZero() ? 0 : whole(field);
            if (type == Optional.class) return field.isBlank() ? Optional.empty() : Optional.of(whole(field));
            return table == CHANGES ? field.strip() : field;
        }

        private static int whole(String text) {
            return Integer.parseInt(text.strip());
        }

        private static double finite(String text) {
            double value = Double.parseDouble(text.strip());
            if (!Double.isFinite(value)) throw new NumberFormatException(text);
            return value;
        }
    }
}
