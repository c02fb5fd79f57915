package tactus.sound.device;

import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import tactus.sound.score.Score;

/** The stand-in for a machine without a loudspeaker: takes sound as fast as one would play it, and drops it. */
public final class SilentOut implements AudioOut {

    private static final int BUFFER_FRAMES = 2_048;

    private final LongSupplier nanos;
    private long started = -1;
    private long written;

    public SilentOut() {
        this(System::nanoTime);
    }

    SilentOut(LongSupplier nanos) {
        this.nanos = nanos;
    }

    @Override
    public void write(byte[] samples, int frames) {
        if (started < 0 || pending() == 0) restart();
        written += frames;
        while (pending() > BUFFER_FRAMES) LockSupport.parkNanos(1_000_000);
    }

    /** A device that ran dry starts anew with what comes next. */
    private void restart() {
        started = nanos.getAsLong();
        written = 0;
    }

    @Override
    public long pending() {
        if (started < 0) return 0;
        long played = (nanos.getAsLong() - started) * Score.RATE / 1_000_000_000L;
        return Math.max(0, written - played);
    }

    @Override
    public boolean isSilent() {
        return true;
    }

    @Override
    public void close() {
        started = -1;
    }
}
