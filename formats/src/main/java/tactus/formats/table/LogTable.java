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
import java.util.function.Function;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;

/** The tables of the logbook as CSV (RFC 4180), each known by its first line. */
public enum LogTable {
    STUDENTS(
            List.of("name", "since", "hand span in mm", "note"),
            records -> records.students().stream()
                    .map(each -> List.of(
                            each.name(),
                            each.since().toString(),
                            each.span().map(String::valueOf).orElse(""),
                            each.note()))
                    .toList()),
    LESSONS(
            List.of("student", "day", "song", "version", "section", "tempo", "homework"),
            records -> records.lessons().stream()
                    .map(each -> List.of(
                            each.student(),
                            each.day().toString(),
                            each.song(),
                            each.version(),
                            each.section(),
                            each.tempo() == 0 ? "" : String.valueOf(each.tempo()),
                            each.homework()))
                    .toList()),
    TAKES(
            List.of(
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
            records -> records.takes().stream()
                    .map(each -> List.of(
                            each.student(),
                            each.at().toString(),
                            each.song(),
                            each.version(),
                            each.bars(),
                            String.valueOf(each.tempo()),
                            String.valueOf(each.score()),
                            number(each.meanMs()),
                            number(each.spreadMs()),
                            number(each.driftPercent())))
                    .toList()),
    CHANGES(
            List.of("student", "day", "from", "to", "changes a minute"),
            records -> records.changes().stream()
                    .map(each -> List.of(
                            each.student(),
                            each.day().toString(),
                            each.from(),
                            each.to(),
                            String.valueOf(each.perMinute())))
                    .toList());

    private static final int MOST_ROWS = 1_000_000;

    private final List<String> columns;
    private final Function<Records, List<List<String>>> rows;

    LogTable(List<String> columns, Function<Records, List<List<String>>> rows) {
        this.columns = columns;
        this.rows = rows;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    /** The table called {@code name}: {@code students}, {@code lessons}, {@code takes} or {@code changes}. */
    public static Optional<LogTable> named(String name) {
        return Arrays.stream(values())
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst();
    }

    /** The table of {@code records} with its first line. */
    public String of(Records records) {
        var text = new StringWriter();
        try {
            Csv table = Csv.to(text);
            table.row(columns);
            rows.apply(records).forEach(table::row);
            table.flush();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
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
            return read.records();
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
                .filter(each -> each.columns.equals(names))
                .findFirst()
                .orElseThrow(() -> new Refusal("log.table", String.join(",", names)));
    }

    /** What was read so far. */
    private static final class Read {

        private final LocalDate today;
        private final List<Student> students = new ArrayList<>();
        private final List<Lesson> lessons = new ArrayList<>();
        private final List<TakeEntry> takes = new ArrayList<>();
        private final List<ChangeEntry> changes = new ArrayList<>();

        Read(LocalDate today) {
            this.today = today;
        }

        Records records() {
            return new Records(students, lessons, takes, changes);
        }

        void take(LogTable table, CsvRecord line) {
            long number = line.getStartingLineNumber();
            if (line.getFieldCount() != table.columns.size())
                throw new Refusal("log.fields", number, table.columns.size(), line.getFieldCount());
            if (number > MOST_ROWS) throw new Refusal("log.rows", MOST_ROWS);
            try {
                take(table, line.getFields().stream().map(Csv::plain).toList());
            } catch (DateTimeException | NumberFormatException unread) {
                throw new Refusal("log.line", number, String.join(", ", line.getFields()));
            }
        }

        private void take(LogTable table, List<String> at) {
            switch (table) {
                case STUDENTS ->
                    students.add(new Student(
                            at.get(0),
                            LocalDate.parse(at.get(1).strip()),
                            at.get(2).isBlank() ? Optional.empty() : Optional.of(whole(at.get(2))),
                            at.get(3)));
                case LESSONS ->
                    lessons.add(new Lesson(
                            at.get(0),
                            LocalDate.parse(at.get(1).strip()),
                            at.get(2),
                            at.get(3),
                            at.get(4),
                            at.get(5).isBlank() ? 0 : whole(at.get(5)),
                            at.get(6)));
                case TAKES -> {
                    LocalDateTime time = LocalDateTime.parse(at.get(1).strip());
                    past(time.toLocalDate());
                    takes.add(new TakeEntry(
                            at.get(0),
                            time,
                            at.get(2),
                            at.get(3),
                            at.get(4),
                            whole(at.get(5)),
                            whole(at.get(6)),
                            finite(at.get(7)),
                            finite(at.get(8)),
                            finite(at.get(9))));
                }
                case CHANGES -> {
                    LocalDate day = LocalDate.parse(at.get(1).strip());
                    past(day);
                    changes.add(new ChangeEntry(
                            at.get(0), day, at.get(2).strip(), at.get(3).strip(), whole(at.get(4))));
                }
            }
        }

        private void past(LocalDate day) {
            if (day.isAfter(today)) throw new Refusal("log.future", day.toString());
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
