package tactus.app.window;

import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.SPACE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ListView;
import org.junit.jupiter.api.Test;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;
import tactus.records.logbook.Logbook;

/** The logbook where the disk does not do what it is asked to, in the real window. */
class LogbookFlowTest extends WindowTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 5);

    private Path data;

    @Override
    void prepare(Path data) throws Exception {
        this.data = data;
        for (int opening = 0; opening < 2; opening++) {
            try (Logbook book = Logbook.open(data, DAY.atTime(17, opening))) {
                var students = List.of(student("Mirel"), student("Pavo"));
                book.add(new Records(students, List.of(), List.of(), List.of()));
            }
        }
    }

    private static Student student(String name) {
        return new Student(name, DAY, Optional.empty(), "");
    }

    private Path logbook() {
        return data.resolve("logbook.sqlite");
    }

    private void openClass() {
        click("#button-place-practice");
        click("#button-practice-class");
    }

    private void choose(int student) {
        robot.interact(() -> robot.lookup("#class-students")
                .queryAs(ListView.class)
                .getSelectionModel()
                .select(student));
        settle();
    }

    private List<?> students() {
        return robot.lookup("#class-students").queryAs(ListView.class).getItems();
    }

    @Test
    void ofADamagedLogbookACopyIsTakenByAClick() throws Exception {
        Files.writeString(logbook(), "no database at all ".repeat(400));
        openClass();
        assertTrue(textsIn("#class").contains("is damaged"), textsIn("#class"));
        assertTrue(text("#class-copy-1").contains("2 students"), text("#class-copy-1"));
        click("#class-copy-1");
        assertEquals(List.of("Mirel", "Pavo"), students());
        assertFalse(textsIn("#class").contains("damaged"), textsIn("#class"));
    }

    @Test
    void anEmptyLogbookBesideCopiesIsTold() throws Exception {
        Files.write(logbook(), new byte[0]);
        openClass();
        assertTrue(textsIn("#class").contains("The logbook is empty"), textsIn("#class"));
        click("#class-copy-1");
        assertEquals(List.of("Mirel", "Pavo"), students());
    }

    /** It was taken for a damaged one and an empty one took its place. */
    @Test
    void aLogbookThatIsOutOfReachStaysAndWhatWasTypedIsKeptOnceItIsBack() throws Exception {
        Path away = data.resolve("away.sqlite");
        Files.move(logbook(), away);
        Files.createDirectory(logbook());
        openClass();
        assertTrue(textsIn("#class").contains("nothing was changed or moved"), textsIn("#class"));
        assertTrue(isShown("#class-again"));
        click("#class-name");
        type("Ines");
        press(ENTER);
        assertEquals("Ines", text("#class-name"), "what was typed stays");
        assertTrue(textsIn("#class").contains("nothing was changed or moved"), textsIn("#class"));
        Files.delete(logbook());
        Files.move(away, logbook());
        click("#class-name");
        press(ENTER);
        assertEquals(List.of("Ines", "Mirel", "Pavo"), students());
        assertEquals("", text("#class-name"));
        assertFalse(isShown("#class-again"));
    }

    @Test
    void whatIsTypedForOneStudentIsNeverGivenToAnother() {
        openClass();
        choose(0);
        String first = text("#class-heading");
        click("#class-homework");
        type("the verse slowly");
        robot.interact(() -> robot.lookup("#class-students").query().requestFocus());
        press(DOWN);
        assertEquals("Pavo", text("#class-heading"));
        assertEquals("", text("#class-homework"));
        press(ESCAPE);
        robot.interact(() -> robot.lookup("#ladder").query().requestFocus());
        press(C);
        choose(0);
        assertEquals(first, text("#class-heading"));
        assertEquals("the verse slowly", text("#class-homework"), "it is there again with them");
    }

    @Test
    void aMinuteThatWasBegunIsNotCountedForTheNextStudent() {
        openClass();
        choose(0);
        click("#minute-press");
        press(SPACE);
        assertTrue(isShown("#minute-stop"));
        choose(1);
        assertFalse(isShown("#minute-stop"));
        assertEquals("", text("#minute-said"));
    }

    @Test
    void whoIsForgottenIsSaidSoWithWhatIsLeft() throws Exception {
        openClass();
        choose(0);
        String name = text("#class-heading");
        Files.writeString(data.resolve("logbook-damaged-20261101-100000-000.sqlite"), "was damaged once");
        click("#class-forget");
        click("#class-forget-yes");
        assertTrue(text("#class-forgotten").startsWith(name + " is forgotten"), text("#class-forgotten"));
        assertTrue(textsIn("#class").contains("logbook-damaged-20261101"), textsIn("#class"));
        await(() -> !textsIn("#class").contains("looked through for"));
    }
}
