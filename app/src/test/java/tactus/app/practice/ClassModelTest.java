package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.core.ground.refusal.Outcome;
import tactus.core.taught.practice.Take;
import tactus.records.folder.DataFolder;
import tactus.records.logbook.Logbook;
import tactus.words.Words;

class ClassModelTest {

    @TempDir
    private Path folder;

    private ClassModel open() {
        var students = new ClassModel(
                new LogbookDesk(folder), new ShelfModel(new Settings(new DataFolder(folder.resolve("none"))), _ -> {}));
        students.open();
        return students;
    }

    /** Whatever becomes of the disk, a round that was played is not lost while the program runs. */
    @Test
    void aRoundThatCannotBeKeptIsSaidAndKeptWithTheNextOne() throws Exception {
        Path inItsPlace = Files.createDirectories(folder.resolve("logbook.sqlite"));
        ClassModel students = open();
        students.chosenProperty().set(Optional.of("Mirel"));
        Outcome kept = students.keep("Walk", "", "1-4", 60, Take.of(List.of(), List.of()));
        String said = kept.refusal().map(Words::why).orElse("");
        assertTrue(said.startsWith("Not kept yet"), said);
        assertFalse(students.give("Walk", "", 60, "slowly").isDone());
        assertFalse(students.count("C", "G", 30).isDone());
        assertFalse(students.enrol("Pavo").isDone());
        assertTrue(students.desk()
                .problemProperty()
                .get()
                .map(Words::say)
                .orElse("")
                .contains("nothing was changed or moved"));
        Files.delete(inItsPlace);
        students.open();
        students.chosenProperty().set(Optional.of("Mirel"));
        assertEquals(Outcome.DONE, students.keep("Walk", "", "5-8", 60, Take.of(List.of(), List.of())));
        assertEquals(
                List.of("1-4", "5-8"),
                students.desk().recordsProperty().get().takes().stream()
                        .map(take -> take.bars())
                        .toList());
        assertEquals(Optional.empty(), students.desk().problemProperty().get());
        assertEquals(1, students.desk().recordsProperty().get().students().size());
        assertTrue(Files.exists(folder.resolve("logbook.sqlite")));
    }

    /** Somebody was written down meanwhile, by another window or by the command line. */
    @Test
    void aCopyThatIsNotPutOverALogbookWithStudentsIsSaidNotTaken() throws Exception {
        ClassModel students = open();
        students.enrol("Pavo");
        open();
        students.enrol("Mirel");
        students.desk().goOn(Logbook.copies(folder).getFirst());
        assertTrue(
                students.desk()
                        .problemProperty()
                        .get()
                        .map(Words::say)
                        .orElse("")
                        .contains("a copy is not put over it"),
                students.desk().problemProperty().get().toString());
        assertEquals(2, students.desk().recordsProperty().get().students().size());
    }
}
