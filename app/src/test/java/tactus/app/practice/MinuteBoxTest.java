package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.function.DoubleSupplier;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.player.PlayerModel;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.device.AudioIn;
import tactus.sound.device.MidiIn;
import tactus.sound.device.RecordedIn;
import tactus.sound.transport.Transport;

/** A minute of changes, counted by what the stand-in for a microphone hears. */
class MinuteBoxTest {

    private static final int RATE = 44_100;
    private static final double SECOND = 1e-9;

    @TempDir
    private Path folder;

    private final DoubleSupplier clock = () -> System.nanoTime() * SECOND;
    private MinuteBox box;
    private InputModel input;
    private Stage stage;

    private void open(Optional<AudioIn> microphone) throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.registerStage(Stage::new);
        FxToolkit.setupStage(shown -> {
            stage = shown;
            var work = new Work(DemoSong.LANTERN_WALK.song());
            var settings = new Settings(new DataFolder(folder));
            var player = new PlayerModel(work, mock(Transport.class));
            input = new InputModel(settings, player, MidiIn::open, () -> microphone, System::nanoTime);
            var students = new ClassModel(
                    new LogbookDesk(folder, Runnable::run, Runnable::run), new ShelfModel(settings, _ -> {}));
            box = new MinuteBox(work, settings, students, input, clock);
            shown.setScene(new Scene(box, 600, 200));
            shown.show();
        });
    }

    @AfterEach
    void close() throws Exception {
        FxToolkit.setupStage(_ -> stage.hide());
    }

    private void fire(String id) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            switch (box.lookup(id)) {
                case Button button -> button.fire();
                case CheckBox check -> check.fire();
                default -> throw new IllegalStateException(id);
            }
        });
    }

    private String said() {
        return ((Label) box.lookup("#minute-said")).getText();
    }

    private Button press() {
        return (Button) box.lookup("#minute-press");
    }

    /** Strums that ring out, at these seconds. */
    private static float[] strums(double length, double... seconds) {
        var sound = new float[(int) (length * RATE)];
        var random = new Random(7);
        for (double at : seconds)
            for (int i = 0; i < RATE / 2; i++) {
                int sample = (int) (at * RATE) + i;
                if (sample < sound.length)
                    sound[sample] += (float) (0.5 * Math.exp(-i / 4000.0) * (random.nextDouble() * 2 - 1));
            }
        return sound;
    }

    @Test
    void eachStrumIsAChangeAndOneThatIsHeardTwiceIsOne() throws Exception {
        open(Optional.of(new RecordedIn(strums(60, 1.5, 2.1, 2.2, 2.8, 3.4), RATE)));
        fire("#minute-ear");
        assertTrue(input.isListening());
        assertTrue(said().startsWith("Each strum"), said());
        fire("#minute-press");
        assertTrue(press().isDisabled(), "the ear counts");
        assertEquals("Listening …", press().getText());
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> said().endsWith("4 made"));
        fire("#minute-stop");
        assertEquals("Too short to tell: ten seconds at least.", said());
        assertFalse(press().isDisabled());
        fire("#minute-ear");
        assertFalse(input.isListening(), "the microphone is let go");
    }

    @Test
    void whereThereIsNoMicrophoneOrItGoesTheKeysCount() throws Exception {
        open(Optional.empty());
        fire("#minute-ear");
        assertEquals("There is no microphone here that is free.", said());
        assertFalse(((CheckBox) box.lookup("#minute-ear")).isSelected());
        close();
        open(Optional.of(new RecordedIn(new float[RATE], RATE)));
        fire("#minute-ear");
        fire("#minute-press");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !press().isDisabled());
        fire("#minute-press");
        assertTrue(said().endsWith("1 made"), said());
    }
}
