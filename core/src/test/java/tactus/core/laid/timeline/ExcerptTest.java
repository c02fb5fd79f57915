package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.performance.Note;
import tactus.core.laid.performance.Performance;
import tactus.core.outside.English;
import tactus.core.written.section.Cue;
import tactus.core.written.section.PassChoice;
import tactus.core.written.song.Song;

class ExcerptTest {

    private static final Song SONG =
            song("4/4 4/4 3/4 4/4 4/4 4/4", "C: 2 bars, G: 1 bar, F: 6 beats, C: 6 beats", "d-du-udu");

    private static Timeline whole(String... sentences) {
        Song ruled = SONG;
        for (String sentence : sentences) ruled = ruled.withRule(English.rule(ruled, sentence));
        return Timeline.of(ruled);
    }

    /** Every excerpt sounds as its bars do in the song, but for what rings into it. */
    @ParameterizedTest
    @CsvSource({"1,1", "1,6", "2,3", "3,3", "4,6", "5,5", "6,6"})
    void anExcerptStrikesTheSameNotesAtTheSameTimes(int from, int to) {
        Timeline whole = whole(
                "Verse: very soft to very strong",
                "Verse, last 2 bars: slowing to 60",
                "Verse, bar 2: pause of 2 beats");
        Timeline part = Excerpt.of(whole, new BarRange(from, to));
        double start = whole.bar(from).orElseThrow().seconds();
        double end = whole.bar(to + 1).map(TimelineBar::seconds).orElse(whole.seconds());
        List<String> expected = Performance.of(whole).notes().stream()
                .filter(note -> note.start() >= start - 1e-6 && note.start() < end - 1e-6)
                .map(note -> said(note, start))
                .toList();
        assertEquals(
                expected,
                Performance.of(part).notes().stream().map(note -> said(note, 0)).toList());
        assertEquals(end - start, part.seconds(), 1e-9);
        assertTrue(expected.size() > 5);
    }

    private static String said(Note note, double start) {
        return "%.4f %d %s %.4f".formatted(note.start() - start, note.string(), note.pitch(), note.velocity());
    }

    @Test
    void itsBarsKeepTheirNumbersAndAChordThatGoesOnBeginsAnew() {
        Timeline part = Excerpt.of(whole(), new BarRange(5, 6));
        assertEquals(
                List.of(5, 6), part.bars().stream().map(TimelineBar::number).toList());
        assertEquals(
                List.of("F", "C"),
                part.spans().stream().map(TimelineSpan::chord).toList());
        assertTrue(part.spans().getFirst().start().isZero());
        for (TimelineStroke stroke : part.strokes()) {
            TimelineSpan span = part.spans().get(stroke.span());
            assertTrue(
                    !stroke.start().isLessThan(span.start()) && stroke.start().isLessThan(span.end()));
        }
    }

    @Test
    void whatIsCalledOutInItComesAsLongAfterItsStartAsThere() {
        Song called = SONG.withSection(
                VERSE,
                verse -> verse.withCues(List.of(
                        new Cue(3, 1, PassChoice.EVERY, "look up"),
                        new Cue(4, 2, PassChoice.EVERY, "hush"),
                        new Cue(6, 1, PassChoice.EVERY, "last one"))));
        Timeline part = Excerpt.of(Timeline.of(called), new BarRange(4, 6));
        assertEquals(
                List.of("4 1/4 hush", "6 2 last one"),
                part.margin().cues().stream()
                        .map(cue -> cue.bar() + " " + cue.at() + " " + cue.text())
                        .toList());
    }

    @ParameterizedTest
    @CsvSource({"9-24, 9-20", "9, 9", "' 3 – 4', 3-4", "20-20, 20"})
    void barsAreReadAsTheyAreWritten(String text, String range) {
        assertEquals(range, BarRange.parse(text, 20).toString());
    }

    @ParameterizedTest
    @CsvSource({"0", "21", "5-4", "x", "-3", "1-2-3", "''", "99999999999"})
    void barsThatAreNotThereAreRefused(String text) {
        assertThrows(Refusal.class, () -> BarRange.parse(text, 20));
    }
}
