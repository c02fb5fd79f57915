package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

class TimelineTest {

    private static Timeline timeline(String meters, String spans, String line) {
        return Timeline.of(song(meters, spans, line));
    }

    private static String struck(Timeline timeline) {
        return timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .map(stroke -> stroke.bar() + ":" + stroke.count())
                .collect(Collectors.joining(" "));
    }

    @Test
    void everyRoundStartsWithItsChord() {
        assertEquals("1:1 1:2 1:2& 2:1 2:2 2:2&", struck(timeline("2/4 2/4", "C: 1 bar, G: 1 bar", "d-du")));
    }

    @Test
    void aPatternLongerThanItsChordIsCutAndStartsAnewWithTheNext() {
        Timeline timeline = timeline("4/4", "C: 2 beats, G: 2 beats", "d-du-udu");
        assertEquals("1:1 1:2 1:2& 1:3 1:4 1:4&", struck(timeline));
        Fit fit = timeline.spans().getFirst().fit().orElseThrow();
        assertEquals(0, fit.rounds());
        assertEquals(Length.of(1, 2), fit.rest());
        assertEquals(Length.of(1, 2), fit.missing());
    }

    @Test
    void aPatternShorterThanItsChordGoesRoundAndItsRestIsCut() {
        Timeline timeline = timeline("4/4 2/4", "C: 6 beats", "dudu");
        Fit fit = timeline.spans().getFirst().fit().orElseThrow();
        assertEquals(1, fit.rounds());
        assertEquals(Length.of(1, 2), fit.missing());
        assertEquals(12, timeline.strokes().size());
    }

    @Test
    void aSlotThatTheChordEndsWithinIsShortened() {
        Timeline timeline = timeline("4/4", "C: 3/2 beats, G: 5/2 beats", "d---");
        TimelineStroke last = timeline.strokes().stream()
                .filter(stroke -> stroke.span() == 0)
                .toList()
                .getLast();
        assertEquals(Length.of(3, 8), last.end());
    }

    @Test
    void barsAreNumberedThroughPassesAndUses() {
        Song twice = song("4/4 2/4", "C: 2 bars", "dudu")
                .withSection(VERSE, section -> section.withPasses(2))
                .withOrder(List.of(VERSE, VERSE));
        List<TimelineBar> bars = Timeline.of(twice).bars();
        assertEquals(8, bars.size());
        TimelineBar seventh = bars.get(6);
        assertEquals(7, seventh.number());
        assertEquals(1, seventh.use());
        assertEquals(2, seventh.pass());
        assertTrue(seventh.isFirst());
        assertEquals(Length.of(9, 2), seventh.start());
    }

    @Test
    void theLastPassPlaysItsOwnPattern() {
        PatternId other = new PatternId("other");
        Song song = song("2/4", "C: 1 bar", "dudu");
        Song two = song.withPattern(
                        Pattern.empty(other, "Other", Meter.parse("2/4")).withLine("d"))
                .withSection(VERSE, section -> section.withPasses(2));
        Song twice = Assignment.assigned(two, Where.in(VERSE).withPass(PassChoice.LAST), Optional.of(other));
        assertEquals("1:1 1:1& 1:2 1:2& 2:1", struck(Timeline.of(twice)));
        assertEquals(other, Timeline.of(twice).spans().getLast().pattern().orElseThrow());
    }

    @Test
    void chordsThatSpillOverEndWithTheirSection() {
        Timeline timeline = timeline("4/4", "C: 3 beats, G: 3 beats, D: 1 bar", "dudu");
        assertEquals(2, timeline.spans().size());
        assertEquals(Length.WHOLE, timeline.spans().getLast().end());
    }

    @Test
    void barsWithoutAChordAreSilent() {
        Timeline timeline = timeline("4/4 4/4", "C: 1 bar", "dudu");
        assertEquals(2, timeline.bars().size());
        assertTrue(timeline.strokesIn(2).isEmpty());
    }

    @Test
    void aStrokeKnowsItsStringsPitchesAndTime() {
        Song song = song("4/4", "C: 1 bar", "-t");
        TimelineStroke stroke = Timeline.of(song.withFacts(song.facts().withInstrument(Instrument.USUAL.withCapo(2))))
                .strokes()
                .get(1);
        assertEquals(
                List.of(
                        new StruckString(1, Pitch.parse("F#4")),
                        new StruckString(2, Pitch.parse("D4")),
                        new StruckString(3, Pitch.parse("A3"))),
                stroke.strings());
        assertEquals(0.25, stroke.seconds(), 1e-12);
        assertEquals(Optional.of(Direction.UP), stroke.hand());
    }

