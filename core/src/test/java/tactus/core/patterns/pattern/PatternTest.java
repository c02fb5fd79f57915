package tactus.core.patterns.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Division;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.outside.English;
import tactus.core.patterns.rhythm.PatternFacts;

class PatternTest {

    private static Pattern pattern(String meter, String line) {
        return Pattern.empty(new PatternId("p"), "P", Meter.parse(meter)).withLine(line);
    }

    @Test
    void aNewPatternIsABarOfMisses() {
        Pattern pattern = Pattern.empty(new PatternId("p"), "P", Meter.parse("3/4"));
        assertEquals("------", pattern.line());
        assertEquals(Length.of(3, 4), pattern.length());
    }

    @Test
    void aLongerLineMakesThePatternLongerBeatByBeat() {
        Pattern pattern = pattern("4/4", "d-du-udu d-d");
        assertEquals(6, pattern.beats());
        assertEquals("d-du-udud-d-", pattern.line());
    }

    @Test
    void aShorterLineLeavesMissesBehindIt() {
        assertEquals("u-------", pattern("4/4", "d-du-udu").withLine("u").line());
    }

    @Test
    void aShortenedPatternGetsItsStrokesBackWhenItIsMadeLongerAgain() {
        Pattern whole = pattern("4/4", "d-du-udu");
        Pattern half = whole.withBeats(2);
        assertEquals("d-du", half.line());
        assertEquals(3, half.outside().size());
        assertEquals(whole, half.withBeats(4));
    }

    @Test
    void aCoarserDivisionKeepsTheStrokesItHides() {
        Pattern sixteenths =
                pattern("4/4", "d-du-udu").withDivision(Division.FOUR).withLine("dudu-udu----dudu");
        Pattern eighths = sixteenths.withDivision(Division.TWO);
        assertEquals("dd-d--dd", eighths.line());
        assertEquals(sixteenths, eighths.withDivision(Division.FOUR));
    }

    @Test
    void anotherMeterKeepsEveryBarOnItsBarLine() {
        Pattern twoBars = pattern("4/4", "d-du-udu D-DU-UDU");
        Pattern waltz = twoBars.withMeter(Meter.parse("3/4"));
        assertEquals("d-du-uD-DU-U", waltz.line());
        assertEquals(twoBars, waltz.withMeter(Meter.parse("4/4")));
    }

    @Test
    void fromFourFourToSixEightTheEighthsStayEighths() {
        Pattern compound = pattern("4/4", "d-du-udu").withMeter(Meter.parse("6/8"));
        assertEquals(Division.THREE, compound.division());
        assertEquals(2, compound.beats());
        assertEquals("d-du-u", compound.line());
        assertEquals(Hand.pendulum(Length.EIGHTH), compound.hand());
    }

    @Test
    void theHandFollowsTheSlotsUntilItIsSetOtherwise() {
        Pattern following = pattern("4/4", "d").withDivision(Division.FOUR);
        assertEquals(Length.SIXTEENTH, following.hand().rate());
        Pattern own =
                pattern("4/4", "d").withHand(Hand.pendulum(Length.QUARTER)).withDivision(Division.FOUR);
        assertEquals(Length.QUARTER, own.hand().rate());
    }

    @Test
    void aMissIsWhatIsThereWhereNothingIsWritten() {
        Pattern written = pattern("4/4", "d").withStroke(0, Miss.MISS);
        assertEquals(pattern("4/4", ""), written);
        assertTrue(written.strokes().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 33, 256})
    void aLengthOutsideOneBeatToEightBarsIsRefused(int beats) {
        var wrong = assertThrows(Refusal.class, () -> pattern("4/4", "d").withBeats(beats));
        assertEquals("a pattern in 4/4 has 1 to 32 beats (8 bars), not " + beats, English.of(wrong));
    }

    @Test
    void aLineOfSixtyFourBarsIsRefusedAtTheFirstStrokeTooMany() {
        var wrong = assertThrows(NotationException.class, () -> pattern("4/4", "d-du-udu".repeat(64)));
        assertEquals(64, wrong.index());
    }

    @ParameterizedTest
    @CsvSource({"'', 0", "'   ', 0"})
    void aPatternHasAName(String name, int length) {
        var wrong = assertThrows(Refusal.class, () -> pattern("4/4", "d").withName(name));
        assertEquals("a pattern's name has 1 to 60 characters, this one " + length, English.of(wrong));
    }

    @Test
    void factsAreCountedOverOneRound() {
        Pattern pattern = pattern("4/4", "d-du-udu")
                .withStroke(1, Strum.of(Direction.DOWN))
                .withBeats(3);
        assertEquals(new PatternFacts(5, 1, 1, 2, 2, Length.of(3, 4)), PatternFacts.of(pattern));
    }

    @Test
    void strokesASecondFollowFromTheTempo() {
        PatternFacts facts = PatternFacts.of(pattern("4/4", "dudududu"));
        assertEquals(4.0, facts.strokesPerSecond(Tempo.of(120, Meter.parse("4/4"))), 1e-12);
    }
}
