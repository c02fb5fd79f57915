package tactus.sound.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class SilentOutTest {

    private final AtomicLong nanos = new AtomicLong();

    @Test
    void playsAtTheRateOfARealDevice() {
        var out = new SilentOut(nanos::get);
        out.write(new byte[2_048], 1_024);
        assertEquals(1_024, out.pending());
        nanos.set(10_000_000);
        assertEquals(1_024 - 441, out.pending());
        nanos.set(1_000_000_000);
        assertEquals(0, out.pending());
    }

    @Test
    void aFullBufferMakesTheWriterWait() {
        var out = new SilentOut(() -> nanos.addAndGet(5_000_000));
        out.write(new byte[2 * 8_192], 8_192);
        assertTrue(out.pending() <= 2_048, out.pending() + " frames pending");
        assertTrue(nanos.get() > 130_000_000, "8192 frames less the buffer take 139 ms");
    }

    @Test
    void aDeviceThatRanDryGoesOnFromNow() {
        var out = new SilentOut(nanos::get);
        out.write(new byte[200], 100);
        nanos.set(3_000_000_000L);
        out.write(new byte[200], 100);
        assertEquals(100, out.pending());
    }

    @Test
    void saysThatNothingCanBeHeard() {
        assertTrue(new SilentOut().isSilent());
    }
}
