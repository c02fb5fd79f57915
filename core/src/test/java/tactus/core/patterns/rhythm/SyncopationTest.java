package tactus.core.patterns.rhythm;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Meter;

/**
 * The rule of Longuet-Higgins and Lee, "The rhythmic interpretation of monophonic music" (Music Perception 1, 1984): each
 * level of the tree below the bar is one lighter than the one above it. The numbers here are worked out by hand from that rule.
 */
class SyncopationTest {

    private static Syncopation of(String meter, int slots) {
        Meter parsed = Meter.parse(meter);
        return new Syncopation(parsed, Grid.of(parsed, parsed.beats().size(), Division.of(slots)));
    }

    @Test
    void eachLevelOfTheTreeIsOneLighterThanTheOneAboveIt() {
        Syncopation sixteenths = of("4/4", 4);
        int[] weights = IntStream.range(0, 16).map(sixteenths::weight).toArray();
        assertArrayEquals(new int[] {0, -4, -3, -4, -2, -4, -3, -4, -1, -4, -3, -4, -2, -4, -3, -4}, weights);
    }

    @Test
    void theWeightsOfSixEighthsFollowItsTwoBeats() {
        Syncopation eighths = of("6/8", 3);
        assertArrayEquals(
                new int[] {0, -2, -2, -1, -2, -2},
                IntStream.range(0, 6).map(eighths::weight).toArray());
    }

    @ParameterizedTest
    @CsvSource({
        // Worked by hand: a note is syncopated by the weight of the heaviest rest behind it less its own; it goes
        // round.
        "0 2 4 6, 0",
        "0 3 4 6, 0",
        "0 1 3 5, 4",
        "0 3 6, 2",
        "1, 3"
    })
    void aNoteHeldOverAHeavierPlaceIsSyncopatedByTheDifference(String slots, int value) {
        List<Integer> struck =
                List.of(slots.split(" ")).stream().map(Integer::valueOf).toList();
        assertEquals(value, of("4/4", 2).of(struck));
    }
}
