package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.counsel.comparison.Recap;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.library.LibraryPattern;
import tactus.core.patterns.library.RhythmQuery;
import tactus.core.patterns.placing.Placing;
import tactus.core.patterns.saying.Saying;
import tactus.core.reading.chart.Chart;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.rule.Rule;
import tactus.core.written.song.Song;

/** German as it ships: nothing of it is missing, and what a teacher says in it means the same as in English. */
class GermanTest {

    private static final Path RESOURCES = Path.of("src", "main", "resources", "tactus", "words");
    private static final Pattern VALUE = Pattern.compile("\\{(\\d+)[,}]");
    private static final Pattern HOLE = Pattern.compile("\\{[#*no]}");
    private static final Lexicon ENGLISH = Language.english().lexicon();
    private static final Lexicon GERMAN = Language.of("de", Locale.ENGLISH).lexicon();
    private static final Meter FOUR = Meter.of(4, 4);

    private static Map<String, String> texts(String name) throws IOException {
        var read = new Properties();
        try (var in = Files.newBufferedReader(RESOURCES.resolve(name + ".properties"))) {
            read.load(in);
        }
        var texts = new TreeMap<String, String>();
        read.forEach((key, text) -> texts.put(key.toString(), text.toString()));
        return texts;
    }

    private static List<String> found(Pattern what, String text) {
        return what.matcher(text)
                .results()
                .map(each -> each.group())
                .map(each -> each.substring(0, 2))
                .distinct()
                .sorted()
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"screen", "statements", "commands"})
    void everyMessageIsThereWithTheSameValuesInIt(String name) throws IOException {
        Map<String, String> english = texts(name);
        Map<String, String> german = texts(name + "_de");
        assertEquals(english.keySet(), german.keySet());
        english.forEach((key, text) -> {
            assertEquals(found(VALUE, text), found(VALUE, german.get(key)), key);
            if (!found(VALUE, text).isEmpty()) new MessageFormat(german.get(key), Locale.GERMAN);
        });
    }

    /** Some words German has more of: it writes "dreimal" as one. */
    @Test
    void everyWordThatIsReadIsThereAndWhatIsWrittenHasTheSameHoles() throws IOException {
        Map<String, String> german = texts("lexicon_de");
        texts("lexicon").forEach((code, forms) -> {
            assertTrue(german.containsKey(code), code);
            assertEquals(
                    HOLE.matcher(forms.split("\\|")[0]).results().count(),
                    HOLE.matcher(german.get(code).split("\\|")[0]).results().count(),
                    code);
        });
    }

    private static List<String> strokes(String said, Lexicon lexicon) {
        return Dictation.parse(said, lexicon).strokes().stream()
                .map(each -> each.form() + " " + each.direction() + " " + each.count() + " " + each.beats())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "runter runter hoch hoch runter hoch | down down up up down up",
                "ab ab auf auf ab auf | down down up up down up",
                "Abschlag, Abschlag, Aufschlag | down, down, up",
                "D DU UDU | D DU UDU",
                "vier Abschläge | four downs",
                "1 runter, 2 runter, und hoch, (3), und hoch, 4 runter, und hoch | 1 down, 2 down, and up, (3), and up, 4 down, and up",
                "1 2 und 4 und | 1 2 and 4 and",
                "runter hoch, zweimal | down up, twice",
                "runter hoch, das dreimal | down up, that three times",
                "runter hoch viermal | down up four times",
                "runter, Luftschlag, hoch | down, miss, up",
                "runter und dann hoch | down and then up",
                "gedämpft auf der 2 und 4 | mute on the 2 and 4",
                "runter auf der eins und drei, gedämpft auf der zwei und vier | down on the one and three, mute on the two and four",
                "betont runter, runter | accent down, down",
                "leise hoch | soft up",
                "Bass, runter, hoch | bass, down, up",
                "Handballen runter runter | palm mute down down",
                "runter klingen lassen | down let ring",
                "runter, zwei Zählzeiten lang | down, for two beats",
                "runter, vier Schläge Pause | down, rest for four beats",
                "runter runter, nein, runter hoch | down down, no, down up",
                "runter runter hoch, dasselbe noch einmal | down down up, same again",
                "Daumen, Zeigefinger, Mittelfinger, Ringfinger | thumb, index, middle, ring finger",
                "p i m a | p i m a",
                "Saite 5, Saite 3, Saite 2 | string 5, string 3, string 2",
                "fünfte Saite, dritte Saite | fifth string, third string",
                "5. Saite, 3. Saite | 5th string, 3rd string",
                "zweite Saite dritter Bund | second string third fret",
                "tiefe E-Saite, H-Saite | low e string, b string",
                "leere vierte Saite | open fourth string",
                "Zugriff 5-1, Saite 3, Saite 2 | pinch 5-1, string 3, string 2",
                "Zugriff Daumen-Ringfinger | pinch thumb-ring",
                "Saite 5 und Saite 1 zusammen, Saite 3 | string 5 and string 1 together, string 3",
            })
    void aPatternSaidInGermanIsTheSamePattern(String german, String english) {
        assertEquals(strokes(english, ENGLISH), strokes(german, GERMAN));
    }

    @Test
    void everyPatternOfTheLibrarySaidBackInGermanIsReadAsTheSame() {
        for (LibraryPattern each : Library.patterns()) {
            var pattern = each.pattern();
            String said = new Saying(GERMAN).counted(pattern);
            Placing placing = Placing.of(Dictation.parse(said, GERMAN), pattern.frame());
            assertEquals(
                    pattern.line(),
                    placing.pattern(placing.best().getFirst(), pattern).line(),
                    said);
        }
    }

    private static Song song() {
        Song song = WordedSong.song("4/4 4/4", "C: 1 bar, G: 1 bar", "d---d---d---d---");
        return song.withSection(WordedSong.section("chorus", "Refrain", "C | G | D | C"))
                .withOrder(List.of(
                        WordedSong.VERSE,
                        new tactus.core.written.section.SectionId("chorus"),
                        WordedSong.VERSE,
                        new tactus.core.written.section.SectionId("chorus")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "überall: P | everywhere: P",
                "Refrain, letzter Durchgang: P, kräftig | Refrain, last pass: P, strong",
                "letzter Refrain: Stille | last Refrain: silence",
                "beim letzten Mal Refrain: Stopp und zählen | last Refrain: stop and count",
                "beim zweiten Mal Refrain: gehaltener Anschlag | second Refrain: held strum",
                "zweiter Refrain, Durchgang 1: leise bis kräftig | second Refrain, pass 1: soft to strong",
                "2. Refrain: ausblenden | second Refrain: fade out",
                "Refrain, Takte 2-3: gedämpfte Anschläge | Refrain, bars 2-3: muted strokes",
                "Refrain, Takte 2 bis 3: P | Refrain, bars 2 to 3: P",
                "im Refrain auf jedem D: P | in the Refrain on every D: P",
                "Refrain, auf dem letzten C: P | Refrain, on the last C: P",
                "Refrain, letzte 2 Takte: kurze Form | Refrain, last 2 bars: short form",
                "Refrain, zweite Hälfte: durchziehen | Refrain, second half: carry through",
                "Refrain, wo niemand singt: dichter Form | Refrain, where nobody sings: busier form",
                "Refrain, mit einer Band: nur Abschläge Form | Refrain, with a band: only downs form",
                "Refrain, Akkord 3: 2 höher mit dem Kapo | Refrain, chord 3: up 2 with the capo",
                "Refrain, letzter Akkord: Pause von 2 Zählzeiten | Refrain, last chord: pause of 2 beats",
                "Refrain, jeder zweite Durchgang: Tempo 84 | Refrain, every second pass: tempo 84",
                "Verse: langsamer auf 60 | Verse: slowing to 60",
                "Verse: zweite Gitarre spielt P | Verse: second guitar plays P",
                "Verse: oder P | Verse: or P",
                "Refrain: wie in der Verse | Refrain: as in the Verse",
            })
    void aRuleSaidInGermanIsTheSameRuleAndIsSaidBack(String german, String english) {
        Song song = song();
        Rule rule = new RuleSentence(ENGLISH, song).parse(english);
        assertEquals(rule, new RuleSentence(GERMAN, song).parse(german));
        String said = new RuleSentence(GERMAN, song).of(rule);
        assertEquals(rule, new RuleSentence(GERMAN, song).parse(said), said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drei Takte D, einen A, und das zweimal | three bars D, one A, and that twice",
                "C und G teilen sich einen Takt, dann zwei Takte D | C and G share a bar, then two bars D",
                "einen halben Takt C, einen halben Takt G | half a bar C, half a bar G",
                "D für zwei Takte, dann A dreimal | D for two bars, then A three times",
                "vier Zählzeiten G, dann vier Zählzeiten C | four beats G, then four beats C",
            })
    void chordsSaidInGermanAreTheSameChords(String german, String english) {
        assertEquals(
                HarmonyLine.parse(english, FOUR, Optional.empty(), ENGLISH),
                HarmonyLine.parse(german, FOUR, Optional.empty(), GERMAN));
    }

    @ParameterizedTest
    @CsvSource({
        "Tonart: e-Moll, Em",
        "Tonart: G-Dur, G",
        "Tonart: D, D",
        "Tonart: fis-Moll, ",
    })
    void aPastedTextSaysItsKeyAsGermansWriteIt(String line, String key) {
        Chart chart = Chart.read(
                line + "\nKapo im 2. Bund\nTempo: 84\n\nStrophe 1\n| G | D |\n\nREFRAIN\n| C | D |", FOUR, GERMAN);
        assertEquals(Optional.ofNullable(key).map(Key::parse), chart.key());
        assertEquals(2, chart.capo().orElseThrow());
        assertEquals(84, chart.perMinute().orElseThrow());
        assertEquals(
                List.of("Strophe 1", "Refrain"),
                chart.parts().stream().map(part -> part.name()).toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Luftschlag auf 3; has a miss on 3",
                "beginnt mit Bass; starts with bass",
                "passt in zwei Zählzeiten; fits in two beats",
                "hat einen Aufschlag auf 2&, 4/4; has an up on 2&, 4/4",
                "leicht, Walzer; easy, waltz",
                "gezupft; picking",
            })
    void theLibraryIsAskedInGerman(String german, String english) {
        Stream<List<LibraryPattern>> answers = Stream.of(
                RhythmQuery.parse(english, ENGLISH, each -> "").find(Library.patterns()),
                RhythmQuery.parse(german, GERMAN, each -> "").find(Library.patterns()));
        List<List<LibraryPattern>> both = answers.toList();
        assertEquals(both.getFirst(), both.getLast());
        assertTrue(!both.getFirst().isEmpty());
    }

    @Test
    void whatIsSaidAtTheEndOfALessonIsComparedInGerman() {
        Song song = song();
        assertEquals(
                List.of(),
                Recap.of(
                                song,
                                "Verse, dann der Refrain, Verse und zum Schluss Refrain".replace("zum Schluss ", ""),
                                GERMAN)
                        .found());
        assertEquals(
                1,
                Recap.of(song, "Verse, Refrain zweimal, Verse, Refrain", GERMAN)
                        .found()
                        .size());
    }

    @Test
    void withoutASettingTheMachinesLanguageIsSpokenAndEnglishWhereItDoesNotShip() {
        assertEquals("Deutsch", Language.of("", Locale.of("de", "AT")).name());
        assertEquals("English", Language.of("", Locale.FRENCH).name());
        assertEquals("English", Language.of("en", Locale.GERMAN).name());
        assertTrue(
                Language.of("de", Locale.FRENCH).saysH() && !Language.english().saysH());
    }
}
