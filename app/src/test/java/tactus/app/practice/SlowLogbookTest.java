package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.atomic.AtomicReference;
import javafx.event.ActionEvent;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.player.PlayerModel;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.practice.ChangeWork;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.device.MidiIn;
import tactus.sound.transport.Transport;

/** What a teacher does before the logbook has answered. */
class SlowLogbookTest {

    @TempDir
    private Path folder;

    private final Queue<Runnable> asked = new ArrayDeque<>();
    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private Settings settings;
    private ClassModel students;
    private InputModel input;
    private ClassView view;
    private Stage stage;

    @BeforeEach
    void open() throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.registerStage(Stage::new);
        FxToolkit.setupStage(shown -> {
            stage = shown;
            settings = new Settings(new DataFolder(folder));
            students = new ClassModel(
                    new LogbookDesk(folder, asked::add, Runnable::run), new ShelfModel(settings, _ -> {}));
            var player = new PlayerModel(work, mock(Transport.class));
            input = new InputModel(settings, player, MidiIn::open, Optional::empty, System::nanoTime);
            view = new ClassView(work, settings, students, input, () -> {});
            shown.setScene(new Scene(view, 900, 600));
            shown.show();
            students.open(() -> {});
        });
        answer();
    }

    @AfterEach
    void close() throws Exception {
        FxToolkit.setupStage(_ -> stage.hide());
    }

    private static void inWindow(Runnable done) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, done);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void answer() {
        inWindow(() -> {
            while (!asked.isEmpty()) asked.remove().run();
        });
    }

    private TextField field(String id) {
        return (TextField) view.lookup(id);
    }

    /** Types over what stands in a field, and presses Enter. */
    private void enter(String id, String text) {
        inWindow(() -> {
            field(id).setText(text);
            field(id).fireEvent(new ActionEvent());
        });
    }

    private void choose(String name) {
        inWindow(() -> students.chosenProperty().set(Optional.of(name)));
    }

    @Test
    void whatIsTypedOnBeforeANameIsTakenStaysAndWhatWasTakenGoes() {
        enter("#class-name", "Mirel");
        assertEquals("Mirel", field("#class-name").getText(), "nothing has been taken yet");
        inWindow(() -> field("#class-name").setText("Pavo"));
        answer();
        assertEquals(Optional.of("Mirel"), students.chosenProperty().get());
        assertEquals("Pavo", field("#class-name").getText());
        enter("#class-name", "Odile");
        answer();
        assertEquals("", field("#class-name").getText());
    }

    @Test
    void homeworkThatIsTakenLateTouchesNobodyElsesField() throws Exception {
        for (String name : new String[] {"Mirel", "Pavo"}) {
            enter("#class-name", name);
            answer();
        }
        enter("#class-homework", "bass notes alone");
        choose("Mirel");
        inWindow(() -> field("#class-homework").setText("bass notes alone"));
        answer();
        assertEquals("bass notes alone", field("#class-homework").getText(), "hers, not given yet");
        Lesson given = students.desk().records().lessons().getFirst();
        assertEquals("Pavo: bass notes alone", given.student() + ": " + given.homework());
        choose("Pavo");
        assertEquals("", field("#class-homework").getText(), "what was given is no draft any longer");
        choose("Mirel");
        assertEquals("bass notes alone", field("#class-homework").getText());
    }

    @Test
    void oneTypesOnWhileThePageIsShownAnew() {
        enter("#class-name", "Mirel");
        answer();
        enter("#class-homework", "bass notes alone");
        inWindow(() -> {
            field("#class-homework").requestFocus();
            field("#class-homework").setText("then the ve");
            field("#class-homework").end();
        });
        answer();
        inWindow(() -> {
            assertTrue(field("#class-homework").isFocused());
            field("#class-homework").replaceSelection("rse");
        });
        assertEquals("then the verse", field("#class-homework").getText());
    }

    @Test
    void aMinuteThatIsKeptLateIsNotSaidOfTheNextStudent() {
        var said = new AtomicReference<>("");
        inWindow(() -> {
            students.enrol("Mirel", _ -> {});
            while (!asked.isEmpty()) asked.remove().run();
            var seconds = new double[] {0};
            var minute = new MinuteModel(students, input, () -> seconds[0]);
            var change = new ChangeWork("C", "G", 4, 10, false, 1, 1);
            minute.press();
            seconds[0] = 20;
            minute.press();
            minute.end(change);
            minute.beginAnew();
            while (!asked.isEmpty()) asked.remove().run();
            said.set(minute.saidProperty().get());
        });
        assertEquals(1, students.desk().records().changes().size());
        assertEquals("", said.get());
    }

    @Test
    void aPlanIsCalledKeptOnlyWhileItIs() throws Exception {
        var plan = new AtomicReference<PlanModel>();
        inWindow(() -> {
            var output = new PlanModel.Output((_, _) -> Optional.empty(), _ -> Outcome.DONE);
            plan.set(new PlanModel(work, settings, students, Optional.empty(), output, LocalDate::now));
            plan.get().done(0, 0, true);
        });
        assertFalse(plan.get().keptProperty().get(), "not written down yet");
        inWindow(() -> plan.get().beginAnew());
        answer();
        assertFalse(plan.get().keptProperty().get());
        inWindow(() -> students.plan(SongKey.of(work.song()), known -> assertTrue(known.isEmpty())));
        answer();
        inWindow(() -> plan.get().done(0, 0, true));
        answer();
        assertTrue(plan.get().keptProperty().get());
    }
}
