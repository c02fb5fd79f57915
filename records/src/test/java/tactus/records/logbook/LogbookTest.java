package tactus.records.logbook;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Entry;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;
import tactus.core.written.song.SongId;
import tactus.formats.table.LogTable;

class LogbookTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 5);
    private static final LocalDateTime NOW = DAY.atTime(17, 30);

    private static final Records RECORDS = new Records(
            List.of(
                    new Student("Mirel", DAY, Optional.of(95), "says \"later\", often"),
                    new Student("Łucja 이", DAY, Optional.empty(), "")),
            List.of(new Lesson(
                    "Mirel", DAY, new SongKey("Lantern Walk", "First week"), "Verse", 64, "slowly;\nwith the count")),
            List.of(new TakeEntry("Mirel", NOW, new SongKey("Lantern Walk", ""), "1-16", 60, 83, -4.25, 22.5, 1.5)),
            List.of(new ChangeEntry("Łucja 이", DAY, "C", "F@small", 31)));

    @TempDir
    private Path folder;

    private Logbook open(int minutes) throws IOException {
        return Logbook.open(folder, NOW.plusMinutes(minutes));
    }

    private LogbookTrouble.Kind trouble(int minutes) {
        return assertThrows(LogbookTrouble.class, () -> open(minutes)).kind();
    }

    private List<Path> files(String part) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile)
                    .filter(file -> file.getFileName().toString().contains(part))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void whatIsKeptIsThereAgainAndNothingTwice() throws Exception {
        try (Logbook book = open(0)) {
            assertEquals(5, book.add(RECORDS));
            // A student is written as they are now; the rest is there.
            assertEquals(2, book.add(RECORDS));
        }
        try (Logbook book = open(1)) {
            assertEquals(RECORDS, book.records());
        }
    }

    private static Records byChance(Random random) {
        var entries = new ArrayList<Entry>();
        List<String> names = List.of("Mirel", "mirel", "Jonna", "Łucja 이");
        for (int i = random.nextInt(6); i >= 0; i--) {
            String name = names.get(random.nextInt(names.size()));
            LocalDate day = DAY.minusDays(random.nextInt(4));
            entries.add(
                    switch (random.nextInt(4)) {
                        case 0 -> new Student(name, day, Optional.of(90 + random.nextInt(9)), "");
                        case 1 -> new Lesson(name, day, new SongKey("Walk", ""), "", random.nextInt(2) * 60, "slowly");
                        case 2 ->
                            new TakeEntry(
                                    name,
                                    day.atTime(9, random.nextInt(3)),
                                    new SongKey("Walk", ""),
                                    "1",
                                    60,
                                    83,
                                    0,
                                    1,
                                    2);
                        default -> new ChangeEntry(name, day, "C", "G", random.nextInt(3));
                    });
        }
        return Records.of(entries);
    }

    /** The window does not read all of it again after each round. */
    @Test
    void whatIsKnownWithWhatIsAddedIsWhatTheLogbookHas() throws Exception {
        var random = new Random(5);
        for (int turn = 0; turn < 40; turn++) {
            Records known = Records.NONE;
            try (Logbook book = Logbook.forNow()) {
                for (int i = 0; i < 8; i++) {
                    Records more = byChance(random);
                    book.add(more);
                    known = known.plus(more);
                    assertEquals(book.records(), known);
                }
            }
        }
    }

    @Test
    void itIsKnownWhetherAnotherProgramHasWritten() throws Exception {
        try (Logbook book = open(0);
                Logbook other = open(1)) {
            book.records();
            book.add(RECORDS);
            assertFalse(book.isChangedElsewhere(), "that was this one");
            other.add(Records.of(new Student("Jonna", DAY, Optional.empty(), "")));
            assertTrue(book.isChangedElsewhere());
            assertEquals(3, book.records().students().size());
            assertFalse(book.isChangedElsewhere());
        }
    }

    private static List<String> songs(Logbook book) throws IOException {
        return Stream.concat(
                        book.records().lessons().stream()
                                .map(each -> each.song().title()),
                        book.records().takes().stream().map(each -> each.song().title()))
                .toList();
    }

    @Test
    void whatIsWrittenOfASongFollowsItsTitleAndItsFile() throws Exception {
        SongId id = SongId.fresh();
        Path place = folder.resolve("walk.tactus.json");
        try (Logbook book = Logbook.forNow()) {
            book.add(RECORDS);
            assertEquals(new Logbook.Meeting.Known(), book.meet(id, "Lantern Walk", place, _ -> true));
            assertEquals(new Logbook.Meeting.Renamed("Lantern Walk"), book.meet(id, "Evening Walk", place, _ -> true));
            assertEquals(List.of("Evening Walk", "Evening Walk"), songs(book));
            // The file has moved; the old one is not there any more.
            Path moved = folder.resolve("moved.tactus.json");
            assertEquals(new Logbook.Meeting.Renamed("Evening Walk"), book.meet(id, "Walk", moved, _ -> false));
            assertEquals(List.of("Walk", "Walk"), songs(book));
        }
    }

    @Test
    void aCopyOfAFileAndAnotherSongOfTheSameTitleTakeNothingAway() throws Exception {
        SongId id = SongId.fresh();
        Path place = folder.resolve("walk.tactus.json");
        try (Logbook book = Logbook.forNow()) {
            book.add(RECORDS);
            book.meet(id, "Lantern Walk", place, _ -> true);
            Path copy = folder.resolve("copy.tactus.json");
            assertEquals(
                    new Logbook.Meeting.Copy("Lantern Walk", place), book.meet(id, "My copy", copy, place::equals));
            assertEquals(List.of("Lantern Walk", "Lantern Walk"), songs(book));
            SongId other = SongId.fresh();
            book.meet(other, "Lantern Walk", copy, place::equals);
            assertEquals(new Logbook.Meeting.Known(), book.meet(other, "Other Walk", copy, place::equals));
            assertEquals(List.of("Lantern Walk", "Lantern Walk"), songs(book), "it may be the first one's");
        }
    }

    @Test
    void aLogbookOfTheFirstVersionIsBroughtUpToDate() throws Exception {
        try (Logbook book = open(0)) {
            book.add(RECORDS);
        }
        try (var old = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("logbook.sqlite"));
                var statement = old.createStatement()) {
            for (String table : List.of("plan_thing", "plan", "song")) statement.execute("DROP TABLE " + table);
            statement.execute("PRAGMA user_version = 1");
        }
        try (Logbook book = open(1)) {
            assertEquals(RECORDS, book.records());
            assertEquals(
                    new Logbook.Meeting.Known(),
                    book.meet(SongId.fresh(), "Lantern Walk", folder.resolve("a.json"), _ -> false));
        }
    }

    /** SQLite is told that the file may not grow, which is what a full disk comes to. */
    @Test
    void aFullDiskIsSaidAndLeavesWhatWasThere() throws Exception {
        Connection small = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("logbook.sqlite"));
        LogbookTables.prepare(small);
        try (var book = new Logbook(small);
                var statement = small.createStatement()) {
            book.add(RECORDS);
            statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            statement.execute("PRAGMA max_page_count = 1");
            var many = new ArrayList<TakeEntry>();
            for (int i = 1; i <= 5_000; i++)
                many.add(new TakeEntry(
                        "Mirel", NOW.plusSeconds(i), new SongKey("Lantern Walk", ""), "1-16", 60, 83, 0, 20, 0));
            var full =
                    assertThrows(IOException.class, () -> book.add(new Records(List.of(), List.of(), many, List.of())));
            assertEquals("the disk is full; nothing was written to the logbook", full.getMessage());
            assertEquals(RECORDS, book.records());
            // Where there is room again it goes on.
            statement.execute("PRAGMA max_page_count = 1000000");
            assertEquals(5_000, book.add(new Records(List.of(), List.of(), many, List.of())));
            assertEquals(5_001, book.records().takes().size());
        }
        try (Logbook book = open(1)) {
            assertEquals(5_001, book.records().takes().size());
        }
    }

    @Test
    void whoIsSpokenOfBecomesAStudent() throws Exception {
        try (Logbook book = Logbook.forNow()) {
            book.add(new Records(List.of(), RECORDS.lessons(), List.of(), List.of()));
            assertEquals(
                    List.of(new Student("Mirel", DAY, Optional.empty(), "")),
                    book.records().students());
        }
    }

    @ParameterizedTest
    @EnumSource(LogTable.class)
    void everyTableComesBackFromItsCsv(LogTable table) {
        String csv = table.of(RECORDS);
        Records read = LogTable.read(new StringReader("\uFEFF" + csv), DAY);
        assertEquals(csv, table.of(read));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name,who | log.table",
                "'' | log.table",
                "student,day,from,to,changes a minute/Mirel,2026-11-05,C,F | log.fields",
                "student,day,from,to,changes a minute/Mirel,5.11.2026,C,F,30 | log.line",
                "student,day,from,to,changes a minute/Mirel,2026-11-05,C,F,many | log.line",
                "student,day,from,to,changes a minute/Mirel,2026-11-06,C,F,30 | log.future",
                "student,day,from,to,changes a minute/Mirel,2026-11-05,C,F,401 | log.changes",
                "student,day,from,to,changes a minute/'',2026-11-05,C,F,4 | log.name",
                "name,since,hand span in mm,note/Mirel,2026-11-05,12, | log.span"
            })
    void aTableThatCannotBeReadSaysWhereAndTakesNothing(String lines, String code) {
        var reader = new StringReader(lines.replace("/", "\n").replace("''", ""));
        assertEquals(
                code,
                assertThrows(Refusal.class, () -> LogTable.read(reader, DAY))
                        .reason()
                        .code());
    }

    @Test
    void theLastSevenCopiesAreKeptAndAnUnchangedLogbookIsNotCopiedAgain() throws Exception {
        for (int i = 0; i < 12; i++) {
            try (Logbook book = open(i)) {
                book.add(new Records(
                        List.of(new Student("S" + i, DAY, Optional.empty(), "")), List.of(), List.of(), List.of()));
            }
            for (Path file : files("logbook.sqlite")) Files.setLastModifiedTime(file, Files.getLastModifiedTime(file));
            Thread.sleep(5);
        }
        assertEquals(7, files("logbook-2").size());
        List<Path> before = files("logbook-2");
        open(20).close();
        List<Path> after = files("logbook-2");
        open(21).close();
        assertEquals(after, files("logbook-2"), "nothing has changed since");
        assertEquals(before.size(), after.size());
    }

    @Test
    void aDamagedLogbookIsSetAsideUntouchedAndItsCopyCanBeTaken() throws Exception {
        try (Logbook book = open(0)) {
            book.add(RECORDS);
        }
        open(1).close();
        byte[] garbage = "no database at all".repeat(100).getBytes(StandardCharsets.UTF_8);
        Files.write(folder.resolve("logbook.sqlite"), garbage);
        DamagedLogbook damaged = assertThrows(DamagedLogbook.class, () -> open(2));
        assertArrayEquals(garbage, Files.readAllBytes(damaged.aside()));
        LogbookCopy copy = damaged.copies().getFirst();
        assertEquals(List.of(2, 1, 1), List.of(copy.students(), copy.lessons(), copy.takes()), "counted, not guessed");
        // A new one that was begun meanwhile, with nobody in it, does not stand in the way; one with somebody does.
        open(3).close();
        Logbook.restore(folder, copy, NOW.plusMinutes(4));
        try (Logbook book = open(5)) {
            assertEquals(RECORDS, book.records());
        }
        assertEquals(
                "log.there",
                assertThrows(Refusal.class, () -> Logbook.restore(folder, copy, NOW.plusMinutes(6)))
                        .reason()
                        .code());
    }

    @Test
    void twoWindowsKeepWhatEachOfThemWrites() throws Exception {
        try (Logbook one = open(0);
                Logbook other = open(1)) {
            one.add(RECORDS);
            other.add(new Records(
                    List.of(new Student("Pavo", DAY, Optional.empty(), "")), List.of(), List.of(), List.of()));
            assertEquals(3, one.records().students().size());
            assertEquals(one.records(), other.records());
        }
    }

    @Test
    void aLogbookThatIsLockedForLongSaysSoAndStays() throws Exception {
        try (Logbook book = open(0)) {
            book.add(RECORDS);
        }
        try (var other = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("logbook.sqlite"));
                var statement = other.createStatement()) {
            statement.execute("PRAGMA locking_mode = EXCLUSIVE");
            statement.execute("BEGIN EXCLUSIVE");
            statement.execute("UPDATE student SET note = 'held'");
            assertEquals(LogbookTrouble.Kind.BUSY, trouble(1));
            statement.execute("ROLLBACK");
        }
        assertTrue(files("damaged").isEmpty());
    }

    @Test
    void aStudentIsForgottenWhollyAndNobodyElse() throws Exception {
        try (Logbook book = open(0)) {
            book.add(RECORDS);
        }
        try (Logbook book = open(1)) {
            assertEquals(Optional.of(List.of()), book.forget("mirel ", folder, NOW.plusMinutes(2)));
            assertEquals(Optional.empty(), book.forget("Mirel", folder, NOW.plusMinutes(2)));
            Records left = book.records();
            assertEquals(
                    List.of("Łucja 이"),
                    left.students().stream().map(Student::name).toList());
            assertTrue(left.lessons().isEmpty() && left.takes().isEmpty());
            assertEquals(1, left.changes().size());
        }
        for (Path file : files("sqlite")) {
            String bytes = Files.readString(file, StandardCharsets.ISO_8859_1);
            assertFalse(bytes.contains("Mirel") || bytes.contains("later"), file.toString());
        }
    }

    @Test
    void aLogbookOfANewerProgramIsNotTouched() throws Exception {
        try (Logbook book = open(0)) {
            book.add(RECORDS);
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("logbook.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute("PRAGMA user_version = 99");
        }
        byte[] before = Files.readAllBytes(folder.resolve("logbook.sqlite"));
        assertEquals(LogbookTrouble.Kind.NEWER, trouble(1));
        assertArrayEquals(before, Files.readAllBytes(folder.resolve("logbook.sqlite")));
        assertTrue(files("damaged").isEmpty());
    }

    @Test
    void aPlanIsKeptForEachStudentAndForNobodyAndGoesWithTheSongAndTheStudent() throws IOException {
        var thing = new KeptPlan.Thing(1, "CHANGE|ladder.change|C|F", 4, false, true);
        var left = new KeptPlan.Thing(0, "SONG|ladder.song", 9, false, false);
        LocalDate day = LocalDate.of(2026, 11, 30);
        try (Logbook book = Logbook.open(folder, NOW)) {
            book.add(new Records(
                    List.of(new Student("Ines", DAY, Optional.empty(), "")), List.of(), List.of(), List.of()));
            assertTrue(book.plan(Optional.of("Ines"), new SongKey("Walk", "")).isEmpty());
            var first = new KeptPlan(Optional.of("Ines"), new SongKey("Walk", ""), day, 15, 7, List.of(thing, left));
            var nobodys = new KeptPlan(Optional.empty(), new SongKey("Walk", ""), day, 20, 3, List.of(left));
            book.keep(first);
            book.keep(nobodys);
            book.keep(nobodys);
            assertEquals(Optional.of(first), book.plan(Optional.of("Ines"), new SongKey("Walk", "")));
            assertEquals(Optional.of(nobodys), book.plan(Optional.empty(), new SongKey("Walk", "")));
            assertTrue(
                    book.plan(Optional.of("Ines"), new SongKey("Walk", "easy")).isEmpty(), "a version has its own");
            assertTrue(
                    book.plan(Optional.empty(), new SongKey("x' OR '1'='1", "")).isEmpty());
            var id = SongId.fresh();
            book.meet(id, "Walk", folder.resolve("walk.json"), _ -> false);
            book.meet(id, "Evening", folder.resolve("walk.json"), _ -> false);
            assertEquals(
                    7,
                    book.plan(Optional.of("Ines"), new SongKey("Evening", ""))
                            .orElseThrow()
                            .days());
            book.dropPlan(Optional.empty(), new SongKey("Evening", ""));
            assertTrue(book.plan(Optional.empty(), new SongKey("Evening", "")).isEmpty());
        }
        try (Logbook book = Logbook.open(folder, NOW.plusMinutes(1))) {
            assertEquals(
                    List.of(thing, left),
                    book.plan(Optional.of("Ines"), new SongKey("Evening", ""))
                            .orElseThrow()
                            .things());
            book.forget("Ines", folder, NOW);
            book.add(new Records(
                    List.of(new Student("Ines", DAY, Optional.empty(), "")), List.of(), List.of(), List.of()));
            assertTrue(
                    book.plan(Optional.of("Ines"), new SongKey("Evening", "")).isEmpty(), "forgotten with her");
        }
    }
}
