package tactus.core.ground.refusal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.music.pitch.Pitch;

class OutcomeTest {

    @Test
    void whatIsRefusedIsToldWithItsReasonAndItsPlaceInTheText() {
        Outcome outcome = Outcome.of(() -> Pitch.parse("H9"));
        assertFalse(outcome.isDone());
        NotationException why = assertThrows(
                NotationException.class,
                () -> outcome.refusal().ifPresent(refusal -> {
                    throw refusal;
                }));
        assertEquals("H9", why.text());
        assertEquals(0, why.index());
    }

    @Test
    void whatIsDoneHasNoReason() {
        assertTrue(Outcome.of(() -> Pitch.parse("A4")).isDone());
        assertEquals(Optional.empty(), Outcome.DONE.refusal());
    }

    @Test
    void aMistakeOfTheProgramIsThrownAndNeverAnOutcome() {
        var mistake = new IllegalArgumentException("capo must be 0 to 12, was 13");
        assertSame(
                mistake,
                assertThrows(
                        IllegalArgumentException.class,
                        () -> Outcome.of(() -> {
                            throw mistake;
                        })));
    }
}
