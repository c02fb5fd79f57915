package tactus.sound.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.taught.practice.OnsetDetector;
import tactus.sound.SoundFixture;

/** What stands in for devices goes the way of a device. */
class StandInTest {

    @Test
    void aStrumOfAStandInInstrumentIsOneStrokeAndNoneWhenNobodyListens() {
        var instrument = new StandInInstrument();
        instrument.strike(48, 52, 55);
        var strokes = new ArrayList<Long>();
        MidiIn in = instrument.listen(strokes::add);
        assertEquals(List.of("stand-in instrument"), in.names());
        long before = System.nanoTime();
        instrument.strike(48, 52, 55, 60, 64);
        long after = System.nanoTime();
        assertEquals(1, strokes.size());
        assertTrue(before <= strokes.getFirst() && strokes.getFirst() <= after, "told when it was struck");
        in.close();
        instrument.strike(48);
        assertEquals(1, strokes.size());
    }

    /** Two rounds of two bars that are told ahead, on a clock of our own: each stroke is heard where it is played. */
    @Test
    void aStandInMicrophoneHearsWhatItIsToldAtItsTimeAndRingsOn() {
        var clock = new AtomicLong(5_000_000_000L);
        var microphone = new StandInMicrophone(clock::get, clock::addAndGet);
        Timeline timeline = SoundFixture.twoBars("x32010", "d-du-udu", 100);
        float[] round = SoundFixture.mono(timeline, timeline.seconds());
        List<Double> due = timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .map(TimelineStroke::seconds)
                .toList();
        var wanted = new ArrayList<Double>();
        for (double start : List.of(0.7, 0.7 + timeline.seconds())) {
            // It is to be later than was told at first.
            microphone.hear(round, 5_000_000_000L + (long) ((start - (start == 0.7 ? 0.1 : 0)) * 1e9));
            if (start == 0.7) microphone.delay(100_000_000);
            due.forEach(each -> wanted.add(start + each));
        }
        var heard = new ArrayList<Double>();
        var detector = new OnsetDetector(microphone.rate());
        float[] block = new float[256];
        for (double at = 0; at < 0.7 + 2 * timeline.seconds(); at += 256.0 / microphone.rate())
            heard.addAll(detector.hear(block, microphone.read(block)));
        assertEquals(wanted.size(), heard.size());
        for (int i = 0; i < wanted.size(); i++) assertEquals(wanted.get(i), heard.get(i), 0.006, "stroke " + (i + 1));
        microphone.hush();
        microphone.read(block);
        for (float each : block) assertEquals(0, each);
        microphone.close();
        assertEquals(-1, microphone.read(block));
    }
}
