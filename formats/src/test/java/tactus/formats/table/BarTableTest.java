package tactus.formats.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.opencsv.CSVReaderHeaderAware;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
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

    /** Half a bar of a bar's pattern is no full form; where a bar is whole, none is cut. */
    @Test
    void whereAPatternIsCutIsSaidInTheTableAndInTheChart() throws Exception {
        Song song = Song.empty("Halves")
                .withPattern(Pattern.empty(new PatternId("p"), "March", Meter.of(4, 4))
                        .withLine("d-du-udu"));
        List<Span> spans = List.of(
                new Span("C", SpanLength.beats(2)),
                new Span("G", SpanLength.beats(2)),
                new Span("C", SpanLength.bars(1)),
                new Span("D", SpanLength.beats(3)),
                new Span("G", SpanLength.beats(1)));
        var verse = new SectionId("verse");
        song = song.withSection(new Section(verse, "Verse", Collections.nCopies(3, Meter.of(4, 4)), spans, 1))
                .withOrder(List.of(verse));
        song = song.withRule(new Rule(Where.EVERYWHERE, Play.pattern(new PatternId("p"))));
        assertEquals(
                List.of(
                        "full form, cut after 2 of 4 beats",
                        "full form, cut after 2 of 4 beats",
                        "full form",
                        "full form, cut after 3 of 4 beats",
                        "full form, cut after 1 of 4 beats"),
                rows(song).stream().map(row -> row.get("form")).toList());
        Song sevens = Song.empty("Sevens")
                .withPattern(Pattern.empty(new PatternId("p"), "Walk", Meter.parse("7/8"))
                        .withLine("d-d-d-u"));
        List<Span> held = List.of(new Span("C", SpanLength.beats(1)), new Span("G", SpanLength.beats(2)));
        sevens = sevens.withSection(new Section(verse, "Verse", List.of(Meter.parse("7/8")), held, 1))
                .withOrder(List.of(verse))
                .withRule(new Rule(Where.EVERYWHERE, Play.pattern(new PatternId("p"))));
        assertTrue(
                rows(sevens).getLast().get("form").endsWith("cut after 5 of 7 counts"),
                rows(sevens).toString());
        Path chart = folder.resolve("chart.txt");
        TextChart.write(song, Timeline.of(song), chart);
        String text = Files.readString(chart);
        assertTrue(
                text.contains(
                        "bars 1 to 3: March, cut before beat 3 of bar 1, behind bar 1, before beat 4 of bar 3, behind bar 3"),
                text);
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
