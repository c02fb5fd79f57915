package tactus.app.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.app.setup.capo.CapoModel;
import tactus.app.setup.fact.SetUpModel;
import tactus.app.setup.shape.ChangesModel;
import tactus.core.counsel.capo.CapoChoice;
import tactus.core.counsel.capo.CapoPlan;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tune;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Version;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

/** Facts, guitar, capo plan and changes, without a window. */
class SetUpModelTest {

    @TempDir
    private static Path folder;

    private final ModelFixture fixture = new ModelFixture(DemoSong.LANTERN_WALK, folder);
    private final SetUpModel model = new SetUpModel(fixture.work, fixture.settings);

    private Instrument guitar() {
        return fixture.song().facts().instrument();
    }

    private String keys() {
        var facts = fixture.song().facts();
        return facts.key() + " " + facts.shapesKey();
    }

    @Test
    void theCapoMovesUnderTheSameShapes() {
        assertTrue(model.set(Aspect.CAPO, 4).isDone());
        assertEquals("E C", keys());
        assertTrue(model.set(Aspect.TUNED_DOWN, 1).isDone());
        assertEquals("Eb C", keys());
    }

    @ParameterizedTest
    @CsvSource({
        "D G C F A D, E A D G B E, 2",
        "Eb Ab Db Gb Bb Eb, E A D G B E, 1",
        "D A D G A D, D A D G A D, 0",
        "B E A D G B E, B E A D G B E, 0"
    })
    void theStandardTuningSaidLowerIsTheStandardTunedDown(String typed, String called, int down) {
        assertTrue(model.type(Aspect.TUNING, typed).isDone());
        assertEquals(called, guitar().tuning().notes());
        assertEquals(down, guitar().tunedDown());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"''|names no string", "E A D Q B E|\"Q\"", "E2 A2 D3 G3 B3 E9|sounds C0 to E6"})
    void aTuningThatCannotBeLeavesTheGuitarAsItWas(String typed, String reason) {
        Instrument before = guitar();
        assertTrue(model.type(Aspect.TUNING, typed)
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains(reason));
        assertSame(before, guitar());
    }

    @Test
    void numbersThatAreNoneAreExplained() {
        assertTrue(model.type(Aspect.CONCERT_PITCH, "high")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("A4 must be a number"));
        assertTrue(model.type(Aspect.TEMPO, "fast")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("the tempo must be a number"));
        assertTrue(model.type(Aspect.CONCERT_PITCH, "442,5").isDone());
        assertEquals(442.5, guitar().concert().hertz());
    }

    @Test
    void aForcedSpellingReachesTheNamesThatAreFound() {
        model.set(Aspect.SPELLING, Spelling.FLATS);
        assertEquals(
                "Gb",
                fixture.song()
                        .facts()
                        .naming()
                        .names(List.of(6, 10, 1))
                        .getFirst()
                        .name()
                        .toString());
    }

    @Test
    void inAnotherTuningEveryWrongShapeIsFoundAnew() {
        model.type(Aspect.TUNING, "D A D F# A D");
        assertEquals(7, model.wrongShapes().size());
        model.findShapes();
        assertEquals(List.of(), model.wrongShapes());
        assertTrue(fixture.work.snags().stream().noneMatch(snag -> snag.place() instanceof SnagPlace.InChord));
        fixture.work.undo();
        assertEquals(7, model.wrongShapes().size());
    }

    @Test
    void chordsOnAGuitarWithMoreStringsAreFoundAnewToo() {
        model.type(Aspect.TUNING, "B E A D G B E");
        assertEquals(7, model.wrongShapes().size());
        model.findShapes();
        assertEquals(7, fixture.song().chord("Em").orElseThrow().voicing().strings());
    }

    @Test
    void chordsThatSectionsNameAndNobodyHoldsGetAShape() {
        fixture.work.change("edit.delete", song -> song.withoutChord("F"), "F");
        assertEquals(List.of("F"), model.chordsWithoutShape());
        model.findShapes();
        assertTrue(fixture.song().chord("F").isPresent());
    }

    @Test
    void thePlanFollowsTheChordsAndNotThePatterns() {
        var capo = new CapoModel(fixture.work, fixture.settings, fixture.waiting::add);
        assertEquals(1, fixture.waiting.size());
        fixture.compute();
        CapoPlan plan = capo.planProperty().get().orElseThrow();
        fixture.work.change(
                "edit.pattern-name",
                song -> song.withPattern(song.patterns().getFirst().withName("Other")));
        assertEquals(0, fixture.waiting.size());
        fixture.work.change("edit.delete", song -> song.withoutChord("F"), "F");
        fixture.compute();
        assertFalse(plan == capo.planProperty().get().orElseThrow());
    }

    @Test
    void aPlanThatTypingHasOvertakenIsGivenUp() {
        var capo = new CapoModel(fixture.work, fixture.settings, fixture.waiting::add);
        fixture.work.change("edit.delete", song -> song.withoutChord("F"), "F");
        assertEquals(2, fixture.waiting.size());
        fixture.waiting.getFirst().get().run();
        assertTrue(capo.planProperty().get().isEmpty());
        fixture.compute();
        assertTrue(capo.planProperty().get().isPresent());
    }

    @Test
    void takingTheBestKeepsTheKeyAndIsUndoneAtOnce() {
        var capo = new CapoModel(fixture.work, fixture.settings, fixture.atOnce);
        CapoChoice best = capo.choices().getFirst();
        capo.takeBest();
        assertEquals(best.capo(), fixture.song().facts().capo());
        assertEquals("D", fixture.song().facts().key().toString());
        assertTrue(capo.isNow(capo.choices().getFirst()));
        capo.takeBest();
        fixture.work.undo();
        assertEquals("D C", keys());
    }

    @Test
    void choicesAreShownForTheLoweringThatIsAskedFor() {
        var capo = new CapoModel(fixture.work, fixture.settings, fixture.atOnce);
        capo.tunedDownProperty().set(OptionalInt.of(3));
        assertTrue(capo.choices().stream().allMatch(choice -> choice.tunedDown() == 3));
        capo.tunedDownProperty().set(OptionalInt.empty());
        assertEquals(12, capo.choices().size());
        assertTrue(capo.choices().stream().anyMatch(choice -> choice.tunedDown() > 0));
        assertTrue(capo.soundLower(4).isDone());
        assertTrue(capo.soundLower(1).refusal().map(Words::why).orElseThrow().contains("tuned down by 0 to 4"));
    }

    @Test
    void theHardestWorkComesFirstAndACountReplacesTheEstimate() {
        var changes = new ChangesModel(fixture.work, fixture.settings);
        List<ChangesModel.Change> before = changes.changes();
        for (int i = 1; i < before.size(); i++)
            assertTrue(before.get(i - 1).work() >= before.get(i).work());
        ChangesModel.Change last = before.getLast();
        assertTrue(changes.count(last, "1").isDone());
        ChangesModel.Change first = changes.changes().getFirst();
        assertEquals(names(last), names(first));
        assertEquals(60, first.seconds());
        assertTrue(changes.count(first, "").isDone());
        assertEquals(names(last), names(changes.changes().getLast()));
        assertTrue(changes.count(first, "0")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("1 to 200"));
    }

    private static List<String> names(ChangesModel.Change change) {
        return List.of(change.from(), change.to()).stream().map(Chord::name).toList();
    }

    /** The version sounds in another key than the song; what is typed is meant as it is seen. */
    @Test
    void aTuneThatIsTypedWhileAVersionIsShownIsOneInTheKeyThatIsSeen() {
        fixture.work.change(
                "edit.show-version",
                song -> song.withVersions(song.versions()
                        .with(Version.of("High")
                                .with(Aspect.CAPO, Optional.of(song.facts().capo() + 3)))
                        .withShown(Optional.of("High"))));
        var seen = fixture.work.song().facts().key();
        assertNotEquals(seen, fixture.work.written().facts().key());
        assertTrue(model.type(Aspect.TUNE, "E4-C5").isDone());
        assertEquals(
                Optional.of(seen),
                fixture.work.written().facts().singing().tune().map(Tune::key));
        assertTrue(model.type(Aspect.TUNE, "C5-E4")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("from its lowest note to its highest"));
        assertTrue(model.type(Aspect.VOICE, "high")
                .refusal()
                .map(Words::why)
                .orElseThrow()
                .contains("is no range such as A3-E5"));
    }
}
