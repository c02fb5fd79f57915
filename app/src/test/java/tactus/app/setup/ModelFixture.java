package tactus.app.setup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import tactus.app.work.Aside;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;

/** A demo song with its models, without a window. */
final class ModelFixture {

    final Work work;
    final Settings settings;
    /** Computed at once. */
    final Aside atOnce = job -> job.get().run();
    /** Computed when {@link #compute} says so. */
    final List<Supplier<Runnable>> waiting = new ArrayList<>();

    ModelFixture(DemoSong demo, Path folder) {
        work = new Work(demo.song());
        settings = new Settings(new DataFolder(folder));
    }

    Song song() {
        return work.song();
    }

    void compute() {
        var jobs = List.copyOf(waiting);
        waiting.clear();
        jobs.forEach(job -> job.get().run());
    }
}
