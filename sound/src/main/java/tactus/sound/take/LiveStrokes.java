package tactus.sound.take;

import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import tactus.core.taught.practice.OnsetDetector;
import tactus.sound.device.AudioIn;

/**
 * Hears strokes while they are played. What comes in is heard block by block; a stroke is known of less than 30 ms after it, with
 * the time at which it was, so that when it is known changes nothing.
 */
public final class LiveStrokes implements AutoCloseable {

    private static final int BLOCK = 256;
    private static final double NANOS = 1e9;
    /** The clocks of a sound device and of the machine part slowly: so much a block is forgiven, 50 millionths. */
    private static final double DRIFT = 50e-6;

    private final AudioIn in;
    private final LongConsumer stroke;
    private final LongSupplier nanos;
    private final Runnable ended;
    private final Thread thread;
    private volatile boolean closed;

    /**
     * Listens to {@code in}, which is closed with it.
     *
     * @param stroke is told of each stroke, with the time of {@link System#nanoTime} at which it was, on its own thread
     * @param ended is told when nothing comes in any more, but not when it is closed
     */
    public LiveStrokes(AudioIn in, LongConsumer stroke, Runnable ended) {
        this(in, stroke, ended, System::nanoTime);
    }

    LiveStrokes(AudioIn in, LongConsumer stroke, Runnable ended, LongSupplier nanos) {
        this.in = in;
        this.stroke = stroke;
        this.ended = ended;
        this.nanos = nanos;
        thread = new Thread(this::listen, "tactus microphone");
        thread.setDaemon(true);
        thread.setPriority(Thread.MAX_PRIORITY);
        thread.start();
    }

    private void listen() {
        var detector = new OnsetDetector(in.rate());
        float[] samples = new float[BLOCK];
        long heard = 0;
        // When the first sample was: the earliest that the arrival of any block leaves possible, since blocks are only
        // ever late.
        double first = Double.MAX_VALUE;
        while (!closed) {
            int count = in.read(samples);
            if (count < 0) break;
            heard += count;
            double arrived = nanos.getAsLong() - heard * NANOS / in.rate();
            first = Math.min(first + count * NANOS / in.rate() * DRIFT, arrived);
            for (double onset : detector.hear(samples, count)) stroke.accept((long) (first + onset * NANOS));
        }
        in.close();
        if (!closed) ended.run();
    }

    @Override
    public void close() {
        closed = true;
        in.close();
    }
}
