package tactus.core.music.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.PatternFrame;

/** Hand motion as guitar teachers teach it (common practice). */
class HandTest {

    private static String motion(Hand hand, String meter, int slots) {
        Meter parsed = Meter.parse(meter);
        return Grid.of(parsed, parsed.beats().size(), Division.of(slots)).slots().stream()
                .map(slot -> hand.at(slot.inBar())
                        .map(way -> way == Direction.DOWN ? "D" : "U")
                        .orElse("."))
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({
        "1/8, 4/4, 2, DUDUDUDU",
        "1/16, 4/4, 4, DUDUDUDUDUDUDUDU",
        "1/16, 4/4, 2, DDDDDDDD",
        "1/8, 4/4, 4, D.U.D.U.D.U.D.U.",
        "1/4, 4/4, 2, D.U.D.U.",
        "1/8, 6/8, 3, DUDUDU",
        "1/12, 2/4, 3, DUDUDU",
        "1/8, 7/8, 2, DUDUDUD"
    })
    void thePendulumGoesDownOnStrongSlotsAndUpOnWeakOnes(String rate, String meter, int slots, String motion) {
        assertEquals(motion, motion(Hand.pendulum(Length.parse(rate)), meter, slots));
    }

    @Test
    void inTheAllDownModeEveryCrossingThatCanStrikeIsADown() {
        assertEquals("DDDDDD", motion(Hand.allDown(Length.EIGHTH), "6/8", 3));
    }

    @Test
    void aStrokeTheOtherWayOrWhereTheHandDoesNotCrossIsAgainstIt() {
        var sixteenths = PatternFrame.of(Meter.parse("4/4"), 4, Division.FOUR, Hand.pendulum(Length.EIGHTH));
        List<Slot> slots = sixteenths.grid().slots();
        assertFalse(sixteenths.isAgainst(Strum.of(Direction.UP), slots.get(2)));
        assertTrue(sixteenths.isAgainst(Strum.of(Direction.DOWN), slots.get(2)));
        assertTrue(sixteenths.isAgainst(Mute.of(Direction.UP), slots.get(0)));
        assertTrue(sixteenths.isAgainst(Strum.of(Direction.DOWN), slots.get(1)));
        assertFalse(sixteenths.isAgainst(Stop.STOP, slots.get(1)));
        assertFalse(sixteenths.isAgainst(Pluck.of(new Pick.OnString(3)), slots.get(1)));
    }

    @Test
    void aTripletOnOneBeatTurnsTheHandWithItsSlots() {
        var frame = PatternFrame.of(Meter.parse("4/4")).withDivisionOf(3, Division.THREE);
        String hand = frame.grid().slots().stream()
                .map(slot -> slot.count() + (frame.usualAt(slot) == Direction.DOWN ? "D" : "U"))
                .collect(Collectors.joining(" "));
        assertEquals("1D 1&U 2D 2&U 3D 3&U 4D 4&U 4aD", hand);
        assertEquals(9, frame.crossings().size());
    }

    @ParameterizedTest
    @CsvSource({"ALL, DOWN, 654321", "ALL, UP, 123456", "BASS, DOWN, 654", "TREBLE, DOWN, 321", "TREBLE, UP, 123"})
    void aHandMeetsTheStringsOfItsReachInOrder(Reach.Half reach, Direction direction, String strings) {
        String met = reach.order(direction, 6).mapToObj(String::valueOf).collect(Collectors.joining());
        assertEquals(strings, met);
    }
}
