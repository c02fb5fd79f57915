package tactus.app.field;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Reads a text while it is typed, and never holds up a key: what is short is read at once, what is longer beside the window. Of a text
 * that was overtaken by another nothing is shown, and it is not read at all if reading has not begun.
 *
 * @param <T> what a text is read as
 */
public final class Typing<T> {

    /** A text up to so many letters is read at once: readers take less than 20 ms for it (docs/benchmarks.md). */
    public static final int SHORT = 200;

    private static final ExecutorService BESIDE = Executors.newSingleThreadExecutor(task -> {
        var thread = new Thread(task, "tactus reading");
        thread.setDaemon(true);
        return thread;
    });

    private final Function<String, Supplier<T>> reader;
    private final Consumer<T> show;
    private final Runnable wait;
    private volatile int latest;

    /**
     * @param reader is given the text in the window's thread, so that it can take what it needs, and answers what reads it anywhere
     * @param show is given what was read, in the window's thread
     * @param wait is run when it cannot be shown yet; what was read before is out of date
     */
    public Typing(Function<String, Supplier<T>> reader, Consumer<T> show, Runnable wait) {
        this.reader = reader;
        this.show = show;
        this.wait = wait;
    }

    /** Reads {@code text}; what was typed before is given up. */
    public void read(String text) {
        int mine = ++latest;
        Supplier<T> reading = reader.apply(text);
        if (text.length() <= SHORT) {
            show.accept(reading.get());
            return;
        }
        wait.run();
        BESIDE.execute(() -> {
            if (mine != latest) return;
            Supplier<T> answer = answer(reading);
            Platform.runLater(() -> {
                if (mine == latest) show.accept(answer.get());
            });
        });
    }

    /** A mistake of the program is thrown where it can be told: in the window's thread. */
    private static <T> Supplier<T> answer(Supplier<T> reading) {
        try {
            T read = reading.get();
            return () -> read;
        } catch (RuntimeException wrong) {
            return () -> {
                throw wrong;
            };
        }
    }
}
