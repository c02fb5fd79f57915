package tactus.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.WritableImage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import tactus.app.arrangement.bars.PatternDrop;
import tactus.app.arrangement.bars.SongPage;
import tactus.app.arrangement.bars.Zoom;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.records.folder.DataFolder;
import tactus.sound.device.SilentOut;
import tactus.sound.transport.Transport;

/**
 * The whole-song page of 300 bars, every one of them open: scrolled by a third of a screen and drawn to pixels with the
 * software renderer (aim: under a frame of 16 ms), and made from nothing (aim: under a second).
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgsAppend = {
            "-Dglass.platform=Headless",
            "-Dprism.order=sw",
            "--enable-native-access=ALL-UNNAMED",
            "-XX:TieredStopAtLevel=1"
        })
public class SongPageBenchmark {

    @Param({"RIBBONS", "PICTURES"})
    public String zoom;

    private Work work;
    private ScrollPane scroll;
    private Scene scene;
    private WritableImage pixels;
    private double at;
    private SongPage page;
    private int step;

    @Setup
    public void open() throws InterruptedException {
        Screen.start();
        work = new Work(song());
        Screen.onScreen(this::page);
    }

    /** Three times the song, each with sections of its own, so that nothing is folded. */
    private static Song song() {
        Song song = LongSong.of(300);
        Song whole = song;
        for (int use = 0; use < song.uses().size(); use++) {
            Section section = song.section(song.uses().get(use).section()).orElseThrow();
            String name = "Part " + use;
            Section own = section.copiedAs(whole.freshSectionId(name), name).withPasses(section.passes());
            Song with = whole.withSection(own);
            var uses = new ArrayList<>(with.uses());
            uses.set(use, Use.of(uses.get(use).id(), own.id()));
            whole = Assignment.assigned(
                    with.withUses(uses),
                    Where.in(own.id()),
                    Optional.of(song.patterns().get(use % 3).id()));
        }
        return whole;
    }

    private Object page() {
        var player = new PlayerModel(work, new Transport(SilentOut::new));
        var model = new ArrangementModel(work, player);
        scroll = new ScrollPane();
        page = new SongPage(work, model, settings(), new NoDrop(), scroll);
        page.zoomProperty().set(Zoom.valueOf(zoom));
        scene = new Scene(scroll, 1000, 560);
        page.show();
        pixels = scene.snapshot(pixels);
        return pixels;
    }

    /** Nothing is dragged here. */
    private static final class NoDrop implements PatternDrop {
        @Override
        public Optional<PatternId> dragged() {
            return Optional.empty();
        }

        @Override
        public void onSection(PatternId pattern) {}

        @Override
        public void onChosen(PatternId pattern) {}
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
    public Object scrollOn() throws InterruptedException {
        return Screen.onScreen(() -> {
            at = at >= 1 ? 0 : at + 0.01;
            scroll.setVvalue(at);
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            return scroll;
        });
    }

    /** A chord of the first section is changed, the song laid out anew, and the page brought up to date. */
    @Benchmark
    public Object changeAChord() throws InterruptedException {
        return Screen.onScreen(() -> {
            String chord = step++ % 2 == 0 ? "Am" : "C";
            Section first = work.song().sections().getFirst();
            work.change(
                    "edit.chord",
                    song -> song.withSection(first.withSpan(
                            0, new Span(chord, first.spans().getFirst().length()))));
            page.show();
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            return page;
        });
    }

    @Benchmark
    public Object openThePage() throws InterruptedException {
        return Screen.onScreen(this::page);
    }
}
