package tactus.core.written.section;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.reading.sentence.PlaceWords;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.section.Except.Bars;

class ExpansionTest {

    private static final Meter FOUR = Meter.parse("4/4");
    private static final Section VERSE = section("C x2 | G | Am | F x2 | C | G");

    private static HarmonyLine line(String text) {
        return English.line(text, FOUR, Optional.empty());
    }

    private static Section section(String line) {
        HarmonyLine read = line(line);
        return new Section(new SectionId("verse"), "Verse", read.bars(), read.spans(), 2);
    }

    private static Bars bars(String line) {
        HarmonyLine read = line(line);
        return new Bars(read.bars(), read.spans());
    }

    private static String played(Except... excepts) {
        return text(Expansion.of(VERSE, List.of(excepts), Length.WHOLE).section());
    }

    private static String text(Section section) {
        return new HarmonyLine(
                        section.bars(),
                        section.spans(),
                        List.of(),
                        section.harmony().loops())
                .text(FOUR, Length.WHOLE);
    }

    @Test
    void bracketsGoAlongWithTheBarsBehindThoseThatAreAddedOrLeftOut() {
        HarmonyLine line = line("F | [C | G] x2 | Am");
        Section looped = VERSE.withBars(line.bars()).withSpans(line.spans()).withLoops(line.loops());
        assertEquals("F | [C | G] x2 | Am", text(looped));
        assertEquals("F | Dm | [C | G] x2 | Am", text(Expansion.inserted(looped, 1, bars("Dm"), Length.WHOLE)));
        assertEquals(
                "[C | G] x2 | Am",
                text(Expansion.of(looped, List.of(Except.always(new Except.LeftOut(Stretch.bars(1, 1)))), Length.WHOLE)
                        .section()));
        assertEquals(
                "F | C | G | C | Am",
                text(Expansion.of(looped, List.of(Except.always(new Except.LeftOut(Stretch.bars(5, 5)))), Length.WHOLE)
                        .section()));
    }

    @Test
    void otherChordsTakeThePlaceOfTheLastBars() {
        assertEquals("C x2 | G | Am | F x2 | Dm | G7", played(Except.otherBars(Stretch.last(2), bars("Dm | G7"))));
    }

    @Test
    void aChordThatCrossesTheEdgeIsCutThere() {
        assertEquals("C x2 | G | Am | F | Em | Em | G", played(Except.otherBars(Stretch.bars(6, 7), bars("Em | Em"))));
        assertEquals("C | G | Am | F x2 | C | G", played(Except.always(new Except.LeftOut(Stretch.bars(1, 1)))));
    }

    @Test
    void barsAreAddedAtTheEndAndOtherOnesCanBeMoreOrFewer() {
        assertEquals(
                "C x2 | G | Am | F x2 | C | G | (2/4) G", played(Except.always(new Except.ExtraBars(bars("(2/4) G")))));
        assertEquals("Am | F x2 | C | G", played(Except.otherBars(Stretch.bars(1, 4), bars("Am"))));
    }

    @Test
    void exceptionsAreDoneOneAfterAnother() {
        assertEquals(
                "C x2 | G | Am | F x2 | C | G7 | C",
                played(
                        Except.always(new Except.ExtraBars(bars("C"))),
                        Except.otherBars(Stretch.bars(8, 8), bars("G7"))));
    }

    /** Bar 2 is left out, and then bar 5 as it is written, which is the fourth that is left: F, not C. */
    @Test
    void aSecondExceptionCountsTheBarsAsTheyAreWrittenToo() {
        Except second = Except.always(new Except.LeftOut(Stretch.bars(2, 2)));
        Except fifth = Except.always(new Except.LeftOut(Stretch.bars(5, 5)));
        Except gone = Except.otherBars(Stretch.bars(2, 2), bars("Em"));
        assertEquals("C | G | Am | F | C | G", played(second, fifth));
        assertEquals(played(second, fifth), played(fifth, second));
        assertEquals(played(second), played(second, gone), "it is not there any more");
    }

