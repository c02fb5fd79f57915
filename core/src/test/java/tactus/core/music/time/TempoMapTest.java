package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.TempoMap.Pause;

/** Two pauses at 60 quarters a minute, so that a quarter lasts a second: beat 4 lasts three, beat 8 lasts two. */
class TempoMapTest {

    private final TempoMap map = new TempoMap(
            new Tempo(60, Length.QUARTER),
            List.of(
                    new Pause(Length.of(3, 4), Length.of(1), Length.of(2, 4), true),
                    new Pause(Length.of(7, 4), Length.of(2), Length.QUARTER, true)));

    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "1/4, 1",
        "3/4, 3",
        "7/8, 4.5",
        "1, 6",
        "5/4, 7",
        "7/4, 9",
        "15/8, 10",
        "2, 11",
        "5/2, 13",
        "-1/4, -1"
    })
    void aPositionIsReachedLaterByWhatWasHeldBeforeIt(String position, double seconds) {
        assertEquals(seconds, map.seconds(Length.parse(position)), 1e-9);
    }

    @Test
    void aPositionIsFoundAgainFromItsSeconds() {
        for (int sixteenth = -8; sixteenth <= 60; sixteenth++) {
            Length position = Length.of(sixteenth, 16);
            assertEquals(position.toDouble(), map.position(map.seconds(position)), 1e-9, position.toString());
        }
    }

    /** Time never stands still or goes back, which a playhead would show. */
    @Test
    void laterPositionsAreReachedLater() {
        double before = map.seconds(Length.of(-1));
        for (int step = -63; step <= 256; step++) {
            double now = map.seconds(Length.of(step, 64));
            assertTrue(now > before, "at " + step + "/64");
            before = now;
        }
    }

    @Test
    void withoutPausesItIsTheTempo() {
        var plain = new TempoMap(new Tempo(90, Length.of(3, 8)), List.of());
        assertEquals(new Tempo(90, Length.of(3, 8)).seconds(Length.of(7, 3)), plain.seconds(Length.of(7, 3)), 1e-12);
        assertEquals(-0.5, plain.position(plain.seconds(Length.of(-1, 2))), 1e-12);
    }
}
