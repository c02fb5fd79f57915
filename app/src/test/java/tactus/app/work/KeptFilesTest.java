package tactus.app.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.pitch.NoteSchool;
import tactus.core.shape.FrettingHand;
import tactus.core.shape.Neck;
import tactus.core.song.Song;
import tactus.formats.song.SongFile;

/** What the program keeps in the user's data folder. */
class KeptFilesTest {

    @TempDir
    private Path root;

    private Autosave autosave(long process, long... running) {
        return new Autosave(
                new DataFolder(root),
                process,
                id -> IntStream.range(0, running.length).anyMatch(index -> running[index] == id));
    }

    @Test
    void workLeftByACrashIsFoundByTheNextProgram() throws IOException {
        autosave(100).keep(Song.empty("Lost"));
        Optional<Path> left = autosave(200).left();
        assertEquals("Lost", SongFile.read(left.orElseThrow()).song().facts().title());
        autosave(200).giveUp(left.get());
        assertTrue(autosave(200).left().isEmpty());
    }

    @Test
    void theWorkOfAProgramThatStillRunsIsNotTouched() {
        autosave(100).keep(Song.empty("Busy"));
        assertTrue(autosave(200, 100).left().isEmpty());
        assertTrue(autosave(100).left().isEmpty());
    }

    @Test
    void savedWorkIsForgotten() {
        Autosave autosave = autosave(100);
        autosave.keep(Song.empty("Saved"));
        autosave.forget();
        assertTrue(autosave(200).left().isEmpty());
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
