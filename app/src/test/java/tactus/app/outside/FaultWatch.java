package tactus.app.outside;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;

/** Hears of every fault that reaches the log or the handler of faults while tests run, and fails the test that it came in. */
public final class FaultWatch extends Handler {

    private static final FaultWatch WATCH = new FaultWatch();
    /** Loggers are kept only as long as somebody holds them. */
    private static final Logger ROOT = Logger.getLogger("");

    static {
        ROOT.addHandler(WATCH);
    }

    private final List<String> faults = new ArrayList<>();

    private FaultWatch() {
        setLevel(Level.SEVERE);
    }

    /** Forgets what was before. */
    public static void begin() {
        WATCH.heard();
    }

    /** Fails if anything was heard since {@link #begin}. */
    public static void end() {
        assertEquals(List.of(), WATCH.heard(), "faults that nobody foresaw");
    }

    private synchronized List<String> heard() {
        var heard = List.copyOf(faults);
        faults.clear();
        return heard;
    }

    @Override
    public synchronized void publish(LogRecord record) {
        if (isLoggable(record)) faults.add(record.getMessage() + ": " + record.getThrown());
    }

    @Override
    public void flush() {}

    @Override
    public void close() {}
}
