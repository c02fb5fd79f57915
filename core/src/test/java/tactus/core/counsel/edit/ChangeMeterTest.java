package tactus.core.counsel.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.section.Except;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.InVersion;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;

/** A song in another meter: its bars follow, and everything in them keeps its place. */
class ChangeMeterTest {

    private static final String SPANS = "C: 1 bar, G: 2 beats, D: 2 beats, C: 1 bar, G: 2 beats, C: 1 bar";

    private final Song four = song("4/4 4/4 4/4 2/4 4/4", SPANS, "d-du-udu");

    private static Song in(Song song, String meter) {
        return new ChangeMeter(Meter.parse(meter), English.LEXICON).appliedTo(song);
    }

    private static String bars(Song song) {
        return song.section(VERSE).orElseThrow().bars().stream()
                .map(Meter::toString)
                .collect(Collectors.joining(" "));
    }

    /** How many bars each chord lasts. */
    private static List<String> lasting(Song song) {
        var section = song.section(VERSE).orElseThrow();
        var lines = section.barLines();
        var edges = section.edges(Length.WHOLE);
        return java.util.stream.IntStream.range(0, section.spans().size())
                .mapToObj(i -> section.spans().get(i).chord() + " "
                        + lines.barsBefore(edges.get(i + 1)).minus(lines.barsBefore(edges.get(i))))
                .toList();
    }

    /** Every bar kept the old meter as an exception while the header said the new one. */
    @ParameterizedTest
    @ValueSource(strings = {"3/4", "6/8", "12/8", "2/4", "5/4", "7/8", "2/2"})
    void barsThatFollowTheSongFollowItAndChordsKeepTheirBars(String meter) {
        Song other = in(four, meter);
        assertEquals(String.join(" ", meter, meter, meter, "2/4", meter), bars(other));
        assertEquals(meter, other.facts().meter().toString());
        assertEquals(lasting(four), lasting(other));
        Timeline timeline = Timeline.of(other);
        assertEquals(5, timeline.bars().size());
        if (meter.equals("2/4")) return;
        assertEquals(bars(four), bars(in(other, "4/4")), "and back again");
        assertEquals(four.section(VERSE), in(other, "4/4").section(VERSE));
    }

    @Test
    void wordsAndTheTempoGoWithTheBars() {
        var words = List.of(new WordLine(
                List.of(new Syllable(1, Length.ZERO, "Oh", false), new Syllable(2, Length.of(1, 2), "moon", false))));
        Song sung = in(four.withSection(VERSE, verse -> verse.withWords(words)), "6/8");
        List<Syllable> moved =
                sung.section(VERSE).orElseThrow().words().getFirst().syllables();
        assertEquals(Length.ZERO, moved.getFirst().inBar());
        assertEquals(Length.of(3, 8), moved.getLast().inBar(), "half of the bar is its second beat");
        assertEquals(Length.of(3, 8), sung.facts().tempo().beat());
    }

    @ParameterizedTest
    @CsvSource({"3/4", "6/8"})
    void whatIsOtherInAUseAndInAVersionFollowsToo(String meter) {
        Meter now = Meter.parse(meter);
        var bars = new Except.Bars(List.of(Meter.of(4, 4)), List.of(new Span("D", English.length("1 bar"))));
        Song rich = four.withUses(List.of(
                        Use.of(1, VERSE).plus(Except.otherBars(Stretch.bars(1, 1), bars)), Use.of(2, VERSE)))
                .withVersions(new Versions(List.of(Version.of("Week")), Optional.of("Week")));
        Song versioned = InVersion.of(
                        rich,
                        song -> song.withSection(
                                VERSE, verse -> verse.withSpans(verse.spans().reversed())))
                .written();
        Song other = InVersion.of(versioned, song -> in(song, meter)).written();
        assertTrue(other.asShown().section(VERSE).orElseThrow().bars().contains(now));
        assertFalse(other.asShown().section(VERSE).orElseThrow().bars().contains(Meter.of(4, 4)));
        Except.OtherBars kept =
                (Except.OtherBars) other.uses().getFirst().excepts().getFirst().change();
        assertEquals(List.of(now), kept.instead().bars());
        assertEquals(
                List.of(now),
                other.versions().named("Week").orElseThrow().overlay().sections().stream()
                        .flatMap(section -> section.bars().stream())
                        .filter(bar -> !bar.equals(Meter.of(2, 4)))
                        .distinct()
                        .toList());
    }

    @Test
    void aPatternThatWasSaidIsPlacedAnewAndOneThatWasNotIsToldWhereItNoLongerFits() {
        Pattern said = Pattern.empty(new PatternId("said"), "Said", Meter.of(4, 4));
        said = said.withLine("d-d-d-d-").withStory(said.story().withSaid("down down"));
        Song other = in(four.withPattern(said), "6/8");
        Pattern placed = other.pattern(said.id()).orElseThrow();
        assertEquals("6/8", placed.meter().toString());
        assertEquals(2, placed.beats());
        assertEquals(Meter.of(4, 4), other.pattern(PATTERN).orElseThrow().meter());
        assertFalse(
                Snags.all(other, Timeline.of(other), English.LEXICON).isEmpty(),
                "a bar of 4/4 does not fill one of 6/8");
        var told = (Consequence.OtherMeter) new ChangeMeter(Meter.of(6, 8), English.LEXICON)
                .consequences(four.withPattern(said))
                .getFirst();
        assertEquals(4, told.bars());
        assertEquals(1, told.placed());
        assertEquals(List.of("P"), told.left());
    }

    @Test
    void aSongWithoutBarsJustHasAnotherMeter() {
        Song empty = Song.empty("New");
        var edit = new ChangeMeter(Meter.of(6, 8), English.LEXICON);
        assertEquals(Meter.of(6, 8), edit.appliedTo(empty).facts().meter());
        assertEquals(List.of(), edit.consequences(empty));
    }
}
