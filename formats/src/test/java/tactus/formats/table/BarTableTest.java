package tactus.formats.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.opencsv.CSVReaderHeaderAware;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.section.Section;
import tactus.core.snag.Snag;
import tactus.core.snag.Snags;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.SampleSong;
import tactus.words.SnagWords;
import tactus.words.Words;

/** The table of bars as another library than the one that writes it reads it (RFC 4180). */
class BarTableTest {

    @TempDir
    private Path folder;

    private List<Map<String, String>> rows(Song song) throws Exception {
        Path file = folder.resolve("song.csv");
        BarTable.write(song, Timeline.of(song), file);
        var rows = new ArrayList<Map<String, String>>();
        try (var reader = new CSVReaderHeaderAware(Files.newBufferedReader(file))) {
            for (Map<String, String> row = reader.readMap(); row != null; row = reader.readMap()) rows.add(row);
        }
        return rows;
    }

    @Test
    void everyChordOfEveryBarHasARowWithTheTimeWhenItSounds() throws Exception {
        Song song = SampleSong.song();
        Timeline timeline = Timeline.of(song);
        var rows = rows(song).iterator();
        for (var bar : timeline.bars()) {
            for (var span : timeline.spansIn(bar)) {
                Map<String, String> row = rows.next();
                assertEquals(Integer.toString(bar.number()), row.get("song bar"));
                assertEquals(span.chord(), row.get("chord"));
                double start = timeline.seconds(span.start().max(bar.start()));
                assertEquals(start, Double.parseDouble(row.get("start in seconds")), 0.0005);
            }
            if (timeline.spansIn(bar).isEmpty()) assertEquals("", rows.next().get("chord"));
        }
        assertTrue(!rows.hasNext());
    }

    @Test
    void strokesStandBesideTheirCounts() throws Exception {
        for (Map<String, String> row : rows(SampleSong.song())) {
            assertEquals(row.get("strokes").split(" ").length, row.get("counts").split(" ").length);
        }
    }

    @Test
    void aNameWithCommasQuotesAndOtherLettersComesBackAsItIs() throws Exception {
        Song song = SampleSong.plain();
        Section first = song.sections().getFirst();
        String name = "Verse, \"leise\" – שיר";
        Song named = song.withSection(first.id(), section -> section.withName(name));
        assertTrue(rows(named).stream().anyMatch(row -> row.get("section").equals(name)));
        assertTrue(Files.readString(folder.resolve("song.csv")).startsWith("song bar,section bar,section,"));
    }

    @Test
    void theCapoMakesTheSoundingChordAnotherThanTheShape() throws Exception {
        Song song = SampleSong.plain();
        var capoed = song.withFacts(
                song.facts().withInstrument(song.facts().instrument().withCapo(2)));
        var chords = rows(capoed).stream()
                .filter(row -> row.get("chord").equals("C"))
                .map(row -> row.get("sounding chord"))
                .distinct()
                .toList();
        assertEquals(List.of("D"), chords);
    }

    @Test
    void everySnagHasARowWithItsPlaceItsMendAndWhyItIsMeant() throws Exception {
        Song song = SampleSong.song();
        Timeline timeline = Timeline.of(song);
        Path file = folder.resolve("snags.csv");
        SnagTable.write(song, timeline, file);
        var words = new SnagWords(song);
        try (var reader = new CSVReaderHeaderAware(Files.newBufferedReader(file))) {
            for (Snag snag : Snags.all(song, timeline, Words.lexicon())) {
                Map<String, String> row = reader.readMap();
                assertEquals(snag.kind().code(), row.get("kind"));
                assertEquals(words.where(snag), row.get("where"));
                assertEquals(words.sentence(snag), row.get("what"));
            }
            assertEquals(null, reader.readMap());
        }
    }
}
