package tactus.records.logbook;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;

/** A program that copies the logbook, forgets or restores again and again, until it is killed. */
final class KilledWhileCopying {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 6);
    private static final String NOTE = "x".repeat(3_000);

    private KilledWhileCopying() {}

    public static void main(String[] arguments) throws Exception {
        Path folder = Path.of(arguments[0]);
        LocalDateTime now = DAY.atTime(9, 0).plusHours(Integer.parseInt(arguments[1]));
        for (int i = 0; ; i++) {
            switch (arguments[2]) {
                case "copy" -> add(folder, now.plusSeconds(i), "S" + arguments[1] + " " + i);
                case "forget" -> {
                    add(folder, now.plusSeconds(3L * i), "Gone");
                    add(folder, now.plusSeconds(3L * i + 1), "Stays " + i);
                    try (Logbook book = Logbook.open(folder, now.plusSeconds(3L * i + 2))) {
                        book.forget("Gone", folder, now.plusSeconds(3L * i + 2));
                    }
                }
                default -> {
                    Files.write(folder.resolve(Logbook.NAME), new byte[0]);
                    Logbook.restore(folder, Logbook.copies(folder).getFirst(), now.plusSeconds(i));
                }
            }
            System.out.println(i);
            System.out.flush();
        }
    }

    private static void add(Path folder, LocalDateTime now, String name) throws Exception {
        try (Logbook book = Logbook.open(folder, now)) {
            var student = new Student(name, DAY, Optional.empty(), NOTE);
            book.add(new Records(List.of(student), List.of(), List.of(), List.of()));
        }
    }
}
