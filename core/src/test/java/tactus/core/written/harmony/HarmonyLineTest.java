package tactus.core.written.harmony;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.written.section.EachLasts;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

class HarmonyLineTest {

    private static final Meter FOUR = Meter.parse("4/4");

    private static HarmonyLine read(String line) {
        return English.line(line, FOUR, Optional.of(Length.of(2)));
    }

    private static String spans(HarmonyLine line) {
        return line.spans().stream()
                .map(span -> span.chord() + " " + new LengthWords(English.LEXICON).of(span.length()))
                .collect(Collectors.joining(", "));
    }

    private static String bars(HarmonyLine line) {
        return line.bars().stream().map(Meter::toString).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "G | C D | Em; G 1 bar, C 2 beats, D 2 beats, Em 1 bar",
                "C:3 D; C 3 beats, D 1 beat",
                "C D - -; C 1 beat, D 3 beats",
                "C | - | G; C 2 bars, G 1 bar",
                "C D | - G; C 2 beats, D 4 beats, G 2 beats",
                "D x3 | A; D 3 bars, A 1 bar",
                "[D x3 | A] x2; D 3 bars, A 1 bar, D 3 bars, A 1 bar",
                "[C D | Em]; C 2 beats, D 2 beats, Em 1 bar, C 2 beats, D 2 beats, Em 1 bar",
                "C D x2; C 2 beats, D 2 beats, C 2 beats, D 2 beats",
                "G | (2/4) D | N.C.; G 1 bar, D 1 bar, N.C. 1 bar",
                "G:2r | C; G 2 rounds, C 1 bar",
                "F#m7b5 | A-7 Cadd9; F#m7b5 1 bar, A-7 2 beats, Cadd9 2 beats",
                "| G | C |; G 1 bar, C 1 bar",
                "C:3/2 D; C 3/2 beats, D 5/2 beats",
                "three bars D, one A, and that twice; D 3 bars, A 1 bar, D 3 bars, A 1 bar",
                "two beats G, two beats D; G 2 beats, D 2 beats",
                "4 bars C then 2 bars G; C 4 bars, G 2 bars",
                "two rounds of G and one C; G 2 rounds, C 1 round",
                "one bar A, that three times; A 1 bar, A 1 bar, A 1 bar"
            })
    void barsAndChordsAreReadAsTheyAreTypedOrSaid(String line, String spans) {
        assertEquals(spans, spans(read(line)));
    }

    @Test
    void aBarCanHaveAMeterOfItsOwn() {
        assertEquals("4/4 2/4 4/4", bars(read("G | (2/4) D | C")));
        assertEquals("7/8 7/8", bars(English.line("Em:2r", Meter.parse("7/8"), Optional.of(Length.of(7, 8)))));
    }

    @Test
    void aFullStopStrikesOnceAndALowLineLetsItRing() {
        HarmonyLine line = read("G | C D. | Em_ | N.C.");
        assertEquals(List.of(new HarmonyLine.Mark(2, false), new HarmonyLine.Mark(3, true)), line.marks());
        assertEquals("N.C.", line.spans().getLast().chord());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C:3 D:2; has 5 beats of chords in bar 1, which holds 4: 1 too many; 0",
                "C:3; has 3 beats of chords in bar 1, which holds 4: 1 missing; 0",
                "G | C:4 D; has 5 beats of chords in bar 2, which holds 4: 1 too many; 4",
                "| C D Em; has 3 chords sharing 4 beats in bar 1, which do not come out even; 2",
                "G | Xyz; has \"Xyz\" in it, which is no chord; 4",
                "- | G; has no chord yet to go on; 0",
                "G | | C; has no chord in bar 2; 3",
                "[G | C; opens a bracket [ that is not closed; 0",
                "G] x2; closes a bracket that is not open; 1",
                "G x0; cannot go round 0 times; 2",
                "C:0 D; gives a chord no length; 0",
                "three bars D, one beat A; comes to 13 beats: the last bar lacks 3; 24",
                "two bars Hullo; has \"Hullo\" in it, which is no chord; 9",
                "'  '; has no chord: write bars such as G | C D | Em; 0"
            })
    void whatDoesNotComeOutEvenSaysByHowMuchAndWhere(String line, String reason, int index) {
        var wrong = assertThrows(NotationException.class, () -> read(line));
        assertTrue(English.of(wrong).contains(reason), English.of(wrong));
        assertEquals(index, wrong.index());
    }

    @Test
    void roundsOfNothingAndSectionsWithoutEndAreRefused() {
        var rounds = assertThrows(NotationException.class, () -> English.line("G:2r", FOUR, Optional.empty()));
        assertTrue(English.of(rounds).contains("no pattern is assigned"), English.of(rounds));
        var uneven =
                assertThrows(NotationException.class, () -> English.line("G:1r", FOUR, Optional.of(Length.of(3, 4))));
        assertTrue(English.of(uneven).contains("comes to 3/4 bars"), English.of(uneven));
        var many = assertThrows(NotationException.class, () -> read("[[G x999] x9".substring(1) + " | [G x9999] x9"));
        assertTrue(English.of(many).contains("at most 10,000"), English.of(many));
    }

    /** Any split of any bars reads back as the same lengths of the same chords. */
    @Test
    void whatIsWrittenReadsBackAsTheSame() {
        var random = new Random(5);
        List<Meter> meters = List.of(FOUR, Meter.parse("3/4"), Meter.parse("6/8"), Meter.parse("2+2+3/8"));
        for (int song = 0; song < 400; song++) {
            Meter usual = meters.get(random.nextInt(meters.size()));
            var bars = new ArrayList<Meter>();
            for (int bar = 0; bar < 1 + random.nextInt(9); bar++) {
                bars.add(random.nextInt(5) == 0 ? meters.get(random.nextInt(meters.size())) : usual);
            }
            var lines = new BarLines(bars);
            int beats = bars.stream().mapToInt(bar -> bar.beats().size()).sum();
            var spans = new ArrayList<Span>();
            var marks = new ArrayList<HarmonyLine.Mark>();
            for (int at = 0; at < beats; ) {
                int length = Math.min(beats - at, 1 + random.nextInt(6));
                if (random.nextInt(6) == 0) marks.add(new HarmonyLine.Mark(spans.size(), random.nextBoolean()));
                Length from = lines.afterBeats(Length.ZERO, Length.of(at));
                Length to = lines.afterBeats(Length.ZERO, Length.of(at + length));
                spans.add(new Span(
                        List.of("C", "Am7", "F#m7b5", "G/B").get(random.nextInt(4)),
                        SpanLength.between(lines, from, to)));
                at += length;
            }
            String text = new HarmonyLine(bars, spans, marks).text(usual, Length.WHOLE);
            HarmonyLine again = English.line(text, usual, Optional.of(Length.WHOLE));
            assertEquals(bars, again.bars(), text);
            assertEquals(spans, again.spans(), text);
            assertEquals(marks, again.marks(), text);
        }
    }

    @Test
    void oneOfSeveralShapesIsNamedByItsLabelAndKeepsItWhenItIsMoved() {
        HarmonyLine line = English.line("D@up | D@little-finger:3 D@up | D", Meter.of(4, 4), Optional.empty());
        assertEquals(
                List.of("D@up", "D@little-finger", "D@up", "D"),
                line.spans().stream().map(Span::chord).toList());
        assertEquals("D", Chord.plainName("D@up"));
        assertEquals(ChordName.parse("D"), Chord.meaning("D@up").orElseThrow());
        assertEquals("E@up", Chord.labelledAs("D@up", "E"));
        for (String wrong : List.of("D@", "D@a_b", "@up", "D@up@down", "D@" + "a".repeat(25)))
            assertThrows(Refusal.class, () -> English.line(wrong, Meter.of(4, 4), Optional.empty()), wrong);
    }

    /** As chords are said in lessons (common practice); a round is a bar. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "F twice, Gsus2 once;F 1, F 1, Gsus2 1",
                "C four times then F twice;C 1, C 1, C 1, C 1, F 1, F 1",
                "C G twice, F;C 1, G 1, C 1, G 1, F 1",
                "C, G, twice;C 1, G 1, C 1, G 1",
                "three bars D, one A, and that twice;D 3, A 1, D 3, A 1",
                "D for two bars, A for one;D 2, A 1",
                "D for two beats then G for two beats;D 2 beats, G 2 beats",
                "C two bars, G two bars;C 2, G 2",
                "C and G share a bar, Am for one bar;C 2 beats, G 2 beats, Am 1",
                "half a bar of C, half a bar of G;C 2 beats, G 2 beats",
                "one and a half bars of C, half a bar of G;C 6 beats, G 2 beats",
                "a half bar of C, two beats of A;C 2 beats, A 2 beats",
                "C | % | G | %;C 1, C 1, G 1, G 1",
                "C / / / | G / Am /;C 1, G 2 beats, Am 2 beats",
                "C | / / G /;C 6 beats, G 2 beats",
                "||: C | G :|| Am;C 1, G 1, C 1, G 1, Am 1",
                "C | G :|;C 1, G 1, C 1, G 1",
                "C || C7(b9,13) ||;C 1, C7(b9,13) 1",
                "C, F, C/G, G;C ?, F ?, C/G ?, G ?",
                "C:1r G/B:1r;C 1 rounds, G/B 1 rounds",
                "C:1/2r G/B:1/2r;C 1/2 rounds, G/B 1/2 rounds",
                "[C | G] x2;C 1, G 1, C 1, G 1",
                // Chords and nothing else: nobody has said how long.
                "C F C/G G;C ?, F ?, C/G ?, G ?",
                "| C G;C 2 beats, G 2 beats",
                "C x2;C 2"
            })
    void chordsAreReadAsTheyAreSaid(String said, String spans) {
        HarmonyLine line = English.line(said, Meter.of(4, 4), Optional.of(Length.WHOLE));
        assertEquals(
                spans,
                line.spans().stream()
                        .map(span -> span.chord() + " "
                                + switch (span.length()) {
                                    case SpanLength.Bars bars -> bars.count();
                                    case SpanLength.Beats beats -> beats.count() + " beats";
                                    case SpanLength.Open _ -> "?";
                                    case SpanLength.Rounds rounds -> rounds.count() + " rounds";
                                })
                        .collect(Collectors.joining(", ")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C F C/G G; 4/4; A_BAR; C | F | C/G | G",
                "C F C/G G; 4/4; TWO_BARS; C x2 | F x2 | C/G x2 | G x2",
                "C F C/G G; 4/4; HALF_A_BAR; C F | C/G G",
                "C F G; 4/4; HALF_A_BAR; C F | G",
                "C F C/G G; 4/4; A_BEAT; | C F C/G G",
                "C F C/G G Am; 4/4; A_BEAT; C F C/G G | Am",
                "C F G; 3/4; A_BEAT; | C F G",
                "C F; 6/8; HALF_A_BAR; | C F"
            })
    void chordsThatAreOpenAreSaidAtOnce(String line, String meter, EachLasts each, String wanted) {
        Meter bar = Meter.parse(meter);
        HarmonyLine read = English.line(line, bar, Optional.empty());
        var section = new Section(new SectionId("a"), "A", read.bars(), read.spans(), 1);
        assertEquals(
                line,
                new HarmonyLine(section.bars(), section.spans(), List.of()).text(bar, bar.length()),
                "as it was typed");
        assertTrue(EachLasts.isOpen(section));
        Section said = each.in(section);
        assertFalse(EachLasts.isOpen(said));
        String written = new HarmonyLine(said.bars(), said.spans(), List.of()).text(bar, bar.length());
        assertEquals(wanted, written);
        assertEquals(said.spans(), English.line(written, bar, Optional.empty()).spans());
    }

    @Test
    void aBarOfThreeHasNoHalf() {
        HarmonyLine read = English.line("C F G", Meter.of(3, 4), Optional.empty());
        var section = new Section(new SectionId("a"), "A", read.bars(), read.spans(), 1);
        assertFalse(EachLasts.of(section).contains(EachLasts.HALF_A_BAR));
        assertEquals(
                SpanLength.bars(2),
                section.spans().getFirst().length().withCount(Length.of(2)),
                "lengthened by hand it is said");
    }

    /** What was typed in brackets stays in brackets, for as long as it goes round. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "[C | G] x4;[C | G] x4",
                "[D x3 | A] x2;[D x3 | A] x2",
                "Am | [C | G] x2 | F;Am | [C | G] x2 | F",
                "[C G | Am] x2 | [F | G] x3;[C G | Am] x2 | [F | G] x3",
                "[(2/4) C | G] x2;[(2/4) C | G] x2",
                "C | G | C | G;C | G | C | G",
                "[C | G];[C | G] x2",
                "[C | G] x1;C | G",
                "[C. | G_] x2;[C. | G_] x2",
                "[C | - G] x2;[C | - G] x2"
            })
    void bracketsAreKept(String typed, String written) {
        HarmonyLine line = read(typed);
        assertEquals(written, line.text(FOUR, Length.WHOLE));
        assertEquals(line, read(line.text(FOUR, Length.WHOLE)));
    }

    @Test
    void barsThatNoLongerGoRoundAreWrittenOut() {
        HarmonyLine line = read("[C | G] x3");
        var spans = new ArrayList<>(line.spans());
        spans.set(3, new Span("F", spans.get(3).length()));
        assertEquals(
                "C | G | C | F | C | G",
                new HarmonyLine(line.bars(), spans, line.marks(), line.loops()).text(FOUR, Length.WHOLE));
        assertEquals(
                "C | G | C | G",
                new HarmonyLine(line.bars().subList(0, 4), line.spans().subList(0, 4), List.of(), line.loops())
                        .text(FOUR, Length.WHOLE));
        var far = List.of(new Loop(Integer.MAX_VALUE, 1, 2), new Loop(1, Integer.MAX_VALUE, Integer.MAX_VALUE));
        assertEquals(
                "C | G | C | G | C | G",
                new HarmonyLine(line.bars(), line.spans(), List.of(), far).text(FOUR, Length.WHOLE));
        assertThrows(Refusal.class, () -> new Loop(0, 1, 1));
    }
}
