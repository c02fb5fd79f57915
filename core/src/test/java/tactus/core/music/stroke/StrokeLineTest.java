package tactus.core.music.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static tactus.core.music.stroke.Direction.DOWN;
import static tactus.core.music.stroke.Direction.UP;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;

class StrokeLineTest {

    private static final List<Direction> EIGHTHS = List.of(DOWN, UP, DOWN, UP, DOWN, UP, DOWN, UP);

    private static List<Stroke> read(String line) {
        return StrokeLine.parse(line, EIGHTHS);
    }

    @Test
    void bassTrebleAndMuteGoTheWayTheHandGoes() {
        assertEquals(
                List.of(
                        Strum.of(DOWN).withReach(Reach.BASS),
                        Strum.of(UP).withReach(Reach.TREBLE),
                        Mute.of(DOWN).withForce(Force.ACCENTED)),
                read("btX"));
    }

    @Test
    void bracketsSayTheDirectionOfOneSlot() {
        Strum treble = Strum.of(UP).withReach(Reach.TREBLE).withForce(Force.ACCENTED);
        assertEquals(List.of(treble, Miss.MISS), read("(uT)-"));
    }

    @Test
    void marksBehindAStrokeSayHowItIsTouched() {
        assertEquals(
                List.of(
                        Strum.of(DOWN).withTouch(Touch.PALM_MUTED).withForce(Force.SOFT),
                        Strum.of(UP).withReach(Reach.of(4, 2)),
                        Pluck.of(new Pick.Fretted(5, 3)).withForce(Force.ACCENTED),
                        Strum.of(DOWN).withTouch(Touch.SWEPT)),
                read("d_'(u4-2)5:3!d~"));
    }

    @Test
    void fingersAndStringsArePluckedAloneOrTogether() {
        Pick thumb = new Pick.ByRole(Role.ROOT_BASS);
        Pick ring = new Pick.ByRole(Role.RING);
        assertEquals(
                List.of(
                        Pluck.of(new Pick.OnString(5), new Pick.OnString(1)),
                        Pluck.of(new Pick.OnString(3)),
                        Pluck.of(thumb, ring),
                        Pluck.of(new Pick.ByRole(Role.ALTERNATE_BASS))),
                read("(5 1) 3 (pa) q"));
    }

    @Test
    void spacesAndBarLinesTakeNoSlot() {
        assertEquals(read("d-du-udu"), read(" d-du | -udu "));
    }

    @Test
    void everyStrokeOnEverySlotIsReadBackAsItWasWritten() {
        List<Stroke> kinds = new ArrayList<>(List.of(Miss.MISS, Ring.RING, Stop.STOP));
        for (Force force : Force.values()) {
            for (Direction way : Direction.values()) {
                for (Mute.Kind kind : Mute.Kind.values()) kinds.add(new Mute(way, kind, force));
            }
            for (Touch touch : Touch.values()) {
                for (Direction way : Direction.values()) {
                    for (Reach reach : List.of(Reach.ALL, Reach.BASS, Reach.TREBLE, Reach.of(5, 3))) {
                        kinds.add(new Strum(way, reach, touch, force));
                    }
                }
                kinds.add(new Pluck(List.of(new Pick.OnString(12)), touch, force));
                kinds.add(new Pluck(List.of(new Pick.Fretted(2, 10), new Pick.ByRole(Role.INDEX)), touch, force));
            }
        }
        for (Stroke stroke : kinds) {
            for (Direction hand : Direction.values()) {
                assertEquals(stroke, StrokeLine.stroke(StrokeLine.format(stroke, hand), hand));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "d-j, 2",
        "d 0, 2",
        "(7-5), 0",
        "(d9-0), 0",
        "(5 5), 0",
        "5:30, 0",
        "d(ut, 1",
        "d(zz), 1",
        "dudududud, 8",
        "d)d, 1",
        "(), 0",
        "(ud), 0"
    })
    void whatCannotBeReadIsPointedAt(String line, int index) {
        var wrong = assertThrows(NotationException.class, () -> read(line));
        assertEquals(index, wrong.index());
        assertEquals(line, wrong.text());
    }

    @ParameterizedTest
    @ValueSource(strings = {"d-du", "d (ut) x", "(db)(ux)|d", "d(u", "d_ 5:3! (5 1)~"})
    void slotsAreCountedAsTheyAreTyped(String line) {
        int expected = line.equals("d-du") ? 4 : line.equals("d(u") ? 2 : 3;
        assertEquals(expected, StrokeLine.slots(line));
    }
}
