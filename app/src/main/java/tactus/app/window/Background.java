package tactus.app.window;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.concurrent.Task;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Runs what takes long, one thing after the other, beside the window. */
final class Background implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    private final ExecutorService thread = Executors.newSingleThreadExecutor(task -> {
        var made = new Thread(task, "tactus background");
        made.setDaemon(true);
        return made;
    });

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

    /** Runs {@code job} when those before it are done, and then what it returns on the window's own thread. */
    void compute(Supplier<Runnable> job) {
        thread.execute(() -> {
            try {
                Platform.runLater(job.get());
            } catch (RuntimeException wrong) {
                LOG.warn("work in the background failed", wrong);
            }
        });
    }

    @Override
    public void close() {
        thread.shutdown();
        try {
            // What is still to be done, such as forgetting work that was saved, is short.
            if (!thread.awaitTermination(2, TimeUnit.SECONDS)) LOG.warn("work in the background was left unfinished");
        } catch (InterruptedException hurry) {
            Thread.currentThread().interrupt();
        }
    }
}