    @Test
    void aGuitarTunedDownSoundsLower() {
        Song song = song("4/4", "C: 1 bar", "b");
        var lowered = song.withFacts(song.facts().withInstrument(Instrument.USUAL.withTunedDown(2)));
        assertEquals(
                List.of(new StruckString(5, Pitch.parse("Bb2")), new StruckString(4, Pitch.parse("D3"))),
                Timeline.of(lowered).strokes().getFirst().strings());
    }

    @Test
    void strokesReachOnlyTheStringsThatAShapeIsStrummedOn() {
        Song song = song("4/4", "C: 1 bar", "du");
        Chord c = song.chord("C").orElseThrow().withStrummed(Optional.of(StringRange.parse("4-2")));
        Timeline timeline = Timeline.of(song.withChord(c));
        assertEquals(
                List.of(4, 3, 2),
                timeline.strokes().get(0).strings().stream()
                        .map(StruckString::string)
                        .toList());
        assertEquals(
                List.of(2, 3, 4),
                timeline.strokes().get(1).strings().stream()
                        .map(StruckString::string)
                        .toList());
    }

    @Test
    void aStringThatTheShapeLeavesOutIsNotStruck() {
        var bass = timeline("4/4", "D: 1 bar", "b").strokes().getFirst();
        assertEquals(List.of(new StruckString(4, Pitch.parse("D3"))), bass.strings());
    }

    @Test
    void aChordWithoutAShapeOrWithTooFewStringsIsSilent() {
        assertTrue(timeline("4/4", "Ebsus2: 1 bar", "d")
                .strokes()
                .getFirst()
                .strings()
                .isEmpty());
        Song short4 = song("4/4", "C: 1 bar", "d").withChord(new Chord("C", Voicing.parse("0003")));
        assertTrue(Timeline.of(short4).strokes().getFirst().strings().isEmpty());
    }

    @Test
    void aTempoChangeMovesTimesButNoPositions() {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Song slow = song.withFacts(song.facts().withTempo(new Tempo(60, Length.QUARTER)));
        assertEquals(Timeline.of(song).length(), Timeline.of(slow).length());
        assertEquals(2 * Timeline.of(song).seconds(), Timeline.of(slow).seconds(), 1e-9);
    }

    @Test
    void aSongWithoutAnOrderIsEmpty() {
        Timeline empty = Timeline.of(Song.empty("Empty"));
        assertTrue(empty.bars().isEmpty());
        assertEquals(0, empty.seconds());
        assertTrue(empty.barAt(Length.ZERO).isEmpty());
    }

    @Test
    void tenThousandBarsAreLaidOutToTheLast() {
        Song one = song("4/4", "C: 1 bar", "d-du-udu");
        Section section = one.section(VERSE).orElseThrow();
        Song long_ = one.withSection(section.withBars(Collections.nCopies(100, Meter.parse("4/4")))
                        .withSpans(Collections.nCopies(100, section.spans().getFirst())))
                .withOrder(Collections.nCopies(100, VERSE));
        Timeline timeline = Timeline.of(long_);
        assertEquals(10_000, timeline.bars().size());
        assertEquals(80_000, timeline.strokes().size());
        assertEquals(10_000, timeline.barAt(Length.of(79_999, 8)).orElseThrow().number());
        assertEquals("4&", timeline.strokes().getLast().count().toString());
    }

    /**
     * Counted a second way: on a raster of 1/48 notes, moving tick by tick, with none of the production code's fractions.
     */
    @ParameterizedTest
    @CsvSource({
        "4/4 4/4 2/4 4/4, C: 1 bar; G: 2 beats; D: 2 beats; C: 2 beats; G: 1 bar, d-du-udu",
        "6/8 6/8 6/8, C: 1 bar; G: 1 beat; D: 3 beats, d-dudu",
        "7/8 7/8, C: 2 beats; G: 4 beats, dud-udu",
        "3/4 2/4 3/4, C: 5 beats; D: 3 beats, b-tut-"
    })
    void everyStrokeIsWhereCountingTicksPutsIt(String meters, String spans, String line) {
        Song song = song(meters, spans.replace("; ", ", "), line);
        Pattern pattern = song.pattern(PATTERN).orElseThrow();
        int slotTicks = 48 / 8;
        int round = pattern.played().size() * slotTicks;
        Timeline timeline = Timeline.of(song);
        int stroke = 0;
        for (TimelineSpan span : timeline.spans()) {
            int from = ticks(span.start());
            for (int tick = from; tick < ticks(span.end()); tick++) {
                if ((tick - from) % round % slotTicks != 0) continue;
                TimelineStroke found = timeline.strokes().get(stroke++);
                assertEquals(tick, ticks(found.start()));
                assertEquals((tick - from) % round / slotTicks, found.slot());
            }
        }
        assertEquals(timeline.strokes().size(), stroke);
    }

