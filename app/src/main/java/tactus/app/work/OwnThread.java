package tactus.app.work;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A thread for one kind of work, done one thing after the other beside the window. */
public final class OwnThread implements Executor, AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(OwnThread.class);

    private static final int PATIENCE_SECONDS = 2;

    private final String name;
    private final ExecutorService thread;

    /** @param name what it is called where threads are listed */
    public OwnThread(String name) {
        this.name = name;
        thread = Executors.newSingleThreadExecutor(task -> {
            var made = new Thread(task, name);
            made.setDaemon(true);
            return made;
        });
    }

    @Override
    public void execute(Runnable job) {
        thread.execute(job);
    }

    /** Ends it with whatever was still to be done. */
    public void drop() {
        thread.shutdownNow();
    }

    /** Finishes what is still to be done, if that does not take long, and ends. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) LOG.warn("{} was left unfinished", name);
        } catch (InterruptedException hurry) {
            Thread.currentThread().interrupt();
        }
    }
}
