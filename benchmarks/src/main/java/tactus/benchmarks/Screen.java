package tactus.benchmarks;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.application.Platform;

/** The thread that draws. */
final class Screen {

    private Screen() {}

    /** Starts it and waits until it is there. */
    static void start() throws InterruptedException {
        var ready = new CountDownLatch(1);
        Platform.startup(ready::countDown);
        ready.await();
    }

    /** Works there and waits for what comes of it. */
    static <T> T onScreen(Supplier<T> work) throws InterruptedException {
        var done = new CountDownLatch(1);
        var result = new AtomicReference<T>();
        Platform.runLater(() -> {
            result.set(work.get());
            done.countDown();
        });
        done.await();
        return result.get();
    }
}
