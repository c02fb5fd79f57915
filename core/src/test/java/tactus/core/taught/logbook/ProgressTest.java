package tactus.core.taught.logbook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;

class ProgressTest {

    private static final Student MIREL = new Student("Mirel", LocalDate.of(2026, 1, 5), Optional.empty(), "");
    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);

    private static TakeEntry take(int week, int tempo, int score) {
        LocalDateTime at = MONDAY.plusWeeks(week).plusDays(2).atTime(18, tempo % 60);
        return new TakeEntry("Mirel", at, new SongKey("Walk", ""), "1-8", tempo, score, 0, 20, 0);
    }

    private static Progress progress(List<TakeEntry> takes, List<ChangeEntry> changes, List<Lesson> lessons, int week) {
        var records = new Records(List.of(MIREL), lessons, takes, changes);
        return Progress.of(records, MIREL, MONDAY.plusWeeks(week));
    }

    /** Each word is a week: tempos of its takes, a slip behind those that were not clean. */
    @ParameterizedTest
    @CsvSource({
        "60 64 68 72, false",
        "60 64 64 64 64, true",
        "60 64 64 64 66, false",
        "60 64 60 62, false",
        "60 64, false",
        "60s 64s 66s 70s, true",
        "60 70s 70s 70s, true",
        "60 70s 70s 70s 72, false"
    })
    void aSongIsStuckWhenItHasNotBecomeFasterForThreeWeeksOfTrying(String weeks, boolean stuck) {
        var takes = new ArrayList<TakeEntry>();
        String[] each = weeks.split(" ");
        for (int week = 0; week < each.length; week++)
            takes.add(take(week, Integer.parseInt(each[week].replace("s", "")), each[week].endsWith("s") ? 60 : 90));
        assertEquals(stuck, progress(takes, List.of(), List.of(), 12).stuck().isPresent());
    }

    @Test
    void aWeekCountsItsFastestCleanTakeAndItsBestScore() {
        Progress progress = progress(
                List.of(take(0, 60, 85), take(0, 66, 81), take(0, 80, 50), take(2, 70, 40)), List.of(), List.of(), 3);
        List<Progress.Week> weeks = progress.songs().getFirst().weeks();
        assertEquals(
                List.of(
                        new Progress.Week(MONDAY, Optional.of(66), 85, 3),
                        new Progress.Week(MONDAY.plusWeeks(2), Optional.empty(), 40, 1)),
                weeks);
        assertEquals(Optional.of(66), progress.songs().getFirst().best());
    }

    @Test
    void whatComesLaterIsNotKnownYet() {
        List<Lesson> lessons = List.of(
                new Lesson("Mirel", MONDAY, new SongKey("Walk", ""), "", 60, "verse"),
                new Lesson("Mirel", MONDAY.plusWeeks(1), new SongKey("Walk", ""), "", 64, "chorus"),
                new Lesson("Mirel", MONDAY.plusWeeks(1), new SongKey("Waltz", ""), "", 0, "bass"));
        Progress before = progress(List.of(take(0, 60, 90), take(1, 64, 90)), List.of(), lessons, 0);
        assertEquals(
                List.of("verse"), before.due().stream().map(Lesson::homework).toList());
        assertTrue(before.songs().isEmpty(), "the first take is two days later");
        Progress after = progress(List.of(), List.of(), lessons, 1);
        assertEquals(
                List.of("chorus", "bass"),
                after.due().stream().map(Lesson::homework).toList());
    }

    @Test
    void theHardestChangesAreThoseLastCountedSlowestWhicheverWayRound() {
        List<ChangeEntry> changes = List.of(
                new ChangeEntry("Mirel", MONDAY, "C", "F", 20),
                new ChangeEntry("Mirel", MONDAY.plusWeeks(1), "F", "C", 44),
                new ChangeEntry("Mirel", MONDAY, "Am", "F", 30),
                new ChangeEntry("Mirel", MONDAY, "G", "D", 70),
                new ChangeEntry("Mirel", MONDAY.plusWeeks(9), "C", "F", 90));
        Progress progress = progress(List.of(), changes, List.of(), 2);
        assertEquals(
                List.of("Am-F 30", "F-C 44"),
                progress.hardest().stream()
                        .map(each -> each.from() + "-" + each.to() + " " + each.perMinute())
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Mirel", "Łucja", "이서연", "مريم", "Анна-Мария", "a", "O'Brea"})
    void aNameCanBeInAnyScript(String name) {
        assertEquals(name, new Student(" " + name + " ", MONDAY, Optional.of(90), "").name());
        assertFalse(name.isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "two\nlines", "tab\tbed"})
    void aNameWithoutSignsOrWithLineBreaksIsRefused(String name) {
        assertThrows(Refusal.class, () -> Student.checkedName(name));
        assertThrows(Refusal.class, () -> Student.checkedName("x".repeat(81)));
    }

    /** The logbook takes 0 to 400 a minute, a song 1 to 200; who made none must not make the plan impossible. */
    @ParameterizedTest
    @CsvSource({"0, 1", "1, 1", "34, 34", "200, 200", "400, 200"})
    void everyCountOfTheLogbookIsOneThatASongCanHave(int counted, int inSong) {
        var change = new ChangeEntry("Mirel", MONDAY, "C", "F", counted);
        assertEquals(
                inSong,
                progress(List.of(), List.of(change), List.of(), 1)
                        .counts()
                        .getFirst()
                        .perMinute());
    }

    /** The week is Monday to Sunday, whichever day it is today. */
    @ParameterizedTest
    @CsvSource({"0, 75", "2, 75", "6, 75", "7, 60", "13, 60", "14, -1", "-1, -1", "-7, -1"})
    void theScoreOfLastWeekIsTheMeanOfTheWeekBeforeThisOne(int day, int score) {
        // The first week is behind MONDAY's, played on its Wednesday; the one after it as well.
        List<TakeEntry> takes = List.of(take(-1, 60, 70), take(-1, 61, 80), take(0, 62, 60));
        var records = new Records(List.of(MIREL), List.of(), takes, List.of());
        assertEquals(
                score,
                records.scoreOfLastWeek("Mirel", new SongKey("Walk", ""), "1-8", MONDAY.plusDays(day))
                        .orElse(-1));
        assertTrue(records.scoreOfLastWeek("Mirel", new SongKey("Walk", ""), "1-4", MONDAY)
                .isEmpty());
        assertTrue(records.scoreOfLastWeek("Ines", new SongKey("Walk", ""), "1-8", MONDAY)
                .isEmpty());
    }
}