    @Test
    void anExceptionThatFindsNoBarsOrLeavesNoneDoesNothing() {
        var none = Except.otherBars(Stretch.bars(9, 12), bars("Em"));
        var all = Except.always(new Except.LeftOut(Stretch.bars(1, 8)));
        assertEquals(text(VERSE), played(none, all));
        assertFalse(Expansion.finds(VERSE, none));
        assertFalse(Expansion.finds(VERSE, all));
        assertTrue(Expansion.finds(VERSE, Except.otherBars(Stretch.last(2), bars("Em"))));
    }

    @Test
    void aChangeToTheVerseReachesEveryUseOfIt() {
        Use second = Use.of(2, VERSE.id()).plus(Except.otherBars(Stretch.last(1), bars("G7")));
        Section longer = section("C x2 | G | Am | F x2 | C | G | Am | G");
        assertEquals(
                "C x2 | G | Am | F x2 | C | G | Am | G7",
                text(Expansion.of(longer, Expansion.on(second, 1, 2), Length.WHOLE)
                        .section()));
    }

    @Test
    void takingAnExceptionBackRestoresTheOriginal() {
        Use use = Use.of(1, VERSE.id());
        Use other = use.plus(Except.runs(3)).plus(Except.otherBars(Stretch.last(2), bars("F | F")));
        assertEquals(3, Expansion.passes(VERSE, other));
        assertEquals(use, other.minus(1).minus(0));
        Numbered restored = Expansion.of(VERSE, Expansion.on(use, 1, 2), Length.WHOLE);
        assertEquals(VERSE, restored.section());
        assertEquals(Numbered.of(VERSE).bars(), restored.bars());
    }

    @Test
    void anExceptionCanHoldForTheLastPassOnly() {
        Use use = Use.of(1, VERSE.id()).plus(new Except(PassChoice.LAST, new Except.ExtraBars(bars("C"))));
        assertTrue(Expansion.on(use, 1, 2).isEmpty());
        assertEquals(1, Expansion.on(use, 2, 2).size());
    }

    @Test
    void cuesAndVoiceMoveWithTheirBars() {
        Section sung = VERSE.withVoice(List.of(Stretch.bars(1, 2), Stretch.bars(5, 6)))
                .withCues(List.of(
                        new Cue(2, 1, PassChoice.EVERY, "stay"),
                        new Cue(3, 1, PassChoice.EVERY, "gone"),
                        new Cue(5, 2, PassChoice.EVERY, "moves")));
        Section fewer = Expansion.of(sung, List.of(Except.always(new Except.LeftOut(Stretch.bars(3, 4)))), Length.WHOLE)
                .section();
        assertEquals(List.of(Stretch.bars(1, 2), Stretch.bars(3, 4)), fewer.voice());
        assertEquals(
                "2 stay, 3 moves",
                fewer.cues().stream().map(cue -> cue.bar() + " " + cue.text()).collect(Collectors.joining(", ")));
    }

