package tactus.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.app.bench.finger.FingerChoice;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.music.time.Length;
import tactus.core.music.time.SongSeconds;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.transport.Transport;

/** What the bench decides, without a window. */
class BenchModelsTest {

    private static final PatternId BRUSH = new PatternId("bass-and-brush");

    @TempDir
    private Path folder;

    private final Transport transport = mock(Transport.class);
    private Work work;
    private BenchParts parts;

    @BeforeEach
    void open() throws IOException {
        work = new Work(DemoSong.LANTERN_WALK.song());
        var settings = new Settings(new DataFolder(Files.createDirectories(folder.resolve("data"))));
        parts = BenchParts.of(work, new PlayerModel(work, transport), settings, Optional::empty);
    }

    private Pattern shown() {
        return parts.bench().patternProperty().get().orElseThrow();
    }

    private void say(String text) {
        parts.dictation().textProperty().set(text);
    }

    private BigInteger placements() {
        return parts.dictation().answerProperty().get().placing().orElseThrow().count();
    }

    @ParameterizedTest
    @CsvSource({
        "D U U D D U, du-ud-du, 1/8",
        "1 2 and and 4, d-du-ud-, 1/8",
        "D U D U D U D U D U D U D U D U, dudududududududu, 1/16",
        "5 3 2 3 1 3 2 3, 53231323, 1/8",
        "p i m a p i m a, pimapima, 1/8",
        "bass treble bass treble, b-t-b-t-, 1/8"
    })
    void whatIsSaidReplacesThePatternAndUndoBringsItBack(String said, String line, String rate) {
        Pattern before = shown();
        say(said);
        parts.dictation().take(0);
        assertEquals(line, shown().line());
        assertEquals(Length.parse(rate), shown().hand().rate());
        assertEquals(before.name(), shown().name());
        work.undo();
        assertEquals(before, shown());
    }

    @Test
    void aHandThatGoesAllDownIsKept() {
        parts.bench().change("hand", pattern -> pattern.withHand(Hand.allDown(Length.EIGHTH)));
        say("D D D D D D D");
        assertEquals(BigInteger.valueOf(7), placements());
        parts.dictation().take(0);
        assertEquals(Hand.Mode.ALL_DOWN, shown().hand().mode());
    }

    @Test
    void countsAreReadOnThePatternsOwnSlots() {
        parts.bench().slotProperty().set(7);
        parts.bench().toggleTriplet();
        say("1 down, 2 down, 3 down, 4 down, and up, a down");
        parts.dictation().take(0);
        assertEquals("d-d-d-dud", shown().line());
        assertEquals(1, shown().frame().divided().size());
    }

    @Test
    void aChangeOfTheBeatsIsPlacedAnewAndAnAnswerIsTakenBack() {
        say("D U D D");
        assertEquals(BigInteger.valueOf(4), placements());
        parts.dictation().answer(false);
        assertTrue(placements().compareTo(BigInteger.valueOf(4)) < 0);
        parts.dictation().takeBack();
        assertEquals(BigInteger.valueOf(4), placements());
        parts.bench().change("beats", pattern -> pattern.withBeats(3));
        assertEquals(BigInteger.ONE, placements());
        parts.dictation().takeBack();
        assertEquals("", parts.dictation().textProperty().get());
    }

    @Test
    void whatIsSaidNowIsComparedWithWhatWasSaidBefore() {
        say("D D U U D U");
        parts.dictation().take(0);
        assertEquals(Optional.empty(), parts.dictation().comparison());
        say("D D U D U");
        assertEquals(
                "Before it was “D D U U D U”: the first has one more: up as stroke 4. "
                        + "Both can be played; the second is likelier: its strokes lie more on the beats.",
                parts.dictation().comparison().orElseThrow());
    }

    @Test
    void inAnEmptySongAPatternIsMadeForWhatIsSaid() {
        work.open(Song.empty("New"), folder.resolve("new.json"));
        say("D U D U");
        parts.dictation().take(0);
        assertEquals(1, work.song().patterns().size());
        assertEquals(
                4, shown().played().stream().filter(stroke -> stroke.isStruck()).count());
    }

