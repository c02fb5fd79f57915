package tactus.core.written.harmony;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

class SpanLengthTest {

    private static BarLines bars(int count, String meter) {
        return new BarLines(Collections.nCopies(count, Meter.parse(meter)));
    }

    @Test
    void theLengthBetweenTwoPlacesLeadsFromOneToTheOther() {
        var chance = new Random(7);
        List<String> meters = List.of("4/4", "3/4", "6/8", "7/8", "2/4", "5/4", "12/8");
        for (int round = 0; round < 300; round++) {
            var lines = new BarLines(IntStream.range(0, 1 + chance.nextInt(700))
                    .mapToObj(_ -> Meter.parse(meters.get(chance.nextInt(meters.size()))))
                    .toList());
            int eighths = (int) (lines.length().toDouble() * 8);
            int from = chance.nextInt(eighths);
            Length start = Length.of(from, 8);
            Length end = Length.of(from + 1 + chance.nextInt(eighths - from), 8);
            assertEquals(end, SpanLength.between(lines, start, end).end(lines, start, Length.WHOLE));
        }
    }

    /** Common practice: bars from line to line, otherwise beats; what no one would count is still a length. */
    @ParameterizedTest
    @CsvSource({
        "4/4, 8, 0, 8, 2 bars",
        "4/4, 8, 2, 8, 6 beats",
        "6/8, 8, 0, 3, 1 beats",
        "4/4, 400, 2, 1600, 799/2 bars",
        "4/4, 2000, 0, 8000, 1000 bars"
    })
    void aLengthIsSaidAsItIsCounted(String meter, int bars, int from, int to, String said) {
        int unit = meter.endsWith("8") ? 8 : 4;
        SpanLength length = SpanLength.between(bars(bars, meter), Length.of(from, unit), Length.of(to, unit));
        assertEquals(said, length.count() + " " + length.unit().name().toLowerCase(java.util.Locale.ROOT) + "s");
    }
}
