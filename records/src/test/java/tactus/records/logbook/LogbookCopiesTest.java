package tactus.records.logbook;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;

/** Copies that are whole, logbooks that are only out of reach, and what is left of a student who is forgotten. */
class LogbookCopiesTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 5);
    private static final LocalDateTime NOW = DAY.atTime(17, 30);

    @TempDir
    private Path folder;

    private static Records students(String... names) {
        return new Records(
                Stream.of(names)
                        .map(name -> new Student(name, DAY, Optional.empty(), ""))
                        .toList(),
                List.of(),
                List.of(),
                List.of());
    }

    private Path copies() {
        return folder.resolve("logbook-copies");
    }

    private Path logbook() {
        return folder.resolve("logbook.sqlite");
    }

    private Logbook open(int minutes) throws IOException {
        return Logbook.open(folder, NOW.plusMinutes(minutes));
    }

    /** Adds a student and opens again, so that there is a copy with them. */
    private void add(String name, int minutes) throws IOException {
        try (Logbook book = open(minutes)) {
            book.add(students(name));
        }
        open(minutes + 1).close();
    }

    private List<Integer> peopled() throws IOException {
        return Logbook.copies(folder).stream().map(LogbookCopy::students).toList();
    }

    @Test
    void aTornCopyIsNoCopyHoweverNewItIsAndTheOneBeforeIsRestoredAtTheFirstTry() throws Exception {
        add("Mirel", 0);
        add("Pavo", 10);
        List<LogbookCopy> whole = Logbook.copies(folder);
        byte[] last = Files.readAllBytes(whole.getFirst().file());
        Files.write(copies().resolve("logbook-20261105-180000-000.sqlite"), new byte[0]);
        Files.write(copies().resolve("logbook-20261105-180100-000.sqlite"), Arrays.copyOf(last, last.length / 2));
        byte[] scratched = last.clone();
        Arrays.fill(scratched, 4_096, 8_192, (byte) 0x55);
        Files.write(copies().resolve("logbook-20261105-180200-000.sqlite"), scratched);
        assertEquals(whole, Logbook.copies(folder));
        Files.writeString(logbook(), "no database at all ".repeat(400));
        Logbook.restore(folder, Logbook.copies(folder).getFirst(), NOW.plusHours(2));
        try (Logbook book = open(130)) {
            assertEquals(2, book.records().students().size());
        }
    }

    /** What a copying that was killed leaves is never called a copy, and goes in time. */
    @Test
    void whatAKilledCopyingLeftIsNoCopyAndIsClearedAway() throws Exception {
        add("Mirel", 0);
        Path left = copies().resolve("logbook-20261105-170000-000.sqlite.part");
        Files.write(left, new byte[9_000]);
        assertEquals(List.of(1), peopled());
        Files.setLastModifiedTime(left, FileTime.from(Instant.now().minusSeconds(7_200)));
        add("Pavo", 10);
        assertFalse(Files.exists(left));
        assertEquals(List.of(2, 1), peopled());
    }

    @Test
    void aClockSetBackDeletesNoNewCopyAndHidesNone() throws Exception {
        for (int i = 0; i < 9; i++) add("S" + i, 100 + 10 * i);
        assertEquals(List.of(9, 8, 7, 6, 5, 4, 3), peopled());
        add("after the clock was set back", 0);
        assertEquals(List.of(10, 9, 8, 7, 6, 5, 4), peopled());
    }

    @Test
    void aCopyIsTheSameByWhatItHoldsNotByTheTimesOfFiles() throws Exception {
        add("Mirel", 0);
        Files.setLastModifiedTime(logbook(), FileTime.from(Instant.now().minusSeconds(86_400)));
        try (Logbook book = open(10)) {
            book.dropPlan(Optional.empty(), new SongKey("none", ""));
            book.add(students("Pavo"));
        }
        Files.setLastModifiedTime(logbook(), FileTime.from(Instant.now().minusSeconds(86_400)));
        open(20).close();
        Files.setLastModifiedTime(logbook(), FileTime.from(Instant.now().plusSeconds(86_400)));
        open(30).close();
        assertEquals(List.of(2, 1), peopled());
    }

    @Test
    void aLogbookThatMayNotBeReadIsSaidSoAndNothingIsMoved() throws Exception {
        add("Mirel", 0);
        byte[] before = Files.readAllBytes(logbook());
        Path elsewhere = folder.resolve("kept.sqlite");
        Files.move(logbook(), elsewhere);
        // A folder in its place can be opened by nobody, whatever rights the tests run with.
        Files.createDirectory(logbook());
        assertEquals(
                LogbookTrouble.Kind.DISK,
                assertThrows(LogbookTrouble.class, () -> open(5)).kind());
        assertTrue(Files.isDirectory(logbook()));
        Files.delete(logbook());
        Files.move(elsewhere, logbook());
        assertArrayEquals(before, Files.readAllBytes(logbook()));
        try (Logbook book = open(6)) {
            assertEquals(1, book.records().students().size());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "SQLITE_FULL, FULL",
        "SQLITE_CANTOPEN, FORBIDDEN",
        "SQLITE_CANTOPEN_ISDIR, FORBIDDEN",
        "SQLITE_READONLY_DIRECTORY, FORBIDDEN",
        "SQLITE_PERM, FORBIDDEN",
        "SQLITE_BUSY_SNAPSHOT, BUSY",
        "SQLITE_LOCKED_SHAREDCACHE, BUSY",
        "SQLITE_IOERR_WRITE, DISK",
        "SQLITE_NOMEM, OTHER"
    })
    void onlyWhatSqliteCallsCorruptIsDamaged(SQLiteErrorCode code, LogbookTrouble.Kind kind) {
        var wrong = new SQLiteException("[SQLITE_…]", code);
        assertFalse(LogbookTrouble.isCorrupt(wrong));
        assertEquals(kind, LogbookTrouble.of(wrong).kind());
        assertFalse(LogbookTrouble.of(wrong).getMessage().contains("SQLITE"));
        assertTrue(LogbookTrouble.isCorrupt(new SQLiteException("", SQLiteErrorCode.SQLITE_CORRUPT_VTAB)));
        assertTrue(LogbookTrouble.isCorrupt(new SQLiteException("", SQLiteErrorCode.SQLITE_NOTADB)));
    }

    @Test
    void aLogbookThatSaysNoVersionIsKnownByItsTables() throws Exception {
        add("Mirel", 0);
        for (List<String> gone :
                List.of(List.<String>of(), List.of("plan_thing", "plan"), List.of("plan_thing", "plan", "song"))) {
            try (var old = DriverManager.getConnection("jdbc:sqlite:" + logbook());
                    var statement = old.createStatement()) {
                for (String table : gone) statement.execute("DROP TABLE " + table);
                statement.execute("PRAGMA user_version = 0");
            }
            try (Logbook book = open(5)) {
                assertEquals("Mirel", book.records().students().getFirst().name());
                assertTrue(book.plan(Optional.empty(), new SongKey("Walk", "")).isEmpty());
            }
        }
        try (Stream<Path> all = Files.list(folder)) {
            assertTrue(all.noneMatch(file -> file.toString().contains("damaged")));
        }
    }

    @Test
    void whatBelongedToADamagedLogbookNeverMeetsTheNextOne() throws Exception {
        add("Mirel", 0);
        Files.writeString(logbook(), "no database at all ".repeat(400));
        Files.writeString(folder.resolve("logbook.sqlite-wal"), "pages of the damaged one");
        DamagedLogbook damaged = assertThrows(DamagedLogbook.class, () -> open(5));
        assertFalse(Files.exists(folder.resolve("logbook.sqlite-wal")));
        assertTrue(Files.exists(damaged.aside().resolveSibling(damaged.aside().getFileName() + "-wal")));
    }

    @Test
    void whatIsLeftOfAStudentWhoIsForgottenIsListed() throws Exception {
        try (Logbook book = open(0)) {
            book.add(new Records(
                    List.of(
                            new Student("Anna Berg", DAY, Optional.empty(), ""),
                            new Student("Pavo", DAY, Optional.empty(), "sister of anna berg"),
                            new Student("Ines", DAY, Optional.empty(), "from Annaberg")),
                    List.of(new Lesson("Pavo", DAY, new SongKey("", ""), "", 0, "play it with Anna Berg")),
                    List.of(),
                    List.of()));
            Files.writeString(folder.resolve("logbook-damaged-20261101-100000-000.sqlite"), "was damaged");
            var left = book.forget("anna  BERG", folder, NOW).orElseThrow();
            assertEquals(
                    List.of("logbook.remains-note", "logbook.remains-lesson", "logbook.remains-aside"),
                    left.stream().map(Statement::code).toList());
            assertEquals("Pavo", left.getFirst().values().getFirst());
        }
    }

    @Test
    void pagesThatAnotherProgramReadsAreSaidToBeThereStill() throws Exception {
        try (Logbook book = open(0);
                var other = DriverManager.getConnection("jdbc:sqlite:" + logbook());
                var statement = other.createStatement()) {
            book.add(students("Mirel", "Pavo"));
            statement.execute("BEGIN");
            statement.executeQuery("SELECT * FROM student").next();
            var left = book.forget("Mirel", folder, NOW).orElseThrow();
            assertEquals(
                    List.of("logbook.remains-open"),
                    left.stream().map(Statement::code).toList());
            statement.execute("COMMIT");
        }
        open(5).close();
        assertFalse(new String(Files.readAllBytes(logbook()), StandardCharsets.ISO_8859_1).contains("Mirel"));
    }

    @Test
    void namesAreOneHoweverTheyAreWritten() throws Exception {
        try (Logbook book = open(0)) {
            book.add(students("Łucja Straße"));
            var lesson = new Lesson("łucja  STRASSE", DAY, new SongKey("Walk", ""), "", 0, "");
            var more = new Records(List.of(), List.of(lesson), List.of(), List.of());
            assertEquals(1, book.records().respelled(more).size());
            book.add(more);
            assertEquals(1, book.records().students().size());
            assertEquals("Łucja Straße", book.records().lessons().getFirst().student());
        }
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void whatStudentsStandInIsForItsOwnerAlone() throws Exception {
        add("Mirel", 0);
        try (Logbook _ = open(5);
                Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.filter(path -> !path.equals(folder)).toList()) {
                String rights = PosixFilePermissions.toString(Files.getPosixFilePermissions(each));
                assertEquals(Files.isDirectory(each) ? "rwx------" : "rw-------", rights, each.toString());
            }
        }
    }

    /** Lets another program do something with the logbook again and again, and kills it after so many milliseconds. */
    private void kill(String doing, int number, long after) throws Exception {
        Process program = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        classPath(),
                        KilledWhileCopying.class.getName(),
                        folder.toString(),
                        String.valueOf(number),
                        doing)
                .redirectErrorStream(true)
                .start();
        // Libraries may warn of something first.
        var said = new ArrayList<String>();
        try (var lines = program.inputReader()) {
            do said.add(String.valueOf(lines.readLine()));
            while (!said.getLast().matches("\\d+|null"));
            assertTrue(said.getLast().matches("\\d+"), "it does not run: " + said);
            Thread.sleep(after);
            program.destroyForcibly().waitFor();
        }
    }

    @Test
    void aProgramKilledWhileItCopiesLeavesNoTornCopy() throws Exception {
        add("Mirel", 0);
        for (int kill = 0; kill < 5; kill++) {
            kill("copy", kill, 7L * kill);
            long called;
            try (Stream<Path> all = Files.list(copies())) {
                called = all.filter(file -> file.toString().endsWith(".sqlite")).count();
            }
            assertEquals(called, Logbook.copies(folder).size(), "a file that is called a copy is torn");
        }
        try (Logbook book = open(5_000)) {
            assertFalse(book.records().students().isEmpty());
        }
    }

    @Test
    void aProgramKilledWhileItForgetsHasForgottenOrHasNot() throws Exception {
        add("Mirel", 0);
        for (int kill = 0; kill < 5; kill++) {
            kill("forget", kill, 11L * kill);
            boolean isThere;
            try (Logbook book = open(10_000 + kill)) {
                isThere = book.records().students().stream()
                        .anyMatch(each -> each.name().equals("Gone"));
            }
            if (isThere) continue;
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path file : all.filter(Files::isRegularFile).toList())
                    assertFalse(
                            Files.readString(file, StandardCharsets.ISO_8859_1).contains("Gone"), file.toString());
            }
        }
    }

    @Test
    void aProgramKilledWhileItRestoresLeavesTheWayBack() throws Exception {
        add("Mirel", 0);
        for (int kill = 0; kill < 5; kill++) {
            kill("restore", kill, 5L * kill);
            assertEquals(List.of(1), peopled());
            try (Logbook book = Logbook.open(folder, NOW.plusDays(1))) {
                int students = book.records().students().size();
                assertTrue(students == 1 || students == 0, "whole, or empty as it was before");
            }
        }
    }

    private static String classPath() {
        return Stream.of("jdk.module.path", "java.class.path", "surefire.test.class.path")
                .flatMap(name -> Optional.ofNullable(System.getProperty(name)).stream())
                .reduce(Path.of("target", "test-classes").toAbsolutePath().toString(), (all, more) -> all + ":" + more);
    }
}
