package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.shape.FrettingHand;
import tactus.core.written.song.ChangeCount;

class ReachTest {

    private static final Demand.Change C_F = new Demand.Change("C", "F", 0.33, 0.8);

    private static WithinReach of(double stretch, double strokes, double played, int span, ChangeCount... counted) {
        var ability = new WithinReach.Ability(
                new FrettingHand(span, false),
                List.of(counted),
                played > 0 ? OptionalDouble.of(played) : OptionalDouble.empty());
        return WithinReach.of(new Demand("", stretch, strokes, List.of(C_F)), ability);
    }

    /** Sixty changes a minute are fast enough for a gap of a third of a second (one-minute changes, common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "60; 0; 1.0; ''",
                "40; 0.5; 0.67; reach.change [C, F, 60, 40]",
                "30; 1.0; 0.5; reach.change [C, F, 60, 30]"
            })
    void aCountedChangeFitsIntoItsGapOrIsMissingAndFitsSlower(int counted, double lack, double slower, String said) {
        WithinReach reach = of(60, 4, 0, 110, new ChangeCount("F", "C", counted));
        assertEquals(said.isEmpty(), reach.isWithin());
        assertEquals(lack, reach.lack(), 0.01);
        assertEquals(slower, reach.slower().orElseThrow(), 0.01);
        assertEquals(
                said,
                String.join("", reach.missing().stream().map(Object::toString).toList()));
    }

    @Test
    void aStretchBeyondTheHandIsNotHelpedByAnyTempo() {
        WithinReach reach = of(95, 4, 0, 78);
        assertEquals("[reach.stretch [95, 78]]", reach.missing().toString());
        assertTrue(reach.slower().isEmpty());
        assertFalse(reach.isWithin());
        assertTrue(of(78, 4, 0, 78).isWithin());
    }

    @Test
    void moreStrokesASecondThanWerePlayedAreMissing() {
        assertTrue(of(60, 4, 4, 110).isWithin());
        WithinReach reach = of(60, 8, 4, 110);
        assertEquals("[reach.strokes [8.0, 4.0]]", reach.missing().toString());
        assertEquals(4 * 1.15 / 8, reach.slower().orElseThrow(), 0.001);
    }

    @Test
    void theNearestComesFirst() {
        List<WithinReach> sorted = Stream.of(of(60, 9, 4, 110), of(60, 4, 4, 110), of(60, 6, 4, 110))
                .sorted(WithinReach.nearest())
                .toList();
        assertEquals(
                List.of(4.0, 6.0, 9.0),
                sorted.stream().map(reach -> reach.demand().strokesPerSecond()).toList());
    }

    /** Common practice: half a minute is doubled; a few seconds say nothing. */
    @Test
    void aMinuteThatIsBrokenOffIsReckonedUp() {
        ChangeMinute minute = ChangeMinute.at(100);
        for (int i = 0; i < 14; i++) minute = minute.counted(100 + i * 2);
        assertEquals(OptionalInt.empty(), minute.perMinute(109));
        assertEquals(OptionalInt.of(28), minute.perMinute(130));
        assertEquals(OptionalInt.of(14), minute.perMinute(160));
        assertTrue(minute.isOver(160));
        assertEquals(14, minute.counted(161).count(), "after the minute nothing is counted");
        assertEquals(0, minute.left(1000));
    }
}
