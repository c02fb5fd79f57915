package tactus.formats.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.Guitar;
import tactus.core.patterns.picking.PickingStyle;
import tactus.core.written.rule.Company;
import tactus.core.written.section.Except;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Overlay;
import tactus.core.written.song.Singing;
import tactus.core.written.song.SnagId;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.formats.SampleSong;
import tactus.words.Words;

/** Files as older versions of the program have written them. */
class OldFileTest {

    private static OpenedSong read(String text) throws IOException {
        return SongFile.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), Path.of("old.json"));
    }

    private static String old(String name) throws IOException {
        try (InputStream file = OldFileTest.class.getResourceAsStream(name + ".json")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String saved(Song song) {
        return new String(SongFile.toBytes(song), StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kettle-for-the-stewards-version-2",
                "lantern-walk-version-1",
                "lantern-walk-version-2",
                "last-chair-waltz-version-2",
                "rain-on-the-boathouse-version-2",
                "seven-steps-to-the-pond-version-2",
                "sample-version-2"
            })
    void anOldFileIsReadWholeAndSavedAsTodaysSchemaHasIt(String name) throws IOException {
        OpenedSong opened = read(old(name));
        assertEquals(List.of(), opened.problems());
        String today = saved(opened.song());
        assertEquals(opened.song(), read(today).song());
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("..", "docs", "song.schema.json")), InputFormat.JSON);
        assertEquals("[]", schema.validate(today, InputFormat.JSON).toString());
    }

    private static Except writtenOut(Except except) {
        return switch (except.change()) {
            case Except.OtherBars(var where, var bars) ->
                new Except(except.on(), new Except.OtherBars(where, new Except.Bars(bars.bars(), bars.spans())));
            case Except.ExtraBars(var bars) ->
                new Except(except.on(), new Except.ExtraBars(new Except.Bars(bars.bars(), bars.spans())));
            default -> except;
        };
    }

    /** The sample holds every kind of rule, exception, event and length, built by the test and not by a file. */
    @Test
    void theSampleOfVersionTwoIsTodaysSample() throws IOException {
        Song today = SampleSong.song();
        // There were no hints then, no chords by their names, no parts of parts, no words, and less that was other in a
        // version.
        Version week = today.versions()
                .named("First week")
                .orElseThrow()
                .withOverlay(Overlay.NONE)
                .with(Aspect.KEY, Optional.empty())
                .with(Aspect.TEMPO, Optional.empty())
                .with(Aspect.VOICE, Optional.empty());
        Song silent = today.withSections(today.sections().stream()
                        .map(section -> section.withWords(List.of())
                                .withKey(Optional.empty())
                                .withLoops(List.of()))
                        .toList())
                .withUses(today.uses().stream()
                        .map(use -> use.withExcepts(use.excepts().stream()
                                .filter(except -> !(except.change() instanceof Except.OtherWords
                                        || except.change() instanceof Except.OtherVoice))
                                .map(OldFileTest::writtenOut)
                                .toList()))
                        .toList());
        Song any = silent.withFacts(silent.facts()
                .withLevel(Optional.empty())
                .withTags(List.of())
                .withPicking(PickingStyle.USUAL)
                .withSinging(Singing.UNKNOWN)
                .withInstrument(silent.facts().instrument().withGuitar(Guitar.AS_TUNED)));
        Song expected = any.withVersions(today.versions().with(week))
                .withLesson(today.lesson()
                        .without(new SnagId("length-odd", List.of("turn")))
                        .withHints(List.of())
                        .withoutMnemonic("ddDdddD")
                        .with(Handout.USUAL))
                .withChords(any.chords().stream()
                        .map(chord -> chord.moves().isEmpty() ? chord : chord.withMoves(List.of()))
                        .toList())
                .withRules(today.rules().subList(0, 8));
        assertEquals(expected, read(old("sample-version-2")).song());
    }

    @Test
    void aSnagThatWasAcceptedByItsWordsStaysAccepted() throws IOException {
        // A pattern without a cell, so that two beats of it are a cut.
        String before = old("lantern-walk-version-2").replace("ddDdddDd", "ddDddddd");
        int end = before.lastIndexOf('}');
        String song = before.substring(0, end).stripTrailing() + """
                , "accepted": [
                  {"snag": "pattern_cut @ Bridge, bar 7 @ length of the chord 2", "reason": "it breathes there"},
                  {"snag": "planned_part_missing @ Outro @ ", "reason": "next week"},
                  {"snag": "length_odd @ Coda @ bars 7", "reason": "no longer there"}]}
                """;
        OpenedSong opened = read(song);
        assertEquals(List.of(), opened.problems());
        List<Accepted> accepted = opened.song().lesson().accepted();
        assertEquals(
                List.of("it breathes there", "next week"),
                accepted.stream().map(Accepted::reason).toList());
        assertEquals(
                new SnagId("pattern-cut", List.of("bridge", "driving-eighths", "4")),
                accepted.getFirst().snag());
        Snag cut = Snags.all(opened.song(), Timeline.of(opened.song()), Words.lexicon()).stream()
                .filter(snag -> snag.id().equals(accepted.getFirst().snag()))
                .findFirst()
                .orElseThrow();
        assertEquals(Optional.of("it breathes there"), opened.song().lesson().reason(cut.id(), cut.values()));
    }

    @Test
    void wordsThatNoVersionHasKnownAreReportedWhereTheyStand() throws IOException {
        String song = old("lantern-walk-version-2");
        String faulty = song.replace("\"all down\"", "\"sideways\"");
        assertFalse(song.equals(faulty));
        var problem = read(faulty).problems().getFirst();
        assertTrue(problem.place().startsWith("patterns["), problem.sentence());
        assertTrue(problem.sentence().contains("sideways"), problem.sentence());
    }

    @Test
    void aNumberIsSavedWithTheNameOfItsUnitAndNoSongHoldsASentenceOfTheProgram() {
        Song sample = SampleSong.song();
        String today = saved(sample.withFacts(sample.facts().withCompany(Company.SECOND_GUITAR)));
        for (String word : List.of("second-guitar", "light-beats", "\"carry\"", "\"beats\": \"3/2\"")) {
            assertTrue(today.contains(word), word);
        }
        for (String word : List.of("a second guitar", "only beats", "carry through", "3/2 beats", "last pass")) {
            assertFalse(today.contains(word), word);
        }
    }
}
