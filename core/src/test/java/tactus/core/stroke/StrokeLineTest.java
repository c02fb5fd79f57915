package tactus.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.time.Division;
import tactus.core.time.Grid;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

class StrokeLineTest {

    private static final Grid EIGHTHS = Grid.of(Meter.parse("4/4"), 4, Division.TWO);
    private static final Hand HAND = Hand.pendulum(Length.EIGHTH);

    private static List<Stroke> read(String line) {
        return StrokeLine.parse(line, EIGHTHS, HAND);
    }

    @Test
    void bassTrebleAndMuteGoTheWayTheHandGoes() {
        assertEquals(
                List.of(
                        new Strum(Direction.DOWN, Reach.BASS, Force.PLAIN),
                        new Strum(Direction.UP, Reach.TREBLE, Force.PLAIN),
                        new Mute(Direction.DOWN, Force.ACCENTED)),
                read("btX"));
    }

    @Test
    void bracketsSayTheDirectionOfOneSlot() {
        assertEquals(List.of(new Strum(Direction.UP, Reach.TREBLE, Force.ACCENTED), Miss.MISS), read("(uT)-"));
    }

    @Test
    void spacesAndBarLinesTakeNoSlot() {
        assertEquals(read("d-du-udu"), read(" d-du | -udu "));
    }

    @Test
    void everyStrokeOnEverySlotIsReadBackAsItWasWritten() {
        List<Stroke> kinds = new ArrayList<>(List.of(Miss.MISS, Ring.RING, Stop.STOP));
        for (Direction direction : Direction.values()) {
            for (Force force : Force.values()) {
                kinds.add(new Mute(direction, force));
                for (Reach reach : Reach.values()) kinds.add(new Strum(direction, reach, force));
            }
        }
        for (int shift = 0; shift < kinds.size(); shift++) {
            List<Stroke> strokes = new ArrayList<>();
            for (int slot = 0; slot < 8; slot++) strokes.add(kinds.get((slot + shift) % kinds.size()));
            assertEquals(strokes, read(StrokeLine.format(strokes, EIGHTHS, HAND)));
        }
    }

    @ParameterizedTest
    @CsvSource({"d-q, 2", "d(ut, 1", "d(zz), 1", "dudududud, 8", "d)d, 1", "(), 0", "(ud), 0"})
    void whatCannotBeReadIsPointedAt(String line, int index) {
        var wrong = assertThrows(NotationException.class, () -> read(line));
        assertEquals(index, wrong.index());
        assertEquals(line, wrong.text());
    }

    @ParameterizedTest
    @ValueSource(strings = {"d-du", "d (ut) x", "(db)(ux)|d", "d(u"})
    void slotsAreCountedAsTheyAreTyped(String line) {
        int expected = line.equals("d-du") ? 4 : line.equals("d(u") ? 2 : 3;
        assertEquals(expected, StrokeLine.slots(line));
    }
}
