package tactus.benchmarks;

import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
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
import tactus.app.hand.HandView;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.formats.demo.DemoSong;

/**
 * The large picture of a bar of sixteenths, 960 by 330: laying it out, and the whole way to pixels
 * with the software renderer. Aim: under 4 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw", "--enable-native-access=ALL-UNNAMED"})
public class PictureBenchmark {

    private final Pattern pattern =
            DemoSong.LANTERN_WALK.song().pattern(new PatternId("tin-roof")).orElseThrow();
    private final Pattern other = pattern.withLine("dudu");
    private final Frame frame = Frame.of(Frame.Size.LARGE, 960, 330);
    private HandView view;
    private WritableImage pixels;
    private int step;

    @Setup
    public void open() throws InterruptedException {
        Screen.start();
        Screen.onScreen(() -> {
            view = new HandView(Frame.Size.LARGE);
            view.setPrefSize(frame.width(), frame.height());
            new Scene(new StackPane(view), frame.width(), frame.height()).snapshot(null);
            view.setPassage(Passage.of(pattern));
            pixels = new WritableImage((int) frame.width(), (int) frame.height());
            return null;
        });
    }

    @TearDown
    public void close() {
        Platform.exit();
    }

    @Benchmark
    public HandPicture layOut() {
        return HandPicture.of(Passage.of(pattern), frame);
    }

    /** A picture that has changed, painted and drawn to pixels. */
    @Benchmark
    public Object drawChanged() throws InterruptedException {
        return Screen.onScreen(() -> {
            view.playingProperty().set(Double.NaN);
            view.setPassage(step++ % 2 == 0 ? Passage.of(pattern) : Passage.of(other));
            return view.snapshot(null, pixels);
        });
    }

    /** A frame while the hand moves, painted and drawn to pixels. */
    @Benchmark
    public Object drawMoving() throws InterruptedException {
        return Screen.onScreen(() -> {
            view.playingProperty().set(step++ % 16 / 16.0);
            return view.snapshot(null, pixels);
        });
    }
}
