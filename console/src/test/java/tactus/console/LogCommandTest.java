package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.core.written.song.Handout;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.records.logbook.Logbook;

/** The logbook from the command line. */
class LogCommandTest extends CommandRun {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 5);

    @TempDir
    private Path folder;

    private Path data;

    @BeforeEach
    void begin() throws Exception {
        data = Files.createDirectories(folder.resolve("data"));
        System.setProperty("tactus.data", data.toString());
        for (int opening = 0; opening < 2; opening++) {
            try (Logbook book = Logbook.open(data, DAY.atTime(17, opening))) {
                book.add(new Records(
                        List.of(
                                new Student("Anna Berg", DAY, Optional.empty(), ""),
                                new Student("Pavo", DAY, Optional.empty(), "=1+1")),
                        List.of(),
                        List.of(),
                        List.of()));
            }
        }
    }

    @AfterEach
    void end() {
        System.clearProperty("tactus.data");
    }

    @Test
    void aNameInOtherLettersIsForgottenAndTheSongsThatSpeakOfThemAreListed() throws Exception {
        Path songs = Files.createDirectories(folder.resolve("songs"));
        var song = DemoSong.LANTERN_WALK.song();
        var handout = song.lesson().handout();
        Path given = songs.resolve("walk.tactus.json");
        SongFile.write(
                song.withLesson(song.lesson().with(handout.with(new Handout.Reader("ANNA BERG", "", "")))), given);
        SongFile.write(song, songs.resolve("other.tactus.json"));
        Files.writeString(data.resolve("settings.properties"), "folders=" + songs);
        assertEquals(TactusCommand.FINE, run("log", "forget", "anna berg", "--yes"));
        assertTrue(out.toString().contains("Anna Berg is forgotten"), out.toString());
        assertTrue(out.toString().contains(given.toString()), out.toString());
        assertFalse(out.toString().contains("other.tactus.json"), out.toString());
        out.getBuffer().setLength(0);
        run("log", "students", "--csv");
        assertFalse(out.toString().contains("Anna"), out.toString());
    }

    @Test
    void aTableWithANameInOtherLettersIsAskedAbout() throws Exception {
        Path table = folder.resolve("lessons.csv");
        Files.writeString(
                table, "student,day,song,version,section,tempo,homework\nanna berg,2026-11-06,Walk,,,60,slowly\n");
        assertEquals(TactusCommand.USAGE, run("log", "import", table.toString()));
        assertTrue(err.toString().contains("\"anna berg\" is \"Anna Berg\""), err.toString());
        assertEquals(TactusCommand.FINE, run("log", "import", table.toString(), "--same"));
        out.getBuffer().setLength(0);
        run("log", "lessons", "--csv");
        assertTrue(out.toString().contains("Anna Berg,2026-11-06"), out.toString());
    }

    @Test
    void copiesAreListedWithWhatIsInThemAndRestoredByName() throws Exception {
        assertEquals(TactusCommand.FINE, run("log", "copies"));
        assertTrue(out.toString().contains("2026-11-05 17:01: 2 students"), out.toString());
        assertEquals(TactusCommand.USAGE, run("log", "restore"));
        assertTrue(err.toString().contains("students in it"), err.toString());
        Files.writeString(data.resolve("logbook.sqlite"), "no database at all ".repeat(400));
        assertEquals(TactusCommand.USAGE, run("log", "restore", "no-such.sqlite"));
        assertEquals(TactusCommand.FINE, run("log", "restore"), "at the first try");
        out.getBuffer().setLength(0);
        run("log", "students", "--csv");
        assertTrue(out.toString().contains("Pavo"), out.toString());
    }

    @Test
    void aDamagedLogbookIsSaidWithWhereItLiesAndTheCopyThatThereIs() throws Exception {
        Files.writeString(data.resolve("logbook.sqlite"), "no database at all ".repeat(400));
        assertEquals(TactusCommand.FOUND, run("log", "students"));
        assertTrue(err.toString().contains("damaged"), err::toString);
        assertTrue(err.toString().contains("copy is 2026-11-05 17:01: 2 students"), err::toString);
        assertTrue(err.toString().contains("logbook-damaged-"), err::toString);
    }
}
