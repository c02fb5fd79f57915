package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LatencyTest {

    private static final List<Double> CLICKS =
            IntStream.range(0, 40).mapToObj(beat -> beat * 0.6).toList();

    /** People clap within some 20 ms of a click (common practice); one slip of a quarter of a second changes nothing. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.012, 0.045, 0.12, -0.02})
    void whatComesLateEveryTimeIsFound(double late) {
        var chance = new Random(11);
        var claps = new ArrayList<Double>();
        for (int beat = 4; beat < 16; beat++) claps.add(CLICKS.get(beat) + late + chance.nextGaussian() * 0.015);
        claps.set(3, claps.get(3) + 0.25);
        assertEquals(late, Latency.of(CLICKS, claps).orElseThrow(), 0.012);
    }

    @Test
    void fewOrUnevenClapsTellNothing() {
        assertEquals(OptionalDouble.empty(), Latency.of(CLICKS, CLICKS.subList(0, 7)));
        assertTrue(Latency.of(CLICKS, CLICKS.subList(0, 8)).isPresent());
        var chance = new Random(5);
        List<Double> anywhere =
                IntStream.range(0, 30).mapToObj(_ -> chance.nextDouble() * 20).toList();
        assertEquals(OptionalDouble.empty(), Latency.of(CLICKS, anywhere));
        assertEquals(OptionalDouble.empty(), Latency.of(List.of(), anywhere));
    }
}
