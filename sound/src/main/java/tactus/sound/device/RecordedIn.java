package tactus.sound.device;

import java.util.concurrent.locks.LockSupport;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;

/** The stand-in for a microphone: a recording that comes in as fast as it was played. */
public final class RecordedIn implements AudioIn {

    private final float[] sound;
    private final int rate;
    private final LongSupplier nanos;
    private final LongConsumer waiting;
    private final long began;
    private int at;
    private volatile boolean closed;

    /** @param rate samples a second */
    public RecordedIn(float[] sound, int rate) {
        this(sound, rate, System::nanoTime, LockSupport::parkNanos);
    }

    private RecordedIn(float[] sound, int rate, LongSupplier nanos, LongConsumer waiting) {
        this.waiting = waiting;
        this.sound = sound.clone();
        this.rate = rate;
        this.nanos = nanos;
        began = nanos.getAsLong();
    }

    /** The same by another clock, in nanoseconds, that goes on by itself. */
    public static RecordedIn on(float[] sound, int rate, LongSupplier nanos) {
        return new RecordedIn(sound, rate, nanos, _ -> {});
    }

    @Override
    public String name() {
        return "recording";
    }

    @Override
    public int rate() {
        return rate;
    }

    @Override
    public int read(float[] samples) {
        int count = Math.min(samples.length, sound.length - at);
        if (count <= 0) return -1;
        long due = began + (at + count) * 1_000_000_000L / rate;
        while (!closed && nanos.getAsLong() < due) waiting.accept(due - nanos.getAsLong());
        if (closed) return -1;
        System.arraycopy(sound, at, samples, 0, count);
        at += count;
        return count;
    }

    @Override
    public void close() {
        closed = true;
    }
}
