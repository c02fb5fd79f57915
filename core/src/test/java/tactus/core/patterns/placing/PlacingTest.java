package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;

/** Where spoken strokes fall. The counts of the two first examples are those of the product's own language. */
class PlacingTest {

    private static final PatternFrame EIGHTHS = frame("4/4", 4, "1/8");

    private static PatternFrame frame(String meter, int beats, String rate) {
        return PatternFrame.of(Meter.parse(meter), beats, Hand.pendulum(Length.parse(rate)));
    }

    private static Placing place(String said, PatternFrame frame) {
        return Placing.of(English.dictation(said), frame);
    }

    private static String best(Placing placing) {
        return String.join(" ", placing.counts(placing.best().getFirst()));
    }

    @Test
    void theOneWayToPlayASayingIsFound() {
        Placing placing = place("D U U D D U", EIGHTHS);
        assertEquals(BigInteger.ONE, placing.count());
        assertEquals("1 1& 2& 3 4 4&", best(placing));
        assertTrue(placing.question().isEmpty());
    }

    @Test
    void aSayingWithSeveralWaysIsSettledByOneQuestion() {
        Placing placing = place("D U D D", EIGHTHS);
        assertEquals(BigInteger.valueOf(4), placing.count());
        Placing earlier = placing.answered(true);
        Placing later = placing.answered(false);
        assertEquals(placing.count(), earlier.count().add(later.count()));
        assertEquals(BigInteger.TWO, earlier.count().max(later.count()));
    }

    /** Tries every choice of slots one by one. */
    private static long triedOneByOne(String strokes, int slots, int stroke, int from) {
        if (stroke == strokes.length()) return 1;
        long ways = 0;
        for (int slot = from; slot < slots; slot++) {
            if (stroke == 0 && slot > 0) break;
            if ((strokes.charAt(stroke) == 'D') == (slot % 2 == 0)) {
                ways += triedOneByOne(strokes, slots, stroke + 1, slot + 1);
            }
        }
        return ways;
    }

    @Test
    void placementsAreAsManyAsAreFoundByTryingEveryOne() {
        var random = new Random(4);
        for (int run = 0; run < 60; run++) {
            var strokes = new StringBuilder("D");
            int count = 1 + random.nextInt(8);
            for (int i = 1; i < count; i++) strokes.append(random.nextBoolean() ? 'D' : 'U');
            Placing placing = place(strokes.toString(), frame("4/4", 4, "1/16"));
            assertEquals(
                    triedOneByOne(strokes.toString(), 16, 0, 0), placing.count().longValueExact(), strokes.toString());
            assertEquals(
                    Math.min(8, placing.count().intValueExact()), placing.best().size(), strokes.toString());
        }
    }

    @Test
    void fourHundredBillionWaysAreCountedWithoutListingThem() {
        // 20 downs on the 40 down slots of ten bars' worth of eighths: the first is on count 1, so 39 choose 19.
        Placing placing = place("D".repeat(20).replace("", " ").strip(), frame("5/4", 40, "1/8"));
        assertEquals(new BigInteger("68923264410"), placing.count());
    }

    @ParameterizedTest
    @CsvSource({
        "D D U U D U, 4/4, 4, 1/8, 1 2 2& 3& 4 4&",
        "D D D D, 4/4, 4, 1/8, 1 2 3 4",
        "D U D U D U D U D U D U D U D U, 4/4, 4, 1/16, 1 1e 1& 1a 2 2e 2& 2a 3 3e 3& 3a 4 4e 4& 4a",
        "D U D U D U, 6/8, 2, 1/8, 1 2 3 4 5 6",
        "D U D U D U, 2/4, 2, 1/12, 1 1& 1a 2 2& 2a",
        "D D D, 2+2+3/8, 3, 1/8, 1 3 5",
        "5 3 2 3 1 3 2 3, 4/4, 4, 1/8, 1 1& 2 2& 3 3& 4 4&",
        "p i m a m i, 6/8, 2, 1/8, 1 2 3 4 5 6"
    })
    void theLikeliestPlacementAndTheHandRateAreFoundTogether(
            String said, String meter, int beats, String rate, String counts) {
        Placing placing = Placing.of(English.dictation(said), Meter.parse(meter), beats, Given.NOTHING);
        assertEquals(counts, best(placing));
        assertEquals(Length.parse(rate), placing.frame().hand().rate());
    }

