package tactus.app;

import java.util.concurrent.CompletableFuture;
import tactus.app.work.Work;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

/** The song that is there when the window opens; it is made ready while JavaFX starts on another thread. */
final class FirstSong {

    private static CompletableFuture<Work> prepared = new CompletableFuture<>();

    private FirstSong() {}

    /** Starts making it ready. */
    static void prepare(boolean demo) {
        prepared = CompletableFuture.supplyAsync(() -> work(demo));
    }

    private static Work work(boolean demo) {
        return new Work(demo ? DemoSong.LANTERN_WALK.song() : Song.empty(Words.of("song.untitled")));
    }

    /** Returns it, once it is ready. */
    static Work get() {
        return prepared.join();
    }
}
