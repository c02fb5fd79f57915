package tactus.app.window;

import java.io.IOException;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.work.Autosave;
import tactus.app.work.Origin;
import tactus.app.work.Work;
import tactus.core.written.song.Song;

/** Keeps a song that is not saved: when one pauses, and while one goes on working at least every few seconds. */
final class Autosaving {

    private static final Logger LOG = LoggerFactory.getLogger(Autosaving.class);
    private static final Duration PAUSE = Duration.seconds(1.5);
    /** With the writing itself, no more than five seconds of work are at risk. */
    private static final Duration LONGEST = Duration.seconds(4);

    private final Work work;
    private final Autosave autosave;
    private final Background background;
    private final Supplier<Optional<Origin>> origin;
    private final Consumer<IOException> tell;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final PauseTransition longest = new PauseTransition(LONGEST);
    private boolean failed;
    private volatile boolean isOver;

    /** @param tell says that nothing could be kept; once, until it can be again */
    Autosaving(
            Work work,
            Autosave autosave,
            Background background,
            Supplier<Optional<Origin>> origin,
            Consumer<IOException> tell) {
        this.work = work;
        this.autosave = autosave;
        this.background = background;
        this.origin = origin;
        this.tell = tell;
        pause.setOnFinished(_ -> keep());
        longest.setOnFinished(_ -> keep());
        work.stateProperty().subscribe(_ -> {
            pause.playFromStart();
            longest.play();
        });
    }

    private void keep() {
        pause.stop();
        longest.stop();
        Song song = work.written();
        Optional<Origin> from = origin.get();
        if (work.isUnsaved()) background.run(() -> keep(song, from));
        else background.run(autosave::forget);
    }

    private void keep(Song song, Optional<Origin> from) {
        try {
            autosave.keep(song, from);
            Platform.runLater(() -> failed = false);
        } catch (IOException full) {
            LOG.warn("unsaved work cannot be kept", full);
            Platform.runLater(() -> fail(full));
        }
    }

    private void fail(IOException full) {
        if (!failed) tell.accept(full);
        failed = true;
    }

    void stop() {
        isOver = true;
        pause.stop();
        longest.stop();
    }

    /** Keeps the song as it is, in whatever thread: somebody ends the program who does not ask. */
    void keepNow() {
        if (isOver || !work.isUnsaved()) return;
        try {
            autosave.keep(work.written(), origin.get());
        } catch (IOException full) {
            LOG.warn("unsaved work cannot be kept at the end", full);
        }
    }
}
