package tactus.app.window;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.mockito.Mockito.mock;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.arrangement.ArrangementParts;
import tactus.app.arrangement.ArrangementPlace;
import tactus.app.outside.FaultWatch;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.practice.PracticePlace;
import tactus.app.work.OwnThread;
import tactus.app.work.Work;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.words.Words;

/** The real window with a demo song, used with real keys and clicks, offscreen. */
abstract class WindowTest {

    private static final int LAYOUT_PASSES = 4;

    final QuickRobot robot = new QuickRobot(this::settle);
    final FileAsker asker = mock(FileAsker.class);
    Work work;
    MainWindow window;
    Stage stage;
    Path folder;

    DemoSong demo() {
        return DemoSong.LANTERN_WALK;
    }

    private Optional<OwnThread> logbook = Optional.empty();

    List<Place> places(PlaceServices parts) {
        return Places.of(parts);
    }

    ArrangementParts arrangement() {
        return window.places().stream()
                .filter(ArrangementPlace.class::isInstance)
                .map(ArrangementPlace.class::cast)
                .findFirst()
                .orElseThrow()
                .parts();
    }

    /** Puts files into the data folder before the program starts. */
    void prepare(Path data) throws Exception {}

    @BeforeEach
    void open() throws Exception {
        FaultWatch.begin();
        folder = Files.createTempDirectory("tactus-test");
        Path data = Files.createDirectories(folder.resolve("data"));
        prepare(data);
        FxToolkit.registerPrimaryStage();
        FxToolkit.registerStage(Stage::new);
        FxToolkit.setupStage(shown -> {
            stage = shown;
            work = new Work(demo().song());
            stage.setX(0);
            stage.setY(0);
            stage.setWidth(1280);
            stage.setHeight(800);
            window = Opening.open(shown, work, new DataFolder(data), asker, this::places);
            shown.show();
        });
        logbook = window.places().stream()
                .filter(PracticePlace.class::isInstance)
                .map(WindowTest::logbook)
                .findFirst();
        settle();
    }

    @AfterEach
    void close() throws Exception {
        robot.release(new KeyCode[0]);
        robot.release(new MouseButton[0]);
        boolean faulty = isShown("#notice") && text("#notice").contains("nobody foresaw");
        FxToolkit.setupStage(Stage::hide);
        logbook = Optional.empty();
        try (var files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(file);
        }
        assertFalse(faulty, "something went wrong that nobody foresaw");
        FaultWatch.end();
    }

    Song song() {
        settle();
        return work.song();
    }

    Pattern pattern(String id) {
        return song().pattern(new PatternId(id)).orElseThrow();
    }

    Section section(String id) {
        return song().section(new SectionId(id)).orElseThrow();
    }

    /** The chords of a section as written: {@code C 1 bar, G 2 beats}. */
    String spans(String section) {
        return section(section).spans().stream()
                .map(span -> span.chord() + " " + Words.value(span.length()))
                .collect(Collectors.joining(", "));
    }

    /** The ids of the running order. */
    String order() {
        return song().order().stream().map(SectionId::value).collect(Collectors.joining(" "));
    }

    /** Presses keys one after the other. */
    void press(KeyCode... keys) {
        for (KeyCode key : keys) {
            QuickRobot.inWindow(() -> robot.hand().keyPress(key));
            QuickRobot.inWindow(() -> robot.hand().keyRelease(key));
        }
        settle();
    }

    /** Presses keys together: Ctrl and S. */
    void chord(KeyCode... keys) {
        for (KeyCode key : keys) QuickRobot.inWindow(() -> robot.hand().keyPress(key));
        for (KeyCode key : List.of(keys).reversed())
            QuickRobot.inWindow(() -> robot.hand().keyRelease(key));
        settle();
    }

    void click(String query) {
        settle();
        robot.clickOn(query);
    }

    /** Replaces what stands in a field, as one types. */
    void fill(String query, String text) {
        click(query);
        chord(KeyCode.CONTROL, KeyCode.A);
        press(KeyCode.DELETE);
        type(text);
    }

    /** Types {@code text} where the focus is, each key an event of its own; without the rests between keys of a robot. */
    void type(String text) {
        text.codePoints().forEach(sign -> QuickRobot.inWindow(() -> typeSign(Character.toString(sign))));
        settle();
    }

    private void typeSign(String sign) {
        KeyCode code = switch (sign) {
            case " " -> KeyCode.SPACE;
            case "\n" -> KeyCode.ENTER;
            default ->
                Optional.ofNullable(KeyCode.getKeyCode(sign.toUpperCase(Locale.ROOT)))
                        .orElse(KeyCode.UNDEFINED);
        };
        boolean shift = !sign.equals(sign.toLowerCase(Locale.ROOT));
        for (var kind : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
            boolean isTyped = kind.equals(KeyEvent.KEY_TYPED);
            var scene = stage.getScene();
            var target = Optional.<EventTarget>ofNullable(scene.getFocusOwner()).orElse(scene);
            Event.fireEvent(
                    target,
                    new KeyEvent(
                            kind,
                            isTyped ? sign.replace('\n', '\r') : KeyEvent.CHAR_UNDEFINED,
                            isTyped ? "" : code.getName(),
                            isTyped ? KeyCode.UNDEFINED : code,
                            shift,
                            false,
                            false,
                            false));
        }
    }

    String text(String query) {
        Node node = robot.lookup(query).query();
        return node instanceof TextInputControl input ? input.getText() : ((Labeled) node).getText();
    }

    /** Everything that is said within a part of the window. */
    String textsIn(String query) {
        Node part = robot.lookup(query).query();
        return robot.from(part).lookup(Labeled.class::isInstance).queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .collect(Collectors.joining(" | "));
    }

    /**
     * Waits until what was done is worked off and laid out, twice over: what is put off is done then, and a scroller shows what has
     * become taller only then. A slow machine may not have drawn yet what was changed: it would be looked at as it was.
     */
    void settle() {
        for (int i = 0; i < 2; i++) {
            QuickRobot.inWindow(() -> {});
            logbook.ifPresent(WindowTest::finish);
            QuickRobot.inWindow(() -> {
                var root = stage.getScene().getRoot();
                root.applyCss();
                // What wraps knows its height only when it knows its width, and asks for room again.
                for (int pass = 0; pass < LAYOUT_PASSES; pass++) root.layout();
            });
        }
    }

    /** Waits until what was asked of a thread so far is done. */
    private static void finish(OwnThread thread) {
        var done = new CountDownLatch(1);
        try {
            thread.execute(done::countDown);
            if (!done.await(20, TimeUnit.SECONDS)) throw new IllegalStateException("the logbook has not answered");
        } catch (RejectedExecutionException _) {
            // It has ended with the window, which a test has closed.
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private static OwnThread logbook(Place practice) {
        try {
            var field = PracticePlace.class.getDeclaredField("logbook");
            field.setAccessible(true);
            return (OwnThread) field.get(practice);
        } catch (ReflectiveOperationException renamed) {
            throw new IllegalStateException(renamed);
        }
    }

    /** Waits for what is computed beside the window. */
    void await(Callable<Boolean> condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, condition);
        settle();
    }

    boolean isShown(String query) {
        return robot.lookup(query).tryQuery().filter(node -> isInSight(node)).isPresent();
    }

    private static boolean isInSight(Node node) {
        for (Node each = node; each != null; each = each.getParent()) if (!each.isVisible()) return false;
        return true;
    }

    Optional<Path> file(String name) {
        return Optional.of(folder.resolve(name));
    }
}
