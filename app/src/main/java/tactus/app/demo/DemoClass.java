package tactus.app.demo;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Locale;
import java.util.Objects;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;
import tactus.formats.table.LogTable;

/** Six made-up students with eight weeks behind them. */
public final class DemoClass {

    private DemoClass() {}

    /** All of it, moved by whole weeks so that the last of it lies in the week before {@code today}. */
    public static Records records(LocalDate today) {
        Records records = new Records(
                read(LogTable.STUDENTS).students(),
                read(LogTable.LESSONS).lessons(),
                read(LogTable.TAKES).takes(),
                read(LogTable.CHANGES).changes());
        LocalDate last = records.takes().stream()
                .map(take -> take.at().toLocalDate())
                .max(Comparator.naturalOrder())
                .orElse(today);
        long weeks = Math.floorDiv(ChronoUnit.DAYS.between(last, today), 7);
        return new Records(
                records.students().stream()
                        .map(each -> new Student(each.name(), each.since().plusWeeks(weeks), each.span(), each.note()))
                        .toList(),
                records.lessons().stream()
                        .map(each -> new Lesson(
                                each.student(),
                                each.day().plusWeeks(weeks),
                                each.song(),
                                each.section(),
                                each.tempo(),
                                each.homework()))
                        .toList(),
                records.takes().stream()
                        .map(each -> new TakeEntry(
                                each.student(),
                                each.at().plusWeeks(weeks),
                                each.song(),
                                each.bars(),
                                each.tempo(),
                                each.score(),
                                each.meanMs(),
                                each.spreadMs(),
                                each.driftPercent()))
                        .toList(),
                records.changes().stream()
                        .map(each -> new ChangeEntry(
                                each.student(), each.day().plusWeeks(weeks), each.from(), each.to(), each.perMinute()))
                        .toList());
    }

    private static Records read(LogTable table) {
        String name = "class/" + table.name().toLowerCase(Locale.ROOT) + ".csv";
        try (Reader in = new InputStreamReader(
                Objects.requireNonNull(DemoClass.class.getResourceAsStream(name)), StandardCharsets.UTF_8)) {
            return LogTable.read(in, LocalDate.MAX);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
