package tactus.sound.device;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;

/** The stand-in for a microphone: silence, and what it is told to hear, at its time; block by block as fast as time goes by. */
public final class StandInMicrophone implements AudioIn {

    /** Samples a second. */
    public static final int RATE = 44_100;

    private static final double NANOS = 1e9;

    /**
     * A sound that is heard.
     *
     * @param at when its first sample is heard, in nanoseconds of the clock
     */
    private record Heard(float[] sound, long at) {}

    private final LongSupplier nanos;
    private final LongConsumer waiting;
    private final long began;
    /** The last two: one rings out while the other begins. */
    private final AtomicReference<List<Heard>> heard = new AtomicReference<>(List.of());

    private long at;
    private volatile boolean closed;

    public StandInMicrophone() {
        this(System::nanoTime, LockSupport::parkNanos);
    }

    StandInMicrophone(LongSupplier nanos, LongConsumer waiting) {
        this.nanos = nanos;
        this.waiting = waiting;
        began = nanos.getAsLong();
    }

    /**
     * Hears {@code sound} as well as the one before it.
     *
     * @param sound samples of one channel, {@link #RATE} a second; not changed afterwards
     * @param atNanos when the first of them is heard, by {@link System#nanoTime}
     */
    public void hear(float[] sound, long atNanos) {
        var next = new Heard(sound, atNanos);
        heard.updateAndGet(before -> before.isEmpty() ? List.of(next) : List.of(before.getLast(), next));
    }

    /** What is heard comes so many nanoseconds later than was told, what has begun from where it is. */
    public void delay(long nanos) {
        heard.updateAndGet(all ->
                all.stream().map(each -> new Heard(each.sound, each.at + nanos)).toList());
    }

    /** Hears nothing any more. */
    public void hush() {
        heard.set(List.of());
    }

    @Override
    public String name() {
        return "stand-in microphone";
    }

    @Override
    public int rate() {
        return RATE;
    }

    @Override
    public int read(float[] samples) {
        long due = began + (long) ((at + samples.length) * NANOS / RATE);
        while (!closed && nanos.getAsLong() < due) waiting.accept(due - nanos.getAsLong());
        if (closed) return -1;
        Arrays.fill(samples, 0);
        for (Heard each : heard.get()) {
            long first = Math.round((began - each.at) * (RATE / NANOS)) + at;
            for (int i = 0; i < samples.length; i++) {
                long sample = first + i;
                if (sample >= 0 && sample < each.sound.length) samples[i] += each.sound[(int) sample];
            }
        }
        at += samples.length;
        return samples.length;
    }

    @Override
    public void close() {
        closed = true;
    }
}