    @Test
    void sixEightsIsPlacedInBothSchools() {
        Meter six = Meter.parse("6/8");
        Placing turning = Placing.of(English.dictation("D U D U D U"), six, 2, Given.NOTHING);
        assertEquals(Hand.pendulum(Length.EIGHTH), turning.frame().hand());
        Placing downs = Placing.of(English.dictation("D D D D D D"), six, 2, Given.NOTHING);
        assertEquals(Hand.allDown(Length.EIGHTH), downs.frame().hand());
        assertEquals("1 2 3 4 5 6", best(downs));
        assertEquals(BigInteger.ONE, downs.count());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1 2 and and 4;1 2 2& 3& 4",
                "1, 2 and, (3) and 4 and;1 2 2& 3& 4 4&",
                "down 1 down 2 up and up and;1 2 2& 3&",
                "1 down, 2 down, & up, (3), & up, 4 down, & up;1 2 2& 3& 4 4&",
                "D D U U D, 1 2 & (3) & 4;1 2 2& 3& 4",
                "one down two down and up;1 2 2&"
            })
    void spokenCountsPlaceStrokesOutright(String said, String counts) {
        Placing placing = place(said, EIGHTHS);
        assertEquals(BigInteger.ONE, placing.count());
        assertEquals(counts, best(placing));
    }

    @Test
    void countsThatOutnumberTheStrokesAreSilentInPart() {
        Placing placing = place("D U D U D (1 and, 2, 3 and, 4)", EIGHTHS);
        // The third stroke is on 2 or on 3; the counts leave nothing else.
        assertEquals(BigInteger.TWO, placing.count());
        assertEquals("1 1& 2 3& 4", best(placing));
    }

    @Test
    void aCountedStrokeMayGoAgainstTheHand() {
        Placing placing = place("1 down, & down, 2 up", EIGHTHS);
        Pattern pattern =
                placing.pattern(placing.best().getFirst(), Pattern.empty(new PatternId("p"), "P", Meter.parse("4/4")));
        assertEquals("ddu-----", pattern.line());
        assertTrue(pattern.isAgainstHand(pattern.grid().slots().get(1)));
        assertEquals(List.of("1 down, & down, 2 up"), pattern.story().said());
    }

    @Test
    void aCountThatMustBeStruckRulesOthersOut() {
        Placing placing =
                Placing.of(English.dictation("D U D D"), EIGHTHS, new Given(List.of("2&"), false, Optional.empty()));
        assertEquals("1 2& 3 4", best(placing));
        assertEquals(BigInteger.ONE, placing.count());
    }

    @Test
    void aSnareDrawsStrokesToItself() {
        Groove pushed = English.groove("k---s--k-sk-s---", Meter.parse("4/4"), 4);
        Dictation said = English.dictation("D U U D");
        Placing without = Placing.of(said, frame("4/4", 4, "1/16"));
        Placing with = Placing.of(said, frame("4/4", 4, "1/16"), new Given(List.of(), false, Optional.of(pushed)));
        assertEquals(without.count(), with.count());
        assertTrue(with.best().getFirst().reasons().stream()
                .anyMatch(reason -> reason.code().equals("placement.snare")));
        assertTrue(best(with).contains("3e"), best(with));
        assertFalse(best(without).contains("3e"), best(without));
    }

    @Test
    void aLateStartIsAllowedOnlyWhereItIsSaid() {
        assertEquals(BigInteger.ZERO, place("U D U D", EIGHTHS).count());
        Placing late = Placing.of(English.dictation("U D U D"), EIGHTHS, new Given(List.of(), true, Optional.empty()));
        assertFalse(late.best().isEmpty());
        assertTrue(best(late).startsWith("1&"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "U D U D;swap strokes 1 and 2: down up",
                "U D U D;start later than on count 1",
                "D U D U D U D U D;leave the last down to the next bar, whose first stroke it is",
                "D D D D D D;give it one more bar",
                "D D D D D D D D D;give it 2 more bars",
                "D D D D D D;let the hand move twice as fast",
                "D D D D D D;play it all down",
                "D D U D U D U D;leave out stroke 1 (down)",
                "D D D D D;play stroke 2 (down) against the hand"
            })
    void aSayingThatCannotBePlayedIsMendedByASmallChange(String said, String mend) {
        Placing placing = place(said, EIGHTHS);
        assertEquals(BigInteger.ZERO, placing.count());
        assertTrue(placing.problem().isPresent());
        assertTrue(
                placing.mends().stream()
                        .anyMatch(each -> English.say(each.change()).equals(mend)),
                () -> placing.mends().toString());
        for (Mend each : placing.mends()) {
            assertFalse(each.placed().best().isEmpty(), each.change().toString());
        }
    }

    @Test
    void theStrokeThatBreaksASayingIsNamed() {
        assertEquals(
                "stroke 5 (down) has no slot left where the hand, moving in 1/8 notes, goes that way",
                English.say(place("D D D D D", EIGHTHS).problem().orElseThrow()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"D 7 U", "1 2 3 4 5", "1 e and a"})
    void aCountThatTheBeatsDoNotHaveIsPointedAt(String said) {
        assertThrows(NotationException.class, () -> place(said, EIGHTHS));
    }
}
