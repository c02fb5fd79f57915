package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

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
        Song without = Assignment.assigned(song, Where.in(VERSE).withPass(PassChoice.LAST), Optional.of(PATTERN))
                .withoutPattern(PATTERN);
        assertTrue(Assignment.of(without, VERSE).isEmpty());
        assertTrue(without.rules().isEmpty());
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
                () -> Assignment.assigned(song, Where.in(VERSE), Optional.of(new PatternId("none"))));
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
        var wrong = assertThrows(Refusal.class, () -> song.withOrder(Collections.nCopies(1_001, VERSE)));
        assertEquals("a running order has at most 1,000 entries, not 1001", English.of(wrong));
    }

    @Test
    void theLastPassHasItsOwnPatternOnlyWhereThereAreSeveral() {
        assertFalse(PassChoice.LAST.has(1, 1));
        assertFalse(PassChoice.LAST.has(1, 2));
        assertTrue(PassChoice.LAST.has(2, 2));
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
        var wrong = assertThrows(Refusal.class, () -> song.facts().instrument().withCapo(capo));
        assertEquals("the capo must be at fret 0 (none) to 11, was " + capo, English.of(wrong));
    }

    @Test
    void shapesAreWhatSoundsLoweredByTheCapo() {
        Facts facts = song.facts().withKey(Key.parse("Eb")).withInstrument(Instrument.USUAL.withCapo(3));
        assertEquals("C", facts.shapesKey().toString());
    }

    @ParameterizedTest
    @CsvSource({"2 bars, 2", "1 bar, 1", "3 beats, 3/4", "1/2 bars, 1/2", "3/2 beats, 3/8", "2 rounds, 3/4"})
    void aSpanIsReadPrintedAndLaidOut(String text, String end) {
        SpanLength length = English.length(text);
        assertEquals(length, English.length(new LengthWords(English.LEXICON).of(length)));
        var bars = new BarLines(Collections.nCopies(4, Meter.parse("4/4")));
        assertEquals(Length.parse(end), length.end(bars, Length.ZERO, Length.parse("3/8")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "2", "0 bars", "-1 beats", "1001 bars", "0 rounds", "two bars"})
    void aSpanWithoutALengthIsRefused(String text) {
        assertThrows(NotationException.class, () -> English.length(text));
    }
}
