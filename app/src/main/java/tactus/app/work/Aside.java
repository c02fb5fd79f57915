package tactus.app.work;

import java.util.function.Supplier;

/** Computes beside the window, so that typing never waits. */
@FunctionalInterface
public interface Aside {

    /** Runs {@code job} elsewhere, and what it returns on the window's own thread. */
    void run(Supplier<Runnable> job);
}
