package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BarLinesTest {

    private static BarLines bars(String... meters) {
        return new BarLines(Arrays.stream(meters).map(Meter::parse).toList());
    }

    @ParameterizedTest
    @CsvSource({
        // from, beats, where one is then: bars of 4/4, 2/4 and 6/8 start at 0, 1 and 3/2
        "0, 4, 1",
        "0, 5, 5/4",
        "3/4, 1/2, 7/8",
        "1, 2, 3/2",
        "1, 3, 15/8",
        "3/2, 2, 9/4",
        "3/2, 3, 21/8",
        "9/4, 1, 21/8"
    })
    void beatsAreThoseOfTheBarOneIsIn(String from, String beats, String then) {
        BarLines bars = bars("4/4", "2/4", "6/8");
        assertEquals(Length.parse(then), bars.afterBeats(Length.parse(from), Length.parse(beats)));
        Length between = bars.beatsBefore(Length.parse(then)).minus(bars.beatsBefore(Length.parse(from)));
        assertEquals(Length.parse(beats), between);
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 1", "0, 2, 3/2", "1/2, 1, 5/4", "0, 3, 9/4", "0, 4, 3", "0, 1/2, 1/2"})
    void barsMayBeOfDifferentLength(String from, String count, String then) {
        BarLines bars = bars("4/4", "2/4", "6/8");
        assertEquals(Length.parse(then), bars.afterBars(Length.parse(from), Length.parse(count)));
        Length between = bars.barsBefore(Length.parse(then)).minus(bars.barsBefore(Length.parse(from)));
        assertEquals(Length.parse(count), between);
    }

    @Test
    void knowsWhichBarAPositionIsIn() {
        BarLines bars = bars("4/4", "2/4", "6/8");
        assertEquals(0, bars.barAt(Length.of(7, 8)));
        assertEquals(1, bars.barAt(Length.WHOLE));
        assertEquals(2, bars.barAt(Length.of(9, 4)));
        assertEquals(2, bars.barAt(Length.of(99)));
    }

    @Test
    void unevenBeatsAreCountedOneByOne() {
        BarLines bars = bars("7/8");
        assertEquals(Length.of(1, 2), bars.afterBeats(Length.ZERO, Length.of(2)));
        assertEquals(Length.of(7, 8), bars.afterBeats(Length.ZERO, Length.of(3)));
        assertEquals(Length.of(3), bars.beatsBefore(Length.of(7, 8)));
    }
}
