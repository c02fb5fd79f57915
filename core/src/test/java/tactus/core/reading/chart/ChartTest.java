package tactus.core.reading.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.reading.chart.ChartLine.Kind;
import tactus.core.reading.sentence.OrderLine;
import tactus.core.reading.sentence.SungText;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;

/** Chord texts as they stand in mails, read into sections and bars. */
class ChartTest {

    private static final Meter FOUR = Meter.of(4, 4);

    private static Chart chart(String text) {
        return Chart.read(text, FOUR, English.LEXICON);
    }

    private static Song song(String text) {
        return ChartSong.of(chart(text), Song.empty("New song"), "Song");
    }

    /** {@code Verse 2: G4 D4, C2 D2}: each part with how often, and its bars with the beats of their chords. */
    private static String parts(String text) {
        return chart(text).parts().stream()
                .map(part -> part.name() + " " + part.times() + ": "
                        + part.bars().stream()
                                .map(bar -> bar.chords().stream()
                                        .map(chord -> chord.chord() + chord.beats())
                                        .collect(Collectors.joining(" ")))
                                .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; "));
    }

    /** Line ends are written {@code \n}. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "G D Em C> ' 1: G4, D4, Em4, C4'",
                "Verse:\\nG D\\nEm C> Verse 1: G4, D4, Em4, C4",
                "[Verse 1]\\nG D\\n[Chorus]\\nC G> Verse 1 1: G4, D4; Chorus 1: C4, G4",
                "Chorus x2\\nF G> Chorus 2: F4, G4",
                "CHORUS (x3)\\nF G> Chorus 3: F4, G4",
                "Verse: G D Em C> Verse 1: G4, D4, Em4, C4",
                "Verse 2: Am F x2> Verse 2 1: Am4, F4, Am4, F4",
                "| G / / / | C / D / |> ' 1: G4, C2 D2'",
                "| G | C D | Em |> ' 1: G4, C2 D2, Em4'",
                "| G C D | Em |> ' 1: G2 C1 D1, Em4'",
                "| G / / D |> ' 1: G3 D1'",
                "| G | % | D | / / / / |> ' 1: G4, G4, D4, D4'",
                "|: G | C :|> ' 1: G4, C4, G4, C4'",
                "Intro\\nN.C. G> Intro 1: N.C.4, G4",
                "Bridge\\nF#m7b5 B7 Em/D Cadd9> Bridge 1: F#m7b5 4, B7 4, Em/D4, Cadd9 4",
                "Pre-Chorus\\nDm7 G7sus4> Pre-Chorus 1: Dm7 4, G7sus4 4",
                "G - - D> ' 1: G4, G4, G4, D4'",
                "Outro\\nC G Am F C> Outro 1: C4, G4, Am4, F4, C4",
                "[Part A]\\nBb Eb\\n[Part B]\\nAb> Part A 1: Bb4, Eb4; Part B 1: Ab4",
                "Verse\\nG D\\n\\nChorus\\nC\\n\\nVerse> Verse 1: G4, D4; Chorus 1: C4; Verse 1: "
            })
    void partsAndBarsAreReadAsTheyAreMeant(String text, String parts) {
        String read = parts(text.replace("\\n", "\n"));
        assertEquals(parts.replace(" 4", "4").strip(), read.replace(" 4", "4").strip());
    }

    @Test
    void factsInFrontAreThoseOfTheSong() {
        Chart chart = chart("Paper boats\nKey: Em\nCapo 3\n96 bpm\n3/4\n\nVerse\nEm G D");
        assertEquals(Optional.of("Paper boats"), chart.title());
        assertEquals("Em", chart.key().orElseThrow().toString());
        assertEquals(3, chart.capo().orElseThrow());
        assertEquals(96, chart.perMinute().orElseThrow());
        assertEquals("3/4", chart.meter().orElseThrow().toString());
        assertEquals(
                3,
                chart.parts().getFirst().bars().getFirst().chords().getFirst().beats());
    }

    @Test
    void wordsStayWithTheBarsTheyStandUnder() {
        Song song = song("""
                Verse
                G           D
                Over the    river we go
                Em   C
                home again
                """);
        assertEquals("Over the | river we go\nhome | again", words(song, 0));
    }

    private static String words(Song song, int section) {
        Section of = song.sections().get(section);
        return new SungText(of.barLines()).format(of.words());
    }

    /** What is other in the words of an entry of the running order. */
    private static String otherWords(Song song, int use) {
        Use of = song.uses().get(use);
        Section section = song.section(of.section()).orElseThrow();
        return of.excepts().stream()
                .map(except -> ((Except.OtherWords) except.change()).words())
                .map(lines -> new SungText(section.barLines()).format(lines))
                .collect(Collectors.joining());
    }

    @Test
    void aChordInTheMiddleOfAWordTakesTheWholeWordAndWhatStandsInFrontOfTheFirstIsSungBeforeIt() {
        assertEquals("|.\n| lanterns glow", words(song("G    D\nlanterns glow"), 0));
        assertEquals("(Oh,) | car-ry it . .\n(and) | home", words(song("    C\nOh, car-ry it\n    G\nand home"), 0));
    }

    @Test
    void aSecondVerseWithTheSameChordsKeepsItsOwnWords() {
        String first = "Verse 1\nG           D\nOver the    river\n";
        Song chords = song(first + "Verse 2\nG           D\nUnder the   bridge\nVerse 3\nG D");
        Song alone = song(first + "Chorus\nC\nVerse 2\nUnder the bridge\nof stone");
        assertEquals(
                List.of("Verse"), chords.sections().stream().map(Section::name).toList());
        assertEquals("Over the | river", words(chords, 0));
        assertEquals("", otherWords(chords, 0));
        assertEquals("Under the | bridge", otherWords(chords, 1));
        assertEquals("", otherWords(chords, 2));
        assertEquals(
                "Under the bridge\nof stone",
                otherWords(alone, 2).replace(" .", "").replace("| ", ""));
    }

    @Test
    void wordsOfAPartThatIsNamedForTheFirstTimeHaveABarALineAndThoseInFrontOfChordsAreLeftOut() {
        Song song = song("Verse\nG\nRefrain\nla la la\nlo lo");
        assertEquals(2, song.sections().get(1).bars().size());
        assertEquals("| la la la\n| lo lo", words(song, 1));
        Chart after = chart("Verse\nquietly now\nG D");
        assertEquals(
                List.of(Kind.HEADING, Kind.UNKNOWN, Kind.CHORDS),
                after.lines().stream().map(ChartLine::kind).toList());
    }

    @Test
    void moreWordsThanABarCanHoldStandOverItAsACue() {
        Song song = song("G\n" + "la ".repeat(40));
        assertTrue(song.sections().getFirst().words().isEmpty());
        assertEquals(1, song.sections().getFirst().cues().size());
    }

    @Test
    void everyLineIsShownWithWhatItWasTakenFor() {
        Chart chart = chart("Title of it\n\nVerse\nG D\nsome words\nand more of them\nwhat is this | maybe\n");
        assertEquals(
                List.of(
                        Kind.TITLE,
                        Kind.BLANK,
                        Kind.HEADING,
                        Kind.CHORDS,
                        Kind.WORDS,
                        Kind.UNKNOWN,
                        Kind.UNKNOWN,
                        Kind.BLANK),
                chart.lines().stream().map(ChartLine::kind).toList());
    }

    @Test
    void aPartThatComesAgainIsTheSameSectionAndAnotherOneIsNot() {
        Song song = song("Verse 1\nG D\nChorus\nC G\nVerse 2\nG D\nChorus\nVerse 3\nAm D\nChorus x2\n");
        assertEquals(
                List.of("Verse", "Chorus", "Verse 3"),
                song.sections().stream().map(Section::name).toList());
        assertEquals("(Verse, Chorus) x2, Verse 3, Chorus", new OrderLine(song).text());
        assertEquals(1 + 1, Timeline.of(song).barsOf(1, 1).size());
        assertEquals(2, Timeline.of(song).barsOf(5, 2).size());
    }

    /** Progressions of songs in books for beginners (common practice), with the key they are taught in. */
    @ParameterizedTest
    @CsvSource({
        "G D Em C, G",
        "C G Am F, C",
        "Am F C G, Am",
        "D A Bm G, D",
        "Em C G D, Em",
        "A D E A, A",
        "E A B7 E, E",
        "Dm Gm A7 Dm, Dm",
        "F C Dm Bb F, F",
        "C Am Dm G7 C, C",
        "G C D7 G, G",
        "Am Dm E7 Am, Am",
        "Bm G D A Bm, Bm",
        "C F C/G G C, C",
        "D G A7 D, D",
        "Bb Eb F Bb, Bb",
        "Em Am B7 Em, Em",
        "G Em C D G, G",
        "A E F#m D A, A",
        "Cmaj7 Am7 Dm7 G7 Cmaj7, C"
    })
    void theKeyIsThatOfTheChordsWhereNobodySays(String chords, String key) {
        assertEquals(key, song(chords).facts().key().toString());
        assertEquals(Key.parse(key).plus(2), song("Capo 2\n" + chords).facts().key());
    }

    @Test
    void aPartOfManyThousandLinesOfWordsIsNoSongOfTooManyBars() {
        Song song = song("Verse\nG\nRefrain\n" + "la\n".repeat(20_000));
        assertEquals(Section.MOST_BARS, song.sections().get(1).bars().size());
    }

    @Test
    void theSongThatIsMadeCanBeLaidOut() {
        Song song = song("Intro\n| G / D / | Em |\nVerse\nG\nG\nD\nChorus\nC D | G");
        assertFalse(Timeline.of(song).bars().isEmpty());
        assertEquals("G 1 bar", first(song).replaceFirst("Bars.*", ""), "chords that share a bar are beats");
    }

    private static String first(Song song) {
        var span = song.sections().get(1).spans().getFirst();
        return span.chord() + " 1 bar";
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "just some words",
                "Verse\n\nChorus\n",
                "12345",
                "|||",
                "אבג דהו",
                "Dear all, see you on Monday"
            })
    void aTextWithoutAnyChordIsRefused(String text) {
        var wrong = assertThrows(NotationException.class, () -> chart(text));
        assertEquals("chart.no-chord", wrong.reason().code());
    }

