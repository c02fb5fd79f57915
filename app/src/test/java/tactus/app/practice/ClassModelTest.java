package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.core.ground.refusal.Outcome;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;
import tactus.core.taught.practice.Take;
import tactus.records.folder.DataFolder;
import tactus.records.logbook.Logbook;
import tactus.words.Words;

class ClassModelTest {

    @TempDir
    private Path folder;

    private static final SongKey WALK = new SongKey("Walk", "");
    private static final Take NOTHING = Take.of(List.of(), List.of());

    private final List<Outcome> told = new ArrayList<>();

    private ClassModel open() {
        return open(Runnable::run);
    }

    private ClassModel open(Executor thread) {
        var students = new ClassModel(
                new LogbookDesk(folder, thread, Runnable::run),
                new ShelfModel(new Settings(new DataFolder(folder.resolve("none"))), _ -> {}));
        students.open(() -> {});
        return students;
    }

    private static List<String> bars(ClassModel students) {
        return students.desk().records().takes().stream().map(TakeEntry::bars).toList();
    }

    /** Whatever becomes of the disk, a round that was played is not lost while the program runs. */
    @Test
    void aRoundThatCannotBeKeptIsSaidAndKeptWithTheNextOne() throws Exception {
        Path inItsPlace = Files.createDirectories(folder.resolve("logbook.sqlite"));
        ClassModel students = open();
        students.chosenProperty().set(Optional.of("Mirel"));
        students.keep(WALK, "1-4", 60, NOTHING, told::add);
        String said = told.getFirst().refusal().map(Words::why).orElse("");
        assertTrue(said.startsWith("Not kept yet"), said);
        students.give(WALK, 60, "slowly", told::add);
        students.count("C", "G", 30, told::add);
        students.enrol("Pavo", told::add);
        assertEquals(4, told.size());
        assertTrue(told.stream().noneMatch(Outcome::isDone), told.toString());
        assertTrue(students.desk()
                .lyingProperty()
                .get()
                .problem()
                .map(Words::say)
                .orElse("")
                .contains("nothing was changed or moved"));
        students.forget("Mirel");
        Files.delete(inItsPlace);
        students.open(() -> {});
        students.chosenProperty().set(Optional.of("Mirel"));
        students.keep(WALK, "5-8", 60, NOTHING, told::add);
        assertEquals(Outcome.DONE, told.getLast());
        assertEquals(List.of("1-4", "5-8"), bars(students));
        assertEquals(Optional.empty(), students.desk().lyingProperty().get().problem());
        assertEquals(1, students.desk().records().students().size());
        assertTrue(Files.exists(folder.resolve("logbook.sqlite")));
    }

    @Test
    void whatIsAskedOfTheLogbookIsDoneInOrderWhileTheWindowGoesOn() throws Exception {
        var asked = new ArrayDeque<Runnable>();
        ClassModel students = open(asked::add);
        students.enrol("Mirel", told::add);
        assertTrue(told.isEmpty(), "nothing is waited for");
        while (!asked.isEmpty()) asked.remove().run();
        assertEquals(Optional.of("Mirel"), students.chosenProperty().get());
        students.keep(WALK, "1-4", 60, NOTHING, told::add);
        students.keep(WALK, "5-8", 60, NOTHING, told::add);
        assertEquals(List.of(), bars(students));
        while (!asked.isEmpty()) asked.remove().run();
        assertEquals(List.of("1-4", "5-8"), bars(students), "each of them once");
        assertEquals(3, told.size());
        students.keep(WALK, "9-12", 60, NOTHING, told::add);
        students.forget("Mirel");
        students.desk().goOn();
        while (!asked.isEmpty()) asked.remove().run();
        assertEquals(Records.NONE, students.desk().records());
    }

    @Test
    void aRoundThatWasNotKeptDoesNotBringBackWhoIsForgottenMeanwhile() throws Exception {
        Path inItsPlace = Files.createDirectories(folder.resolve("logbook.sqlite"));
        ClassModel students = open();
        students.chosenProperty().set(Optional.of("Mirel"));
        students.keep(WALK, "1-4", 60, NOTHING, told::add);
        Files.delete(inItsPlace);
        students.enrol("Mirel", told::add);
        students.forget("Mirel");
        students.enrol("Pavo", told::add);
        students.keep(WALK, "5-8", 60, NOTHING, told::add);
        assertEquals(
                List.of("Pavo"),
                students.desk().records().students().stream().map(Student::name).toList());
        assertEquals(List.of("5-8"), bars(students));
    }

    /** Somebody was written down meanwhile, by another window or by the command line. */
    @Test
    void aCopyThatIsNotPutOverALogbookWithStudentsIsSaidNotTaken() throws Exception {
        ClassModel students = open();
        students.enrol("Pavo", told::add);
        open();
        students.enrol("Mirel", told::add);
        students.desk().goOn(Logbook.copies(folder).getFirst());
        assertTrue(
                students.desk()
                        .lyingProperty()
                        .get()
                        .problem()
                        .map(Words::say)
                        .orElse("")
                        .contains("a copy is not put over it"),
                students.desk().lyingProperty().get().problem().toString());
        assertEquals(2, students.desk().records().students().size());
    }
}
