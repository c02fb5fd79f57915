package tactus.app.window;

import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.concurrent.Task;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.work.OwnThread;

/** Runs what takes long, one thing after the other, beside the window. */
final class Background implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    private final OwnThread thread = new OwnThread("tactus background");
    /** Computing has a thread of its own, so that keeping work never waits for it. */
    private final OwnThread computing = new OwnThread("tactus computing");

    /** Runs {@code task} when those before it are done; what it throws is logged, and is its own to tell. */
    void run(Task<?> task) {
        task.exceptionProperty().subscribe(wrong -> {
            if (wrong != null) LOG.warn("work in the background failed", wrong);
        });
        thread.execute(task);
    }

    /** Runs {@code job} when those before it are done. */
    void run(Runnable job) {
        thread.execute(job);
    }

    /** Runs {@code job} beside everything else, and then what it returns on the window's own thread. */
    void compute(Supplier<Runnable> job) {
        computing.execute(() -> {
            try {
                Platform.runLater(job.get());
            } catch (RuntimeException wrong) {
                LOG.warn("work in the background failed", wrong);
            }
        });
    }

    /** What is still to be done, such as forgetting work that was saved, is short; what is computed nobody waits for. */
    @Override
    public void close() {
        computing.drop();
        thread.close();
    }
}