    @Test
    void aTextThatIsTooLongIsRefusedAtOnce() {
        String long2 = "G D Em C\n".repeat(240_000);
        assertEquals(
                "chart.too-long",
                assertThrows(NotationException.class, () -> chart(long2))
                        .reason()
                        .code());
    }

    @Test
    void noTextWhateverMakesAnythingButASongOrARefusal() {
        var random = new Random(11);
        String[] bits = {
            "G",
            "Am7",
            " ",
            "\n",
            "\t",
            "|",
            "|:",
            ":|",
            "/",
            "%",
            "x2",
            "(",
            ")",
            "[Verse]",
            "Chorus",
            ":",
            "x99",
            "N.C.",
            "words go on",
            "שיר",
            "Key: G",
            "Capo 13",
            "3/4",
            "99/3",
            "-",
            "\u0000",
            "Verse 2",
            "400 bpm",
            "H7",
            "#",
            "b"
        };
        for (int i = 0; i < 3_000; i++) {
            var text = new StringBuilder();
            for (int j = random.nextInt(40); j >= 0; j--)
                text.append(bits[random.nextInt(bits.length)]).append(random.nextBoolean() ? " " : "");
            try {
                Song song = song(text.toString());
                assertTrue(Timeline.of(song).bars().size() > 0, text.toString());
            } catch (NotationException refused) {
                assertTrue(refused.index() <= text.length());
            }
        }
    }
}