    @Test
    void fingersAreFoundByTheChosenChordAndPutElsewhereForOne() {
        say("(5 1) 3 2 3 5 3 2 3");
        parts.dictation().take(0);
        parts.fingers().choose("C");
        parts.fingers().findFingers();
        assertEquals("(p a)imipimi", shown().line());
        var onG = parts.fingers().chords().stream()
                .filter(on -> on.name().equals("G"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                Map.of(Role.ROOT_BASS, 6, Role.INDEX, 3, Role.MIDDLE, 2, Role.RING, 1),
                parts.fingers().strings(shown(), onG));
        parts.fingers().choose("G");
        parts.fingers().put(Role.ROOT_BASS, new FingerChoice.Here(5));
        assertEquals(5, parts.fingers().strings(shown(), onG).get(Role.ROOT_BASS));
        assertEquals(new FingerChoice.Here(5), parts.fingers().asked(shown(), onG, Role.ROOT_BASS));
        parts.fingers().put(Role.ROOT_BASS, new FingerChoice.Always(4));
        assertEquals(new FingerChoice.Always(4), parts.fingers().asked(shown(), onG, Role.ROOT_BASS));
        parts.fingers().put(Role.ROOT_BASS, FingerChoice.ByRule.FOLLOWED);
        assertEquals(6, parts.fingers().strings(shown(), onG).get(Role.ROOT_BASS));
    }

    @Test
    void deadStringsAreRemarkedOnAndTheFigureIsShownOnTheChosenChord() {
        parts.bench().pluck(new Pick.OnString(6));
        parts.fingers().choose("C");
        assertEquals(
                List.of("string 6 is not played"),
                parts.fingers().remarks(shown(), parts.fingers().chosen().orElseThrow()));
        assertTrue(parts.fingers().isWrong(shown(), parts.fingers().chosen().orElseThrow()));
        assertEquals("C", parts.fingers().chordOf(shown()).orElseThrow().name());
        assertTrue(parts.fingers().chordOf(work.song().patterns().get(1)).isEmpty());
    }

    @Test
    void aMoveOfTheFrettingHandIsWrittenAtTheCursorAndAFaultKeepsWhatIsThere() {
        parts.bench().slotProperty().set(2);
        assertEquals(Outcome.DONE, parts.fingers().moveFingers("2h3 1/5"));
        assertEquals("2h3 1/5", parts.fingers().movesHere());
        assertFalse(parts.fingers().moveFingers("2h").isDone());
        assertEquals("2h3 1/5", parts.fingers().movesHere());
        parts.bench().move(1);
        assertEquals("", parts.fingers().movesHere());
    }

    @Test
    void aPinchTakesNoStringTwiceAndJoinsOnlyWhatWasPlucked() {
        parts.bench().pluck(new Pick.OnString(5));
        parts.bench().pinch(new Pick.OnString(5));
        parts.bench().pinch(new Pick.OnString(2));
        assertEquals("(5 2)-tub-tu", shown().line());
        parts.bench().move(2);
        parts.bench().pinch(new Pick.OnString(1));
        assertEquals("(5 2)-tub-tu", shown().line());
    }

    @Test
    void tapsAreTakenWhileTheMetronomeGoesAndAFarTooEarlyOneIsNot() {
        when(transport.isPlaying()).thenReturn(true);
        parts.taps().startOrStop();
        double beat = 60.0 / 92;
        for (double at : new double[] {-2, -0.02, beat, 1.5 * beat, 2.5 * beat, 3.03 * beat}) {
            when(transport.place()).thenReturn(Optional.of(new Transport.Place(0, new SongSeconds(at))));
            parts.taps().tap(at > 1 ? Optional.of(Direction.UP) : Optional.empty());
        }
        assertEquals(5, parts.taps().tapsProperty().get().orElseThrow().hits().size());
        assertFalse(parts.taps().isWild());
        parts.taps().take();
        assertEquals("d-du-uu-", shown().line());
        assertEquals(BRUSH, shown().id());
    }

    @Test
    void aFormIsNamedAfterItsParentAndCopiesOfTheLibraryGetNamesOfTheirOwn() {
        parts.bench().keepForm(shown().withLine("b---b---"), Form.Derivation.LIGHT_BEATS);
        parts.bench().addCopy(shown());
        parts.bench().addCopy(shown());
        List<String> names = work.song().patterns().stream().map(Pattern::name).toList();
        assertTrue(names.contains("Bass and brush, only beats"), names.toString());
        assertEquals(names.size(), names.stream().distinct().count());
    }
}
