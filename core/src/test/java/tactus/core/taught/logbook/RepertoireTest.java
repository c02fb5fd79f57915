package tactus.core.taught.logbook;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.taught.practice.Demand;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** Three songs at 60 beats a minute: an easy one, one with many strokes, one with a wide stretch and the change to F. */
class RepertoireTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 2);

    private static ShelvedSong song(String title, Demand... demands) {
        Facts facts = Song.empty(title).facts().withTempo(Tempo.of(60, Meter.of(4, 4)));
        return new ShelvedSong(title, facts, List.of(), "", false, List.of(), "", 0, List.of(demands));
    }

    private static final List<ShelvedSong> SHELF = List.of(
            song("Barge", new Demand("", 100, 3, List.of(new Demand.Change("C", "F", 0.5, 0.9)))),
            song("Creek", new Demand("", 60, 6, List.of()), new Demand("Slow", 60, 3, List.of())),
            song("Alder", new Demand("", 50, 2, List.of(new Demand.Change("G", "D", 0.5, 0.8)))));

    /**
     * @param counted C to F in a minute
     * @param strokes the most a second that was played cleanly, by way of a take of Creek; a score of 80 is clean
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "110; 60; 6; Creek, Barge, Creek Slow, Alder",
                "110; 30; 6; Creek, Creek Slow, Alder | Barge",
                "80; 60; 6; Creek, Creek Slow, Alder | Barge",
                "110; 60; 3; Barge, Creek Slow, Alder | Creek",
                "80; 20; 2.7; Creek Slow, Alder | Creek, Barge"
            })
    void whatIsWithinReachComesFirstTheHardestOfItInFrontThenTheNearest(
            int span, int counted, double strokes, String expected) {
        var student = new Student("Mirel", DAY.minusWeeks(9), Optional.of(span), "");
        var clean = new TakeEntry(
                "Mirel",
                DAY.minusDays(3).atTime(18, 0),
                new SongKey("Creek", ""),
                "1-4",
                (int) (strokes * 10),
                80,
                0,
                20,
                0);
        var notClean = new TakeEntry(
                "Mirel", DAY.minusDays(2).atTime(18, 0), new SongKey("Creek", ""), "1-4", 90, 79, 0, 20, 0);
        var later = new TakeEntry(
                "Mirel", DAY.plusDays(1).atTime(18, 0), new SongKey("Creek", ""), "1-4", 90, 95, 0, 20, 0);
        var records = new Records(
                List.of(student),
                List.of(),
                List.of(clean, notClean, later),
                List.of(new ChangeEntry("Mirel", DAY.minusDays(1), "F", "C", counted)));
        Repertoire found = Repertoire.of(records, student, DAY, SHELF);
        String said = titles(found.within()) + (found.next().isEmpty() ? "" : " | " + titles(found.next()));
        assertEquals(expected, said);
    }

    private static String titles(List<Repertoire.Entry> entries) {
        return entries.stream()
                .map(entry ->
                        (entry.song().title() + " " + entry.reach().demand().version()).strip())
                .collect(Collectors.joining(", "));
    }
}
