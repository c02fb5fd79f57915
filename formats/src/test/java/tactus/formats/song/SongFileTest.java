package tactus.formats.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.library.LibraryPattern;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.file.FormatException;

class SongFileTest {

    private static final Path SCHEMA = Path.of("..", "docs", "song.schema.json");

    @TempDir
    private Path folder;

    private final Song song = SampleSong.song();
    private final String text = new String(SongFile.toBytes(song), StandardCharsets.UTF_8);

    private static OpenedSong read(String text) throws IOException {
        return SongFile.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), Path.of("song.json"));
    }

    private String with(String old, String replacement) {
        assertTrue(text.contains(old), old);
        return text.replace(old, replacement);
    }

    @Test
    void whatIsSavedIsReadBackWhole() throws IOException {
        Path file = folder.resolve("song.tactus.json");
        SongFile.write(song, file);
        OpenedSong opened = SongFile.read(file);
        assertEquals(song, opened.song());
        assertTrue(opened.isWhole());
    }

    @Test
    void aGuitarTunedDownIsReadBackAndKeepsToTheSchema() throws IOException {
        Song lowered = song.withFacts(
                song.facts().withInstrument(song.facts().instrument().withTunedDown(2)));
        String saved = new String(SongFile.toBytes(lowered), StandardCharsets.UTF_8);
        assertEquals(lowered, read(saved).song());
        assertEquals("[]", schema().validate(saved, InputFormat.JSON).toString());
    }

    private static Schema schema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(SCHEMA), InputFormat.JSON);
    }

    @Test
    void savingTheSameSongTwiceGivesTheSameBytes() throws IOException {
        assertEquals(text, new String(SongFile.toBytes(read(text).song()), StandardCharsets.UTF_8));
    }

    @Test
    void everySavedFileKeepsToTheSchema() throws IOException {
        Schema schema = schema();
        assertEquals("[]", schema.validate(text, InputFormat.JSON).toString());
        assertFalse(
                schema.validate(with("\"4/4\"", "\"4/3\""), InputFormat.JSON).isEmpty());
        String empty = new String(SongFile.toBytes(Song.empty("Empty")), StandardCharsets.UTF_8);
        assertEquals("[]", schema.validate(empty, InputFormat.JSON).toString());
    }

    @Test
    void aFileCutShortAnywhereIsRefusedWithItsPlace() {
        for (int length = 1; length < text.length() - 2; length += 97) {
            String cut = text.substring(0, length);
            var wrong = assertThrows(FormatException.class, () -> read(cut), cut);
            assertTrue(
                    wrong.getMessage().matches("(?s)song.json, line \\d+, column \\d+: is not a whole Tactus song: .*"),
                    wrong.getMessage());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "null", "[]", "{}", "12", "{\"format\": \"other\"}", "{\"format\": \"tactus-song\"}"})
    void whatIsNoSongIsRefused(String other) {
        var wrong = assertThrows(FormatException.class, () -> read(other));
        assertTrue(wrong.getMessage().startsWith("song.json"), wrong.getMessage());
    }

    @Test
    void binaryJunkIsRefusedInOnePrintableLine() throws IOException {
        Path junk = folder.resolve("junk.json");
        byte[] bytes = new byte[5_000];
        new Random(7).nextBytes(bytes);
        Files.write(junk, bytes);
        var wrong = assertThrows(FormatException.class, () -> SongFile.read(junk));
        assertTrue(wrong.getMessage().chars().noneMatch(Character::isISOControl), wrong.getMessage());
    }

    @Test
    void aSourceThatNeverEndsIsRefused() {
        var endless = new InputStream() {
            @Override
            public int read() {
                return ' ';
            }
        };
        var wrong = assertThrows(FormatException.class, () -> SongFile.read(endless, Path.of("song.json")));
        assertEquals("song.json: is larger than 64 MB, which no song is", wrong.getMessage());
    }

    @Test
    void aFileOfANewerTactusIsRefusedWithBothVersions() {
        var wrong = assertThrows(FormatException.class, () -> read(with("\"version\": 7", "\"version\": 8")));
        assertEquals(
                "song.json, version: was written by a newer Tactus (format 8; this one reads up to 7): please open it "
                        + "with that one",
                wrong.getMessage());
    }

    @Test
    void patternsOfTheFirstFormatBecomeRules() throws IOException {
        Song plain = SampleSong.plain();
        String second = new String(SongFile.toBytes(plain.withRules(List.of())), StandardCharsets.UTF_8);
        String first = second.replace("\"version\": 3", "\"version\": 1")
                .replaceFirst("\"passes\": 2", "\"passes\": 2, \"pattern\": \"march\", \"lastPassPattern\": \"drive\"");
        OpenedSong opened = read(first);
        assertEquals(List.of(), opened.problems());
        assertEquals(plain.rules(), opened.song().rules());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"tag\": \"turn\" | \"tag\": \"verse\" | sections[0].tag: the section would be its own tag; no tag taken",
                "\"tag\": \"turn\" | \"tag\": \"coda\" | sections[0].tag: there is no section coda; no tag taken",
                "\"text\": \"light\" | \"text\": \"\" | sections[0].cues[1]: a cue has 1 to 60 characters, this one 0; left out",
                "\"4.2\" | \"0\" | sections[0].voice[1]: bars are counted from 1 to 10,000; left out",
                "\"runs\": 3 | \"runs\": 0 | order[2].except[0]: a section goes round 1 to 99 times, not 0; left out",
                "\"id\": 7 | \"id\": 1 | order[2]: its id stands twice; left out",
                "\"entry\": 7 | \"entry\": 9 | rules[2]: speaks of entry 9, which is not there; left out",
                "\"fit\": \"carry\" | \"fit\": \"squeeze\" | rules[3]: must be one of short, cut, carry, whole-rounds, was squeeze; left out",
                "\"loudAtEnd\": \"f\" | \"loudAtEnd\": \"fff\" | rules[5]: must be one of pp, p, mp, mf, f, ff, was fff; left out",
                "\"pause\": \"2\" | \"pause\": \"0\" | rules[7]: a pause lasts over 0 to 32 beats, was 0; left out",
                "\"semitones\": 2 | \"semitones\": 12 | rules[6]: a section is raised by 1 to 11 semitones, or lowered by as many, was 12; left out",
                "\"mostStrokes\": 4 | \"mostStrokes\": 90 | versions[0]: a version allows 1 to 20 strokes a second, not 90; left out",
                "\"shownVersion\": \"First week\" | \"shownVersion\": \"Second\" | shownVersion: there is no version \"Second\"; the full version shown",
                "\"pickup\": 1 | \"pickup\": 4 | pickup: a pick-up in 4/4 has 0 to 3 beats, not 4; no pick-up",
                "\"recording\": 204.5 | \"recording\": -1 | recording: a recording lasts over 0 to 7,200 seconds, was -1.0; left out",
                "\"reason\": \"it is meant\" | \"reason\": \"\" | accepted[0]: a reason has 1 to 200 characters, this one 0; left out"
            })
    void aFaultInTheArrangementIsReportedAndTheRestStays(String old, String faulty, String problem) throws IOException {
        OpenedSong opened = read(with(old, faulty));
        assertEquals(problem, opened.problems().getFirst().sentence());
        assertEquals(2, opened.song().sections().size());
        assertTrue(opened.song().uses().size() >= 2);
    }

    @Test
    void aMissingFileAndAFolderAreSaidPlainly() {
        assertEquals(
                "no.json: there is no such file",
                assertThrows(FormatException.class, () -> SongFile.read(folder.resolve("no.json")))
                        .getMessage());
        assertThrows(FormatException.class, () -> SongFile.read(folder));
    }

    /** Each fault is reported at its place, and everything else in the song stays. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"perMinute\": 92.5 | \"perMinute\": 0 | tempo: the tempo must be 20 to 400 beats a minute, was 0; 90 taken",
                "\"perMinute\": 92.5 | \"perMinute\": -1 | tempo: the tempo must be 20 to 400 beats a minute, was -1; 90 taken",
                "\"perMinute\": 92.5 | \"perMinute\": 1e999 | tempo: the tempo must be 20 to 400 beats a minute, was Infinity; 90 taken",
                "\"perMinute\": 92.5 | \"perMinute\": \"NaN\" | tempo: must be a number, was \"NaN\"; 90 taken",
                "\"key\": \"D\" | \"key\": \"H\" | key: \"H\" is not a key such as D, Bb or F#m; C taken",
                "\"capo\": 2 | \"capo\": 40 | capo: the capo must be at fret 0 (none) to 11, was 40; no capo taken",
                "\"shape\": \"x32010\" | \"shape\": \"x3201\" | ",
                "\"concertPitch\": 442 | \"concertPitch\": 400 | concertPitch: A4 must be at 415 to 466 Hz, was 400; 440 taken",
                "\"fingers\": \"x13331\" | \"fingers\": \"x19331\" | chords[1].fingers: \"x19331\" has no finger at \"9\": write 1 to 4, T for the thumb, 0 or x; any fingers taken",
                "\"strum\": \"5-2\" | \"strum\": \"0-2\" | chords[1].strum: \"0-2\" names no strings: they are numbered 1 to 12; all strings taken",
                "\"spelling\": \"flats\" | \"spelling\": \"both\" | spelling: must be one of sharps, flats, was both; spelled by key",
                "\"perMinute\": 24 | \"perMinute\": 0 | changes[0]: changes in a minute are counted from 1 to 200, was 0; left out",
                "\"feel\": \"2:1\" | \"feel\": \"9:1\" | patterns[2].feel: \"9:1\" is not a swing: a swing is from 1:1 (straight) to 3:1, was 9:1; played straight",
                "\"slots\": 3 | \"slots\": 5 | patterns[2].divided[0]: a beat is divided into 1, 2, 3, 4, 6 or 8 slots, not 5; divided as the others",
                "\"fingers\": \"2.-\" | \"fingers\": \"2x\" | patterns[2].moves[1]: \"2x\" is no move such as 2h3 (string 2 to fret 3); left out",
                "\"finger\": \"i\" | \"finger\": \"z\" | patterns[2].fixedFingers[0]: a finger is p, q, i, m or a, not \"z\"; the finger follows the chord",
                "\"string\": 6 | \"string\": 13 | patterns[2].fingersByChord[0]: a string is 1 to 12, was 13; the finger follows the chord",
                "\"rule\": \"light-beats\" | \"rule\": \"upside down\" | patterns[3].form: must be one of short-first-half, short-accented-half, last-time, light-beats, light-downs, busier, backbeat-mutes, bass-then-chord, swung, half-time, double-time, was upside down; stands for itself",
                "\"hits\": \"(kh)h | \"hits\": \"(kh)j | groove: \"(kh)j(sh)h(kh)h(sh)-\" has \"j\", which is no drum: write k s h, or boom chick ts, or -; left out",
                "\"origin\": \"heard\" | \"origin\": \"dreamt\" | patterns[2].origin: must be one of heard, simplified, invented, optional, was dreamt; taken as invented",
                "\"passes\": 2 | \"passes\": 0 | sections[0]: a section goes round 1 to 99 times, not 0; left out",
                "\"beats\": \"3/2\" | \"beats\": \"0\" | sections[0].chords[1]: a chord lasts more than 0 and at most 1,000 beats, was 0; left out",
                "\"order\": [ | \"order\": [ \"coda\", | order[0]: there is no section coda; left out",
                "\"capo\": 2 | \"capo\": 2, \"colour\": \"red\" | colour: is not known to this version of Tactus; left out",
                "\"meter\": \"2/4\" | \"meter\": \"0/4\" | sections[1].bars[1].meter: \"0/4\" is not a meter: the upper number of a meter must be 1 to 32, was 0; the song's meter taken"
            })
    void aFaultIsReportedAtItsPlaceAndTheRestStays(String old, String faulty, String problem) throws IOException {
        OpenedSong opened = read(with(old, faulty));
        if (problem != null) assertEquals(problem, opened.problems().getFirst().sentence());
        assertEquals("Sample", opened.song().facts().title());
        assertEquals(4, opened.song().patterns().size());
        assertTrue(opened.song().section(new SectionId("turn")).isPresent());
    }

    @Test
    void aPatternThatCannotBeIsLeftOutAndItsRuleWithIt() throws IOException {
        OpenedSong opened = read(with("\"meter\": \"7/8\"", "\"meter\": \"4/3\""));
        assertEquals(3, opened.problems().size());
        assertEquals("patterns[1]", opened.problems().get(0).place());
        assertEquals(
                "rules[1]: speaks of pattern drive, which is not there; left out",
                opened.problems().get(1).sentence());
        assertEquals("hints[4]", opened.problems().get(2).place());
        assertEquals(song.rules().size() - 1, opened.song().rules().size());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 257})
    void aPatternOfNoBeatsOrTooManyIsLeftOut(int beats) throws IOException {
        OpenedSong opened = read(with("\"beats\": 4,\n      \"slots", "\"beats\": " + beats + ",\n      \"slots"));
        assertEquals("patterns[0]", opened.problems().getFirst().place());
        assertEquals(1, opened.song().patterns().size());
    }

    @Test
    void aChordThatHasNoShapeYetIsNoFaultOfTheFile() throws IOException {
        Song shapeless = read(with("\"chord\": \"Bb\"", "\"chord\": \"Xyz\"")).song();
        OpenedSong opened = read(new String(SongFile.toBytes(shapeless), StandardCharsets.UTF_8));
        assertEquals(shapeless, opened.song());
        assertTrue(opened.isWhole());
    }

    @Test
    void strokesThatCannotBeReadLeaveThePatternWithoutThem() throws IOException {
        OpenedSong opened = read(with("\"strokes\": \"ddDdddD\"", "\"strokes\": \"ddj\""));
        assertEquals("patterns[1].strokes", opened.problems().getFirst().place());
        assertEquals("-------", opened.song().patterns().get(1).line());
    }

    @Test
    void aFieldThatStandsTwiceIsRefused() {
        assertThrows(FormatException.class, () -> read(with("\"capo\": 2", "\"capo\": 2, \"capo\": 3")));
    }

    @Test
    void aSongOfTenThousandBarsIsReadBack() throws IOException {
        Section long_ = song.sections().getFirst().withBars(Collections.nCopies(10_000, SampleSong.FOUR));
        Song large = song.withSection(long_);
        assertEquals(
                large,
                read(new String(SongFile.toBytes(large), StandardCharsets.UTF_8))
                        .song());
    }

    @Test
    void everyPatternOfTheLibraryWithAllItsFormsIsReadBack() throws IOException {
        Song all = Song.empty("All");
        for (LibraryPattern each : Library.patterns()) {
            Pattern parent = each.pattern();
            all = all.withPattern(parent);
            for (Form.Derivation rule : Form.Derivation.values()) {
                Optional<Pattern> form = Variation.of(parent, rule);
                if (form.isEmpty()) continue;
                String name = parent.name() + ", " + rule;
                all = all.withPattern(form.get()
                        .copiedAs(all.freshPatternId(name), name)
                        .withForm(Optional.of(new Form(parent.id(), rule, false))));
            }
        }
        assertTrue(all.patterns().size() > 200, all.patterns().size() + " patterns");
        OpenedSong opened = read(new String(SongFile.toBytes(all), StandardCharsets.UTF_8));
        assertEquals(List.of(), opened.problems());
        assertEquals(all, opened.song());
    }
}
