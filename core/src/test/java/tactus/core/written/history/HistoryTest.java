package tactus.core.written.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import org.junit.jupiter.api.Test;

class HistoryTest {

    @Test
    void undoingTwiceReturnsToTheFirstValue() {
        var history = History.of("a").plus("b").plus("c");
        assertEquals("a", history.undone().undone().present());
        assertEquals("a", history.undone().undone().undone().present());
    }

    @Test
    void whatWasUndoneCanBeRedoneUntilSomethingElseIsDone() {
        var undone = History.of("a").plus("b").plus("c").undone();
        assertEquals("c", undone.redone().present());
        assertFalse(undone.plus("d").canRedo());
        assertEquals("b", undone.plus("d").undone().present());
    }

    @Test
    void aChangeToTheSameValueIsNoStep() {
        assertEquals(History.of("a"), History.of("a").plus("a"));
    }

    @Test
    void anAmendedValueIsUndoneTogetherWithTheOneBefore() {
        assertEquals("a", History.of("a").plus("b").amended("bc").undone().present());
    }

    @Test
    void aThousandStepsAreKept() {
        History<Integer> history = History.of(0);
        for (int step = 1; step <= 1_500; step++) history = history.plus(step);
        while (history.canUndo()) history = history.undone();
        assertEquals(500, history.present());
        assertEquals(1_000, history.future().size());
    }
}
