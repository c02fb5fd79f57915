package tactus.records.logbook;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import tactus.core.logbook.Records;
import tactus.core.logbook.Student;

/** A program that adds students and opens the logbook again, so that it is copied, until it is killed. */
final class KilledWhileCopying {

    private KilledWhileCopying() {}

    public static void main(String[] arguments) throws Exception {
        Path folder = Path.of(arguments[0]);
        LocalDateTime now = LocalDate.of(2026, 11, 6).atTime(9, 0).plusHours(Integer.parseInt(arguments[1]));
        String note = "x".repeat(3_000);
        for (int i = 0; ; i++) {
            try (Logbook book = Logbook.open(folder, now.plusSeconds(i))) {
                var student =
                        new Student("S" + arguments[1] + " " + i, LocalDate.of(2026, 11, 6), Optional.empty(), note);
                book.add(new Records(List.of(student), List.of(), List.of(), List.of()));
            }
            System.out.println(i);
            System.out.flush();
        }
    }
}