    @Test
    void aTagFollowsWithItsOwnVoice() {
        Section tag = section("F | G").withVoice(List.of(Stretch.bars(2, 2)));
        Numbered numbered = Expansion.tagged(Numbered.of(VERSE), tag);
        Section tagged = numbered.section();
        assertEquals(List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10), numbered.bars());
        assertEquals(List.of(1, 2, 3, 4, 5, 6, 7, 8), numbered.chords());
        assertEquals("C x2 | G | Am | F x2 | C | G | F | G", text(tagged));
        assertEquals(List.of(Stretch.bars(10, 10)), tagged.voice());
    }

    /** Bars of VERSE: C C G Am F F C G. What comes in place of a bar takes its number, what is added the next ones. */
    @ParameterizedTest
    @CsvSource({
        "1, , 2 3 4 5 6 7 8, 1 2 3 4 5 6",
        "2, , 1 3 4 5 6 7 8, 1 2 3 4 5 6",
        "3, , 1 2 4 5 6 7 8, 1 3 4 5 6",
        "3-4, , 1 2 5 6 7 8, 1 4 5 6",
        "8, , 1 2 3 4 5 6 7, 1 2 3 4 5",
        "1-7, , 8, 6",
        "3, Em, 1 2 3 4 5 6 7 8, 1 2 3 4 5 6",
        "3, Em | D | A, 1 2 3 9 10 4 5 6 7 8, 1 2 7 8 3 4 5 6",
        "3-4, Em, 1 2 3 5 6 7 8, 1 2 4 5 6",
        "7-8, Dm | G | C, 1 2 3 4 5 6 7 8 9, 1 2 3 4 5 6 7"
    })
    void barsAndChordsKeepTheNumbersTheyAreWrittenWith(String where, String instead, String bars, String chords) {
        Stretch stretch = Stretch.ofCode(where);
        Except except = Except.always(
                instead == null ? new Except.LeftOut(stretch) : new Except.OtherBars(stretch, bars(instead)));
        Numbered numbered = Expansion.of(VERSE, List.of(except), Length.WHOLE);
        assertEquals(bars, said(numbered.bars()));
        assertEquals(chords, said(numbered.chords()));
    }

    private static String said(List<Integer> numbers) {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    /** With bars 2 and 5 left out, the pass has bars 1 3 4 6 7 8: in wholes from its start. */
    @ParameterizedTest
    @CsvSource({
        "3, 4, 8",
        "2, ,",
        "2-3, 4, 8",
        "4-6, 8, 16",
        "4.3-5.2, 10, 12",
        "5.2-6.1, 12, 13",
        "1.2-2.3, 1, 4",
        "-2, 16, 24",
        "9, ,",
        "7-20, 16, 24"
    })
    void aStretchIsFoundByTheNumbersOfItsBars(String code, Integer from, Integer to) {
        Numbered numbered = Expansion.of(
                VERSE,
                List.of(
                        Except.always(new Except.LeftOut(Stretch.bars(5, 5))),
                        Except.always(new Except.LeftOut(Stretch.bars(2, 2)))),
                Length.WHOLE);
        Optional<Stretch.Bounds> expected =
                Optional.ofNullable(from).map(start -> new Stretch.Bounds(Length.of(start, 4), Length.of(to, 4)));
        assertEquals(expected, numbered.in(Stretch.ofCode(code)));
    }

    @ParameterizedTest
    @CsvSource({
        "bars 5-8, 16, 32",
        "bar 2, 4, 8",
        "bar 4.3, 14, 15",
        "bars 4.3-5.2, 14, 18",
        "last 2 bars, 24, 32",
        "last bar, 28, 32",
        "bars 7-20, 24, 32",
        "last 20 bars, 0, 32"
    })
    void aStretchIsReadWrittenAndFound(String text, int from, int to) {
        Stretch stretch = English.stretch(text);
        assertEquals(text, new PlaceWords(English.LEXICON).of(stretch));
        assertEquals(stretch, Stretch.ofCode(stretch.code()));
        var bars = new BarLines(VERSE.bars());
        assertEquals(Optional.of(new Stretch.Bounds(Length.of(from, 4), Length.of(to, 4))), stretch.in(bars));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "bars 5-4", "bar 1.0", "last 0 bars", "first bar", "5-8.", "bar 4.3-4.2"})
    void aStretchThatCannotBeIsRefused(String text) {
        assertThrows(NotationException.class, () -> English.stretch(text));
    }

    @Test
    void aStretchBehindTheLastBarIsNowhere() {
        assertTrue(Stretch.bars(9, 9).in(VERSE.barLines()).isEmpty());
        assertTrue(English.stretch("bar 1.5").in(VERSE.barLines()).isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"every pass", "last pass", "all passes but the last", "pass 1", "pass 99"})
    void aPassIsReadAsItIsWritten(String text) {
        var words = new PlaceWords(English.LEXICON);
        PassChoice pass = words.pass(text).orElseThrow();
        assertEquals(text, words.of(pass));
        assertEquals(pass, PassChoice.ofCode(pass.code()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"pass 0", "pass 100"})
    void aPassThatCannotBeIsRefused(String text) {
        assertThrows(Refusal.class, () -> new PlaceWords(English.LEXICON).pass(text));
        assertEquals(Optional.empty(), new PlaceWords(English.LEXICON).pass("first pass"));
        assertThrows(Refusal.class, () -> PassChoice.ofCode("first"));
    }
}
