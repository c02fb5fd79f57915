package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.formats.table.BarTable;

/** A teacher writes several songs out at once, and fetches what one song has into another. */
class ManySongsFlowTest extends WindowTest {

    private List<String> written(Path out) throws IOException {
        if (!Files.exists(out)) return List.of();
        try (Stream<Path> files = Files.list(out)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    private Path demoFile(DemoSong demo) throws IOException {
        Path file = folder.resolve(demo.name() + ".tactus.json");
        SongFile.write(demo.song(), file);
        return file;
    }

    @Test
    void severalSongsAreWrittenAsWhatWasChosenAndWhatIsThereIsLeft() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.tactus.json"), "{");
        when(asker.toOpenSeveral()).thenReturn(List.of(demoFile(DemoSong.LAST_CHAIR_WALTZ), broken));
        click("#pattern-name");
        chord(CONTROL, ALT, E);
        click("#bulk-write");
        assertTrue(textsIn(".export-page").contains("folder"), "it is said what is missing");
        click("#bulk-add");
        click("#bulk-mid");
        Path out = folder.resolve("out");
        fill("#bulk-folder", out.toString());
        fill("#bulk-bars", "1-8");
        click("#bulk-write");
        await(() -> text("#bulk-said").startsWith("4 files"));
        assertEquals(
                List.of("lantern-walk.mid", "lantern-walk.pdf", "last-chair-waltz.mid", "last-chair-waltz.pdf"),
                written(out));
        assertTrue(textsIn(".export-page").contains("broken"), textsIn(".export-page"));
        byte[] before = Files.readAllBytes(out.resolve("lantern-walk.mid"));
        click("#bulk-pdf");
        fill("#bulk-bars", "");
        click("#bulk-write");
        await(() -> text("#bulk-said").startsWith("No file"));
        assertEquals(before.length, Files.size(out.resolve("lantern-walk.mid")), "it was left as it is");
        click("#bulk-overwrite");
        click("#bulk-write");
        await(() -> text("#bulk-said").startsWith("2 files"));
        assertTrue(Files.size(out.resolve("lantern-walk.mid")) > before.length, "now all bars are there");
    }

    /** While a version is shown the others are whole still: they can be exported, and what is fetched takes none of them away. */
    @Test
    void aShownVersionHidesNoOther() throws Exception {
        robot.interact(() -> work.change(
                "edit.versions", song -> song.withVersions(song.versions().withShown(Optional.of("First week")))));
        Song before = work.written();
        chord(CONTROL, SHIFT, F);
        type("waltz");
        press(DOWN, ENTER, ENTER, ESCAPE);
        Song after = work.written();
        assertEquals(before.versions().all().size(), after.versions().all().size());
        Version first = before.versions().all().getFirst();
        Version since = after.versions().all().getFirst();
        assertEquals(first.standIns(), since.standIns());
        assertEquals(before.versions().all().getLast(), after.versions().all().getLast());
        assertEquals(before.rules(), after.rules(), "the song itself is as it was");
        assertEquals(before.chords(), after.chords());
        chord(CONTROL, Z);
        assertEquals(before, work.written());
        chord(CONTROL, ALT, E);
        Path out = folder.resolve("out");
        fill("#bulk-folder", out.toString());
        click("#bulk-pdf");
        click("#bulk-csv");
        for (String version : List.of("", "First week")) {
            ComboBox<Optional<String>> versions = robot.lookup("#bulk-version").queryComboBox();
            robot.interact(() -> versions.setValue(Optional.of(version)));
            if (!version.isEmpty()) click("#bulk-overwrite");
            click("#bulk-write");
            await(() -> text("#bulk-said").startsWith("1 file"));
            Song shown = before.withVersions(
                            before.versions().withShown(Optional.of(version).filter(each -> !each.isEmpty())))
                    .asShown();
            Path wanted = folder.resolve("wanted.csv");
            BarTable.write(shown, Timeline.of(shown), Optional.empty(), wanted);
            assertEquals(Files.readString(wanted), Files.readString(out.resolve("lantern-walk.csv")), version);
        }
    }

    @Test
    void barsThatNoSongHasAndNothingChosenAreSaid() throws Exception {
        chord(CONTROL, ALT, E);
        fill("#bulk-folder", folder.resolve("none").toString());
        click("#bulk-pdf");
        assertFalse(((CheckBox) robot.lookup("#bulk-pdf").query()).isSelected());
        click("#bulk-write");
        assertTrue(textsIn(".export-page").contains("kind of file"), textsIn(".export-page"));
        click("#bulk-mid");
        fill("#bulk-bars", "900-1000");
        click("#bulk-write");
        await(() -> text("#bulk-said").startsWith("No file"));
        assertTrue(textsIn(".export-page").contains("lantern-walk.mid was not written"), textsIn(".export-page"));
        assertEquals(List.of(), written(folder.resolve("none")));
    }

    @Test
    void aPatternAndAShapeOfAnotherSongAreFetchedAndTakenBack() {
        click("#pattern-name");
        chord(CONTROL, SHIFT, F);
        type("waltz");
        press(DOWN, ENTER, ENTER);
        Pattern fetched = song().patterns().getLast();
        assertEquals(DemoSong.LAST_CHAIR_WALTZ.song().patterns().getFirst().line(), fetched.line());
        assertTrue(text("#fetch-said").contains(fetched.name()), text("#fetch-said"));
        press(ENTER);
        assertTrue(text("#fetch-said").contains("already"), text("#fetch-said"));
        ListView<?> things = robot.lookup("#fetch-things").queryListView();
        robot.interact(() -> {
            things.getSelectionModel().clearSelection();
            things.getSelectionModel().selectLast();
            things.scrollTo(things.getItems().size() - 1);
        });
        int shapes = song().chords().size();
        click("#fetch-take");
        assertEquals(shapes + 1, song().chords().size(), text("#fetch-said"));
        press(ESCAPE);
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(DemoSong.LANTERN_WALK.song(), song());
    }
}
