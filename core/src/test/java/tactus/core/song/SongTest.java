package tactus.core.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.song.SongFixture.PATTERN;
import static tactus.core.song.SongFixture.VERSE;
import static tactus.core.song.SongFixture.song;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.pattern.PatternId;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

class SongTest {

    private final Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    @Test
    void aChangedPatternTakesThePlaceOfTheOneWithItsId() {
        Song changed = song.withPattern(song.patterns().getFirst().withName("Other"));
        assertEquals(1, changed.patterns().size());
        assertEquals("Other", changed.pattern(PATTERN).orElseThrow().name());
    }

    @Test
    void takingAPatternAwayLeavesItsSectionsWithNothingToPlay() {
        Song without = song.withSection(VERSE, section -> section.withLastPassPattern(Optional.of(PATTERN)))
                .withoutPattern(PATTERN);
        Section verse = without.section(VERSE).orElseThrow();
        assertTrue(verse.pattern().isEmpty());
        assertTrue(verse.lastPassPattern().isEmpty());
    }

    @Test
    void takingASectionAwayTakesItOutOfTheOrder() {
        assertTrue(song.withOrder(List.of(VERSE, VERSE))
                .withoutSection(VERSE)
                .order()
                .isEmpty());
    }

    @Test
    void nothingRefersToWhatIsNotThere() {
        assertThrows(IllegalArgumentException.class, () -> song.withOrder(List.of(new SectionId("coda"))));
        assertThrows(
                IllegalArgumentException.class,
                () -> song.withSection(VERSE, section -> section.withPattern(Optional.of(new PatternId("none")))));
    }

    @Test
    void freshIdsDoNotMeetTheOldOnes() {
        assertEquals(new PatternId("p-2"), song.freshPatternId("P"));
        assertEquals(new SectionId("verse-2"), song.freshSectionId("Verse"));
    }

    @Test
    void aRunningOrderEndsAtAThousandEntries() {
        assertEquals(
                1_000, song.withOrder(Collections.nCopies(1_000, VERSE)).order().size());
        var wrong =
                assertThrows(IllegalArgumentException.class, () -> song.withOrder(Collections.nCopies(1_001, VERSE)));
        assertEquals("a running order has at most 1,000 entries, not 1001", wrong.getMessage());
    }

    @Test
    void theLastPassHasItsOwnPatternOnlyWhereThereAreSeveral() {
        PatternId other = new PatternId("other");
        Section verse = song.section(VERSE).orElseThrow().withLastPassPattern(Optional.of(other));
        assertEquals(Optional.of(PATTERN), verse.patternOn(1));
        assertEquals(Optional.of(PATTERN), verse.withPasses(2).patternOn(1));
        assertEquals(Optional.of(other), verse.withPasses(2).patternOn(2));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 100})
    void passesAreOneToNinetyNine(int passes) {
        Section verse = song.section(VERSE).orElseThrow();
        assertThrows(IllegalArgumentException.class, () -> verse.withPasses(passes));
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 12})
    void aCapoOutsideItsFretsIsRefused(int capo) {
        var wrong = assertThrows(
                IllegalArgumentException.class, () -> song.facts().instrument().withCapo(capo));
        assertEquals("the capo must be at fret 0 (none) to 11, was " + capo, wrong.getMessage());
    }

    @Test
    void shapesAreWhatSoundsLoweredByTheCapo() {
        Facts facts = song.facts().withKey(Key.parse("Eb")).withInstrument(Instrument.USUAL.withCapo(3));
        assertEquals("C", facts.shapesKey().toString());
    }

    @ParameterizedTest
    @CsvSource({"2 bars, 2", "1 bar, 1", "3 beats, 3/4", "1/2 bars, 1/2", "3/2 beats, 3/8"})
    void aSpanIsReadPrintedAndLaidOut(String text, String end) {
        SpanLength length = SpanLength.parse(text);
        assertEquals(length, SpanLength.parse(length.toString()));
        var bars = new BarLines(Collections.nCopies(4, Meter.parse("4/4")));
        assertEquals(Length.parse(end), length.end(bars, Length.ZERO));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "2", "0 bars", "-1 beats", "1001 bars", "2 rounds", "two bars"})
    void aSpanWithoutALengthIsRefused(String text) {
        assertThrows(NotationException.class, () -> SpanLength.parse(text));
    }
}
