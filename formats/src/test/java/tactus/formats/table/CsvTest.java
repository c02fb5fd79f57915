package tactus.formats.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;

/** Which beginnings make a formula: OWASP, "CSV Injection". */
class CsvTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 5);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "=1+1 | '=1+1",
                "+49 170 | '+49 170",
                "-d du | '-d du",
                "@SUM(A1) | '@SUM(A1)",
                "\"\t=1\" | \"'\t=1\"",
                "＝1+1 | '＝1+1",
                "'=1 | ''=1",
                "''-x | '''-x",
                "-4.25 | -4.25",
                "12 | 12",
                "'tis | 'tis",
                "d-du | d-du",
                "- | '-"
            })
    void whatASpreadsheetWouldReckonIsShownAsTextAndComesBackTheSame(String cell, String written) {
        assertEquals(written, Csv.guarded(cell));
        assertEquals(cell, Csv.plain(written));
    }

    @Test
    void formulasInALogbookLeaveAndComeBackAsTheyWere() {
        var records = new Records(
                List.of(new Student("=cmd|' /C calc'!A0", DAY, Optional.of(95), "+1, \"-2\", '@3")),
                List.of(new Lesson(
                        "=cmd|' /C calc'!A0", DAY, new SongKey("-Song", "@v"), "+s", 60, "=HYPERLINK(\"x\")")),
                List.of(new TakeEntry(
                        "=cmd|' /C calc'!A0",
                        DAY.atStartOfDay(),
                        new SongKey("-Song", ""),
                        "1-4",
                        60,
                        80,
                        -4.25,
                        3,
                        -1)),
                List.of());
        for (LogTable table : List.of(LogTable.STUDENTS, LogTable.LESSONS, LogTable.TAKES)) {
            String csv = table.of(records);
            for (String cell : csv.split("[,\n]")) assertFalse(cell.matches("\"?[=+@].*"), cell);
            Records back = LogTable.read(new StringReader(csv), DAY);
            assertEquals(csv, table.of(back));
        }
        assertEquals(
                records.students(),
                LogTable.read(new StringReader(LogTable.STUDENTS.of(records)), DAY)
                        .students());
    }
}