    private static int ticks(Length length) {
        return Math.toIntExact(length.times(48).over());
    }

    @Test
    void theSpansOfASectionThatAddsUpFillItWithoutGaps() {
        Timeline timeline = timeline("4/4 2/4 4/4", "C: 3/2 beats, G: 9/2 beats, D: 1 bar", "dud");
        Length at = Length.ZERO;
        for (TimelineSpan span : timeline.spans()) {
            assertEquals(at, span.start());
            at = span.end();
        }
        assertEquals(timeline.length(), at);
    }

    private static Song withPickup() {
        Song song = SongFixture.song("4/4", "C: 1 bar", "d-d-d-d-");
        Pattern led = song.pattern(SongFixture.PATTERN).orElseThrow();
        led = led.withFrame(led.frame().withPickup(1)).withLine("uDd-d-d-d-");
        return song.withPattern(led).withOrder(List.of(SongFixture.VERSE, SongFixture.VERSE));
    }

    @Test
    void aPickUpTakesThePlaceOfWhatIsPlayedInFrontOfTheBarLine() {
        Timeline timeline = Timeline.of(withPickup());
        String strokes = timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .map(stroke -> stroke.bar() + ":" + stroke.count()
                        + (stroke.stroke().force().isAccented() ? "!" : ""))
                .collect(Collectors.joining(" "));
        assertEquals("1:1 1:2 1:3 1:4 1:4&! 2:1 2:2 2:3 2:4", strokes);
        assertEquals(Length.of(2), timeline.length());
    }

    @Test
    void aPickUpThatIsNotStruckYetTakesNothingAway() {
        Song song = withPickup();
        Pattern led = song.pattern(SongFixture.PATTERN).orElseThrow().withLine("--d-d-d-d-");
        assertEquals(
                8,
                Timeline.of(song.withPattern(led)).strokes().stream()
                        .filter(stroke -> stroke.stroke().isStruck())
                        .count());
    }

    @Test
    void swingMovesWhenOffBeatsSoundAndNotTheirCount() {
        Song song = SongFixture.song("4/4", "C: 1 bar", "dududu");
        Pattern swung = song.pattern(SongFixture.PATTERN).orElseThrow();
        song = song.withPattern(swung.withFrame(swung.frame().withFeel(Feel.TRIPLET_SWING)));
        TimelineStroke second = Timeline.of(song).strokes().get(1);
        // At 120 a quarter lasts half a second; two thirds of it are 1/3 s.
        assertEquals(1 / 3.0, second.seconds(), 1e-12);
        assertEquals("1&", second.count().toString());
        assertEquals(Length.EIGHTH, second.start());
    }

    @Test
    void rolesFollowTheChordAndMovedFingersSound() {
        Song song = SongFixture.song("4/4 4/4", "C: 1 bar, D: 1 bar", "p-i-m-i-");
        Pattern figure = song.pattern(SongFixture.PATTERN).orElseThrow();
        figure = figure.withMoves(2, List.of(FingerMove.parse("2.3"))).withMoves(5, List.of(FingerMove.parse("2h1")));
        Timeline timeline = Timeline.of(song.withPattern(figure));
        assertEquals("5:48 3:55 2:62 3:55", sounded(timeline, 1));
        assertEquals("4:50 2:62 1:66 2:60", sounded(timeline, 2));
        assertEquals(
                List.of("2:60"),
                timeline.strokesIn(1).stream()
                        .flatMap(stroke -> stroke.slurred().stream())
                        .map(slur -> slur.string() + ":" + slur.pitch().number())
                        .toList());
    }

    private static String sounded(Timeline timeline, int bar) {
        return timeline.strokesIn(bar).stream()
                .flatMap(stroke -> stroke.strings().stream())
                .map(struck -> struck.string() + ":" + struck.pitch().number())
                .collect(Collectors.joining(" "));
    }
}
