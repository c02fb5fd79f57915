package tactus.app.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.function.LongFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.file.Checksum;
import tactus.formats.song.SongFile;
import tactus.records.folder.DataFolder;

/** What the program keeps in the user's data folder. */
class KeptFilesTest {

    @TempDir
    private Path root;

    private static final Instant MORNING = Instant.parse("2026-11-28T08:00:00Z");

    private static Optional<Instant> is(long process, long wanted, Instant start) {
        return process == wanted ? Optional.of(start) : Optional.empty();
    }

    /** The program with the number {@code process}, started in the morning, beside others. */
    private Autosave autosave(long process, LongFunction<Optional<Instant>> others) {
        return new Autosave(
                new DataFolder(root), process, id -> is(process, id, MORNING).or(() -> others.apply(id)));
    }

    private Autosave autosave(long process) {
        return autosave(process, _ -> Optional.empty());
    }

    private List<String> titles(Autosave autosave) throws IOException {
        var titles = new ArrayList<String>();
        for (Path left : autosave.left()) {
            titles.add(SongFile.read(left).song().facts().title());
        }
        return titles;
    }

    @Test
    void workLeftByACrashIsFoundByTheNextProgramWithTheFileItCameFrom() throws IOException {
        var origin = new Origin(Path.of("/songs/walk ö.json"), new Checksum("0a1b"));
        autosave(100).keep(Song.empty("Lost"), Optional.of(origin));
        Autosave next = autosave(200);
        assertEquals(List.of("Lost"), titles(next));
        Path left = next.left().getFirst();
        assertEquals(Optional.of(origin), next.origin(left));
        next.giveUp(left);
        assertEquals(List.of(), next.left());
        assertEquals(0, Files.list(next.folder()).count(), "nothing of it stays");
    }

    @Test
    void theWorkOfAProgramThatStillRunsIsNotTouched() throws IOException {
        autosave(100).keep(Song.empty("Busy"), Optional.empty());
        assertEquals(List.of(), autosave(200, id -> is(100, id, MORNING)).left());
        assertEquals(List.of(), autosave(100).left());
    }

    @Test
    void aProcessThatHasTheSameNumberAgainIsAnotherOne() throws IOException {
        autosave(100).keep(Song.empty("Lost"), Optional.empty());
        Instant noon = MORNING.plusSeconds(4 * 3600);
        assertEquals(List.of("Lost"), titles(autosave(200, id -> is(100, id, noon))), "another program has it now");
        var again = new Autosave(new DataFolder(root), 100, id -> is(100, id, noon));
        assertEquals(List.of("Lost"), titles(again), "this program has it now");
        again.forget();
        assertEquals(List.of("Lost"), titles(again), "closing deletes only what is its own");
    }

    /** Older programs wrote no start into the name; what was kept before a process was started is not its own. */
    @Test
    void workKeptByAnOlderProgramIsFoundToo() throws IOException {
        Path old = Files.createDirectories(root.resolve("unsaved")).resolve("100.tactus.json");
        SongFile.write(Song.empty("Old"), old);
        Instant kept = Files.getLastModifiedTime(old).toInstant();
        assertEquals(List.of("Old"), titles(autosave(200, id -> is(100, id, kept.plusSeconds(60)))));
        assertEquals(List.of(), titles(autosave(200, id -> is(100, id, kept.minusSeconds(60)))));
        assertEquals(List.of("Old"), titles(autosave(200)));
    }

    @Test
    void savedWorkIsForgotten() throws IOException {
        Autosave autosave = autosave(100);
        autosave.keep(Song.empty("Saved"), Optional.empty());
        autosave.forget();
        assertEquals(List.of(), autosave(200).left());
    }

    @Test
    void theDelayOfEachInstrumentIsKeptByItsName() {
        var settings = new Settings(new DataFolder(root));
        settings.delaysProperty()
                .set(settings.delaysProperty().get().with("", 40).with("Stage = piano: 2", -12));
        Delays again = new Settings(new DataFolder(root)).delaysProperty().get();
        assertEquals(40, again.of(""));
        assertEquals(-12, again.of("Stage = piano: 2"));
        assertEquals(0, again.of("another"));
        Properties spoilt = new Properties();
        spoilt.setProperty("latency", "soon");
        spoilt.setProperty("latency.far", "9999");
        assertEquals(new Delays(Map.of("far", 1_000)), Delays.read(spoilt));
    }

