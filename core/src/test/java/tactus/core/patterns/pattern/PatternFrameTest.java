package tactus.core.patterns.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;

class PatternFrameTest {

    private static PatternFrame frame(String meter) {
        return PatternFrame.of(Meter.parse(meter));
    }

    private static String counts(PatternFrame frame) {
        return frame.grid().slots().stream()
                .map(slot -> slot.count().toString())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "4/4, 1, 4 4& 1 1& 2 2& 3 3& 4 4&",
        "3/4, 2, 2 2& 3 3& 1 1& 2 2& 3 3&",
        "6/8, 1, 4 5 6 1 2 3 4 5 6",
        "2+2+3/8, 1, 5 6 7 1 2 3 4 5 6 7"
    })
    void aPickUpIsCountedAsTheEndOfTheBarInFront(String meter, int pickup, String counts) {
        PatternFrame frame = frame(meter).withPickup(pickup);
        assertEquals(counts, counts(frame));
        assertEquals(frame(meter).length(), frame.length(), "the round is as long as without it");
        assertEquals(frame.grid().length(), frame.length().plus(frame.pickupLength()));
        Slot first = frame.grid().slots().getFirst();
        assertEquals(-1, first.bar());
        assertEquals(Length.ZERO, first.at());
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 4})
    void aPickUpIsShorterThanABar(int pickup) {
        assertThrows(IllegalArgumentException.class, () -> frame("4/4").withPickup(pickup));
    }

    @Test
    void divisionsOfBeatsStayOnTheirBeatsWhenAPickUpComesInFront() {
        PatternFrame triplet = frame("4/4").withDivisionOf(3, Division.THREE);
        assertEquals("4 4& 1 1& 2 2& 3 3& 4 4& 4a", counts(triplet.withPickup(1)));
        assertEquals(triplet, triplet.withPickup(1).withPickup(0));
        assertEquals(frame("4/4"), triplet.withDivisionOf(3, Division.TWO));
    }

    @Test
    void theHandCrossesWhereItsRateSaysAlsoBetweenSlots() {
        PatternFrame frame = PatternFrame.of(Meter.parse("2/4"), 2, Division.TWO, Hand.pendulum(Length.SIXTEENTH));
        assertEquals(
                List.of("0", "1/16", "1/8", "3/16", "1/4", "5/16", "3/8", "7/16"),
                frame.crossings().stream()
                        .map(crossing -> crossing.at().toString())
                        .toList());
        assertEquals(Direction.UP, frame.crossings().get(1).direction());
    }

    @Test
    void theHandStartsEveryBarWithADownWhateverComesInFront() {
        PatternFrame seven = frame("2+2+3/8").withBeats(6).withPickup(1);
        for (Slot slot : seven.grid().slots()) {
            if (slot.startsBar()) assertEquals(Direction.DOWN, seven.usualAt(slot));
        }
        // The pick-up is the long beat: the hand is where it is in a whole bar.
        assertEquals(Direction.DOWN, seven.usualAt(seven.grid().slots().getFirst()));
        assertEquals(17, seven.crossings().size());
    }

    @ParameterizedTest
    @CsvSource({"2:1, 1/24", "3:2, 1/40", "1:1, 0", "3:1, 1/16"})
    void theSecondSlotOfAPairIsDelayedByItsRatio(String feel, String delay) {
        PatternFrame frame = frame("4/4").withFeel(Feel.parse(feel));
        List<Slot> slots = frame.grid().slots();
        assertEquals(Length.ZERO, frame.delay(slots.get(0)));
        assertEquals(Length.parse(delay), frame.delay(slots.get(1)));
        assertEquals(feel, frame.feel().toString());
    }

    @Test
    void beatsInThreesAreNotSwungAndSixteenthsAreInPairs() {
        PatternFrame triplet = frame("4/4").withDivisionOf(0, Division.THREE).withFeel(Feel.TRIPLET_SWING);
        assertEquals(Length.ZERO, triplet.delay(triplet.grid().slots().get(1)));
        PatternFrame sixteenths = frame("4/4").withDivision(Division.FOUR).withFeel(Feel.TRIPLET_SWING);
        List<Slot> slots = sixteenths.grid().slots();
        assertEquals(Length.of(1, 48), sixteenths.delay(slots.get(3)));
        assertEquals(Length.ZERO, sixteenths.delay(slots.get(2)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1:2", "4:1", "0:0", "2", "two:one", ""})
    void whatIsNoSwingIsRefused(String feel) {
        assertThrows(IllegalArgumentException.class, () -> Feel.parse(feel));
    }

    @ParameterizedTest
    @CsvSource({"2h3", "1/5", "6.0", "2.-", "12h24"})
    void aFingersMoveIsReadAsItIsWritten(String move) {
        assertEquals(move, FingerMove.parse(move).toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"h3", "2h", "0h1", "2h25", "13.1", "2x3", ""})
    void whatIsNoMoveIsRefused(String move) {
        assertThrows(IllegalArgumentException.class, () -> FingerMove.parse(move));
    }

    @Test
    void theLatestEightSayingsAreKeptEachOnce() {
        Story story = Story.NEW;
        for (int i = 0; i < 10; i++) story = story.withSaid("saying " + i);
        assertEquals(8, story.said().size());
        assertEquals("saying 9", story.said().getLast());
        assertEquals("saying 5", story.withSaid("saying 5").said().getLast());
        assertEquals(8, story.withSaid("saying 5").said().size());
    }

    @Test
    void handsThatDoNotComeOutEvenWithTheBeatsAreNotTried() {
        assertTrue(PatternFrame.usualHands(Meter.parse("6/8")).contains(Hand.pendulum(Length.EIGHTH)));
        assertEquals(
                List.of("1/8", "1/8", "1/16"),
                PatternFrame.usualHands(Meter.parse("6/8")).stream()
                        .map(hand -> hand.rate().toString())
                        .toList());
        assertThrows(
                IllegalArgumentException.class,
                () -> PatternFrame.of(Meter.parse("6/8"), 2, Hand.pendulum(Length.QUARTER)));
    }
}
