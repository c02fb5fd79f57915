package tactus.core.reading.sentence;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Song;

class SungTextTest {

    private static BarLines bars(String meters) {
        return new BarLines(Arrays.stream(meters.split(" ")).map(Meter::parse).toList());
    }

    private static final BarLines FOUR = bars("4/4 4/4 4/4 4/4");

    /** Every syllable with its bar and its place in quarters, from 0. */
    private static String said(List<WordLine> lines) {
        return lines.stream()
                .map(line -> line.syllables().stream()
                        .map(each -> each.text() + (each.goesOn() ? "-" : "") + "@" + each.bar() + "."
                                + each.inBar().dividedBy(Length.QUARTER))
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" / "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // As many words as beats: one on each (common practice in chord sheets with bar lines).
                "4/4 4/4; car-ry the light | home; car-@1.0 ry@1.1 the@1.2 light@1.3 home@2.0",
                "4/4 4/4; | one | two; one@1.0 two@2.0",
                "4/4; we all walk to the pond; we@1.0 all@1.1/2 walk@1.1 to@1.3/2 the@1.2 pond@1.5/2",
                "4/4 4/4; . . lan-tern | .; lan-@1.2 tern@1.3",
                "3/4 3/4; slow | and low; slow@1.0 and@2.0 low@2.1",
                "6/8; light the lan-tern now; light@1.0 the@1.1/2 lan-@1.1 tern@1.3/2 now@1.2",
                "6/8; light low; light@1.0 low@1.3/2",
                "5/8; one two three; one@1.0 two@1.1/2 three@1.1",
                "4/4 4/4; (and) home | now; and@0.3 home@1.0 now@2.0",
                "4/4 4/4; (car-ry the) light | now; car-@0.5/2 ry@0.3 the@0.7/2 light@1.0 now@2.0",
                // Without bar lines the lines share the bars, two each.
                "4/4 4/4 4/4 4/4; car-ry the lan-tern\\down to the pond;"
                        + " car-@1.0 ry@1.1 the@1.3 lan-@2.0 tern@2.2 / down@3.0 to@3.2 the@4.0 pond@4.2",
                "4/4; -- home; home@1.2",
                "4/4 4/4; I’m – here; I’m@1.0 here@2.1"
            })
    void wordsStandOnTheBeatsOfTheirBars(String meters, String typed, String wanted) {
        assertEquals(
                wanted.strip().replaceAll("@(\\d)\\.(\\d)/2", "@$1.$2/2"),
                said(new SungText(bars(meters)).parse(typed.replace('\\', '\n'))));
    }