    @Test
    void settingsAreThereAgainNextTime() {
        var settings = new Settings(new DataFolder(root));
        settings.darkProperty().set(true);
        settings.lowStringOnTopProperty().set(false);
        settings.remember(Path.of("/songs/a.json"));
        settings.remember(Path.of("/songs/b.json"));
        settings.remember(Path.of("/songs/a.json"));
        var again = new Settings(new DataFolder(root));
        assertTrue(again.darkProperty().get());
        assertEquals(false, again.lowStringOnTopProperty().get());
        assertEquals(
                List.of(Path.of("/songs/a.json"), Path.of("/songs/b.json")),
                again.recentProperty().get());
    }

    @Test
    void twoProgramsKeepWhatEachOfThemHasChanged() {
        var one = new Settings(new DataFolder(root));
        var other = new Settings(new DataFolder(root));
        one.darkProperty().set(true);
        other.leftHandedProperty().set(true);
        one.saysHProperty().set(true);
        Handout layout = Handout.USUAL;
        assertEquals(Outcome.DONE, one.layouts().keep("mine", layout));
        assertEquals(Outcome.DONE, other.layouts().keep("yours", layout));
        assertEquals(Outcome.DONE, one.layouts().forget("nobody's"));
        var again = new Settings(new DataFolder(root));
        assertTrue(again.darkProperty().get());
        assertTrue(again.leftHandedProperty().get());
        assertTrue(again.saysHProperty().get());
        assertEquals(Set.of("mine", "yours"), again.layouts().all().keySet());
    }

    @Test
    void settingsThatMayNotBeReadAreNeverWrittenOver() throws IOException {
        Path inItsPlace = Files.createDirectory(root.resolve("settings.properties"));
        var settings = new Settings(new DataFolder(root));
        settings.darkProperty().set(true);
        settings.remember(Path.of("/songs/a.json"));
        assertTrue(Files.isDirectory(inItsPlace));
        assertTrue(settings.darkProperty().get(), "for as long as the program runs");
    }

    @Test
    void onlyTheLastEightSongsAreRemembered() {
        var settings = new Settings(new DataFolder(root));
        for (int i = 0; i < 12; i++) settings.remember(Path.of("/songs/" + i + ".json"));
        assertEquals(8, settings.recentProperty().get().size());
        assertEquals(Path.of("/songs/11.json"), settings.recentProperty().get().getFirst());
    }

    @Test
    void damagedSettingsAreTakenAsAtFirst() throws IOException {
        Files.writeString(root.resolve("settings.properties"), "dark=\\u12");
        assertEquals(false, new Settings(new DataFolder(root)).darkProperty().get());
    }

    @Test
    void theHandTheNeckAndTheSchoolAreThereAgainNextTime() {
        var settings = new Settings(new DataFolder(root));
        settings.handProperty().set(new FrettingHand(84, true));
        settings.scaleLengthProperty().set(580);
        settings.leftHandedProperty().set(true);
        settings.saysHProperty().set(true);
        var again = new Settings(new DataFolder(root));
        assertEquals(new FrettingHand(84, true), again.handProperty().get());
        assertEquals(new Neck(580, 3), again.neck(3));
        assertTrue(again.leftHandedProperty().get());
        assertEquals(NoteSchool.WITH_H, again.noteSchool());
    }

    @ParameterizedTest
    @ValueSource(strings = {"handSpan=900", "handSpan=wide", "scaleLength=12"})
    void measuresThatCannotBeAreTakenAsAtFirst(String line) throws IOException {
        Files.writeString(root.resolve("settings.properties"), line);
        var settings = new Settings(new DataFolder(root));
        assertEquals(FrettingHand.USUAL.thumb(), settings.handProperty().get().thumb());
        assertTrue(settings.handProperty().get().span() <= FrettingHand.WIDEST);
        assertEquals(648, settings.scaleLengthProperty().get());
    }
}
