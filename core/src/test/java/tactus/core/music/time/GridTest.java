package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GridTest {

    private static String spoken(String meter, int beats, int slots) {
        return Grid.of(Meter.parse(meter), beats, Division.of(slots)).slots().stream()
                .map(slot -> slot.count().spoken())
                .collect(Collectors.joining(" "));
    }

    /** The number school, common practice. */
    @ParameterizedTest
    @CsvSource({
        "4/4, 4, 1, 1 2 3 4",
        "4/4, 4, 2, 1 & 2 & 3 & 4 &",
        "2/4, 2, 4, 1 e & a 2 e & a",
        "3/4, 3, 3, 1 & a 2 & a 3 & a",
        "6/8, 2, 3, 1 2 3 4 5 6",
        "6/8, 2, 6, 1 & 2 & 3 & 4 & 5 & 6 &",
        "6/8, 2, 1, 1 4",
        "7/8, 3, 2, 1 2 3 4 5 6 7",
        "4/4, 6, 2, 1 & 2 & 3 & 4 & 1 & 2 &"
    })
    void everySlotHasItsCount(String meter, int beats, int slots, String counts) {
        assertEquals(counts, spoken(meter, beats, slots));
    }

    @Test
    void thirtySecondsAndSixthsAreNamedToo() {
        assertEquals("1 ta e ta & ta a ta", spoken("1/4", 1, 8));
        assertEquals("1 ta & ta a ta", spoken("1/4", 1, 6));
    }

    @Test
    void aSecondBarStartsAtOneAgain() {
        Slot fifth = Grid.of(Meter.parse("2/4"), 4, Division.TWO).slots().get(4);
        assertEquals(1, fifth.bar());
        assertEquals(Length.ZERO, fifth.inBar());
        assertEquals(Length.of(1, 2), fifth.at());
        assertEquals("1", fifth.count().toString());
    }

    @Test
    void aGridOfNoBeatsOrWithADivisionThatDoesNotFitIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Grid.of(Meter.parse("4/4"), 0, Division.TWO));
        assertThrows(IllegalArgumentException.class, () -> Grid.of(Meter.parse("7/8"), 3, Division.THREE));
    }
}