    @Test
    void wordsAreWrittenSoThatTheyAreReadTheSame() {
        var random = new Random(7);
        List<String> words = List.of("lan-tern", "home", ".", "the", "pond", "walk-ing", "a", "-", "o-ver", "(x)");
        for (String meters : List.of("4/4 4/4 4/4 4/4", "3/4 3/4 6/8 6/8", "2+2+3/8 4/4 5/4 12/8", "2/2 7/8 4/4 9/8")) {
            var text = new SungText(bars(meters));
            for (int i = 0; i < 300; i++) {
                var typed = new StringBuilder();
                for (int line = 0; line < 1 + random.nextInt(2); line++) {
                    if (random.nextInt(3) == 0) typed.append("(and the) ");
                    for (int word = 0; word < random.nextInt(5); word++) {
                        String next = words.get(random.nextInt(words.size() - 1));
                        typed.append(next).append(' ');
                        if (random.nextInt(6) == 0
                                && typed.chars().filter(sign -> sign == '|').count() < 2) typed.append("| ");
                    }
                    typed.append('\n');
                }
                List<WordLine> read = text.parse(typed.toString());
                String written = text.format(read);
                assertEquals(said(read), said(text.parse(written)), () -> typed + " became " + written);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"a | b | c | d | e", "one\ntwo\nthree\nfour\nfive|", "(and the light | home"})
    void whatDoesNotFitIsRefusedWithAReason(String typed) {
        var wrong = assertThrows(NotationException.class, () -> new SungText(FOUR).parse(typed));
        assertTrue(English.of(wrong).length() > 20, English.of(wrong));
    }

    @Test
    void aWordOfFiftyLettersIsRefusedAndNoTextFaults() {
        String wrong =
                English.of(assertThrows(NotationException.class, () -> new SungText(FOUR).parse("a" + "h".repeat(50))));
        assertTrue(wrong.contains("40"), wrong);
        var random = new Random(3);
        String signs = "ab -|().–_\n\t\u05D0é'";
        for (int i = 0; i < 3_000; i++) {
            String typed = random.ints(random.nextInt(30), 0, signs.length())
                    .mapToObj(sign -> signs.substring(sign, sign + 1))
                    .collect(Collectors.joining());
            try {
                var text = new SungText(FOUR);
                assertEquals(said(text.parse(typed)), said(text.parse(text.format(text.parse(typed)))), typed);
            } catch (NotationException expected) {
                assertTrue(!English.of(expected).isEmpty());
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "to the pond; 4; 1; to . the pond",
                "to . pond; 6; -1; to pond .",
                "to the . pond; 4; 1; to . the pond",
                "to the pond; 4; -1; to the pond",
                "lan-tern | home; 5; 1; lan-. tern | home",
                "; 0; 1; ''"
            })
    void aWordIsMovedOverAnEmptyPlace(String typed, int caret, int step, String wanted) {
        String text = typed == null ? "" : typed;
        assertEquals(wanted, SungText.moved(text, caret, step).text());
    }

    private static Song sung() {
        Song song = song("4/4 4/4 4/4 4/4", "C: 2 bars, G: 2 bars", "d-d-d-d-");
        List<WordLine> words = new SungText(FOUR).parse("(oh) car-ry the light | home");
        return song.withSection(VERSE, verse -> verse.withPasses(2).withWords(words));
    }

    private static String words(Timeline timeline) {
        return timeline.margin().words().stream()
                .map(word -> word.text() + "@" + word.at())
                .collect(Collectors.joining(" "));
    }

    @Test
    void theWordsAreInTheTimelineOfEveryPass() {
        assertEquals(
                "oh@-1/4 car@0 ry@1/4 the@1/2 light@3/4 home@1 oh@15/4 car@4 ry@17/4 the@9/2 light@19/4 home@5",
                words(Timeline.of(sung())));
    }

    @Test
    void somebodySingsWhereTheWordsAre() {
        Song song = sung().withSection(VERSE, verse -> verse.withVoice(List.of(Stretch.bars(4, 4))));
        assertEquals(
                List.of(Length.ZERO, Length.of(4)),
                Timeline.of(song).margin().sung().stream()
                        .map(Stretch.Bounds::from)
                        .toList());
        Song quiet = song.withRule(English.rule(song, "Verse, where somebody sings: soft"));
        List<TimelineStroke> strokes = Timeline.of(quiet).strokes();
        assertTrue(strokes.getFirst().loudness() < strokes.getLast().loudness());
        assertEquals(
                Length.of(5, 4),
                strokes.stream()
                        .filter(stroke -> stroke.loudness() > strokes.getFirst().loudness())
                        .findFirst()
                        .orElseThrow()
                        .start());
    }

    @Test
    void aPassAndAnEntryHaveWordsOfTheirOwn() {
        Song song = sung().withOrder(List.of(VERSE, VERSE));
        var other = new Except.OtherWords(new SungText(FOUR).parse("down | down"));
        Song second = song.withUse(song.uses().getLast().plus(new Except(PassChoice.of(2), other)));
        Timeline timeline = Timeline.of(second);
        assertEquals(
                List.of("oh", "car", "ry", "the", "light", "home"),
                timeline.wordsOf(timeline.barsOf(1, 1)).stream()
                        .map(Margin.SungAt::text)
                        .toList());
        assertEquals(
                List.of("down", "down"),
                timeline.wordsOf(timeline.barsOf(1, 2)).stream()
                        .map(Margin.SungAt::text)
                        .toList());
        var blocks = Outline.of(timeline).uses().getLast().blocks();
        assertEquals(1, blocks.size(), "the bars are drawn once");
        assertEquals(
                List.of(List.of(1), List.of(2)),
                blocks.getFirst().words().stream().map(lane -> lane.passes()).toList());
        assertTrue(Outline.of(timeline).uses().getLast().sameAs().isEmpty(), "other words are not the same");
    }

    @Test
    void nobodySingsOnAPassThatHasNoWords() {
        Song song = sung();
        Song quiet = song.withUse(
                song.uses().getFirst().plus(new Except(PassChoice.of(1), new Except.OtherWords(List.of()))));
        assertEquals(1, Timeline.of(quiet).margin().sung().size());
    }

    @Test
    void wordsBehindTheLastBarAreNotSungAndComeBackWithTheirBar() {
        Song song = sung();
        Song shorter = song.withSection(
                VERSE,
                verse -> verse.withBars(verse.bars().subList(0, 1))
                        .withSpans(verse.spans().subList(0, 1)));
        assertEquals(
                "oh@-1/4 car@0 ry@1/4 the@1/2 light@3/4 oh@3/4 car@1 ry@5/4 the@3/2 light@7/4",
                words(Timeline.of(shorter)));
        Song longer = shorter.withSection(VERSE, verse -> song.section(VERSE).orElseThrow());
        assertEquals(words(Timeline.of(song)), words(Timeline.of(longer)));
    }

    @Test
    void wordsGoWithTheirBars() {
        Song song = sung();
        Song shorter = song.withUse(song.uses().getFirst().plus(Except.always(new Except.LeftOut(Stretch.bars(1, 1)))));
        assertEquals(
                List.of("oh", "home"),
                Timeline.of(shorter).margin().words().stream()
                        .map(Margin.SungAt::text)
                        .distinct()
                        .toList());
    }
}
