package tactus.core.music.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.Refusal;

/** Which strings a stroke goes over; strings are counted from the highest-sounding one (common practice). */
class StrokeReachTest {

    private static List<Integer> met(Reach reach, Direction way, int strings) {
        return reach.order(way, strings).boxed().toList();
    }

    @Test
    void aDownstrokeMeetsTheLowestStringFirstAndAnUpstrokeTheHighest() {
        Reach inner = Reach.of(2, 4);
        assertEquals(List.of(4, 3, 2), met(inner, Direction.DOWN, 6));
        assertEquals(List.of(2, 3, 4), met(inner, Direction.UP, 6));
        assertEquals(inner, Reach.of(4, 2), "in whichever order they are named");
    }

    @Test
    void aStrokeMayGoOverOneString() {
        assertEquals(List.of(5), met(Reach.of(5, 5), Direction.DOWN, 6));
    }

    @Test
    void anInstrumentWithFewerStringsIsMetAsFarAsItGoes() {
        assertEquals(List.of(4, 3), met(Reach.of(6, 3), Direction.DOWN, 4));
        assertEquals(List.of(), met(Reach.of(5, 6), Direction.DOWN, 4));
        assertEquals(List.of(1, 2), met(Reach.TREBLE, Direction.UP, 4));
    }

    @ParameterizedTest
    @CsvSource({"0,3", "3,13", "-1,-1", "13,13"})
    void stringsThatNoInstrumentHasAreRefused(int one, int other) {
        assertThrows(Refusal.class, () -> Reach.of(one, other));
    }

    @Test
    void twelveStringsAreTheMost() {
        assertEquals(12, met(Reach.of(1, 12), Direction.UP, 12).size());
    }
}
