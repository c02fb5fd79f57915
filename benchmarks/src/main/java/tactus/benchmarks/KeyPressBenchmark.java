package tactus.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import tactus.app.action.Actions;
import tactus.app.bench.BenchActions;
import tactus.app.bench.BenchParts;
import tactus.app.bench.BenchView;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.device.SilentOut;
import tactus.sound.transport.Transport;

/**
 * From a key on the bench to the redrawn picture: the pattern changed, the song laid out anew with its snags, everything
 * that shows it brought up to date, laid out, and the large picture drawn to pixels with the software renderer. Aim: under
 * a frame of 16 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw", "--enable-native-access=ALL-UNNAMED"})
public class KeyPressBenchmark {

    private static final KeyCode[] KEYS = {KeyCode.D, KeyCode.U, KeyCode.X, KeyCode.DIGIT5, KeyCode.LEFT, KeyCode.HOME};

    private BenchView view;
    private Node picture;
    private WritableImage pixels;
    private int step;

    @Setup
    public void open() throws InterruptedException {
        Screen.start();
        Screen.onScreen(() -> {
            build();
            return null;
        });
    }

    private void build() {
        var work = new Work(DemoSong.LANTERN_WALK.song());
        var player = new PlayerModel(work, new Transport(SilentOut::new));
        var parts = BenchParts.of(work, player, settings(), Optional::empty);
        var actions = new Actions();
        BenchActions.add(parts, () -> {}, actions);
        view = new BenchView(parts, actions);
        var scene = new Scene(view, 1280, 630);
        actions.listenTo(scene);
        scene.snapshot(null);
        picture = view.lookup("#hand-picture");
        picture.requestFocus();
    }

    private static Settings settings() {
        try {
            return new Settings(new DataFolder(Files.createTempDirectory("tactus-benchmark")));
        } catch (IOException full) {
            throw new IllegalStateException(full);
        }
    }

    @TearDown
    public void close() {
        Platform.exit();
    }

    @Benchmark
    public Object pressAKey() throws InterruptedException {
        return Screen.onScreen(() -> {
            KeyCode key = KEYS[step++ % KEYS.length];
            Event.fireEvent(picture, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
            view.applyCss();
            view.layout();
            pixels = picture.snapshot(null, pixels);
            return pixels;
        });
    }
}
