package tactus.app.neck;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeckPlanTest {

    private static NeckPlan plan(boolean lowOnTop, boolean left, int first) {
        return new NeckPlan(
                640, 210, 6, first, 12, 24, new NeckPlan.Margins(58, 82), new NeckPlan.Turn(lowOnTop, left));
    }

    @ParameterizedTest
    @CsvSource({"true, false, 1", "false, false, 1", "true, true, 1", "false, true, 5"})
    void whereAFingerIsDrawnItIsFoundAgain(boolean lowOnTop, boolean left, int first) {
        NeckPlan plan = plan(lowOnTop, left, first);
        for (int string = 1; string <= 6; string++) {
            assertEquals(OptionalInt.of(string), plan.stringAt(plan.y(string)));
        }
        assertEquals(OptionalInt.of(0), plan.fretAt(plan.finger(0)));
        for (int fret = first; fret < first + 12; fret++) {
            assertEquals(OptionalInt.of(fret), plan.fretAt(plan.finger(fret)));
        }
    }

    @Test
    void besideTheNeckNothingIsFound() {
        NeckPlan plan = plan(true, false, 1);
        assertTrue(plan.fretAt(plan.end()).isEmpty());
        assertTrue(plan.stringAt(205).isEmpty());
    }

    @Test
    void theLowStringLiesOnTopUnlessTheNeckIsTurnedOver() {
        assertTrue(plan(true, false, 1).y(6) < plan(true, false, 1).y(1));
        assertTrue(plan(false, false, 1).y(6) > plan(false, false, 1).y(1));
    }

    /** The twelfth fret halves the string, the seventh lies two thirds of the way to it (rule of frets). */
    @Test
    void fretsLieAsOnANeck() {
        NeckPlan plan = plan(true, false, 1);
        double toTwelfth = plan.wire(12) - plan.wire(0);
        assertEquals(500, toTwelfth, 1e-9);
        assertEquals(2 * (1 - Math.pow(2, -7 / 12.0)) * 500, plan.wire(7) - plan.wire(0), 1e-9);
    }

    @Test
    void aLeftHandedNeckIsTheMirrorImage() {
        for (int fret = 0; fret <= 12; fret++) {
            assertEquals(
                    640 - plan(true, false, 1).wire(fret), plan(true, true, 1).wire(fret), 1e-9);
        }
    }
}
