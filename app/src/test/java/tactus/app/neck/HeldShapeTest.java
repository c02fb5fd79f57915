package tactus.app.neck;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.music.shape.Barre;
import tactus.core.music.shape.Finger;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;

class HeldShapeTest {

    private static HeldShape held(Chord chord) {
        return HeldShape.of(chord, Neck.USUAL, FrettingHand.USUAL);
    }

    @Test
    void aShapeIsDrawnWithTheFingersAHandWouldTake() {
        HeldShape f = held(new Chord("F", Voicing.parse("133211")));
        assertEquals(Finger.MIDDLE, f.finger(3).orElseThrow());
        assertEquals(List.of(new Barre(Finger.INDEX, 1, 6, 1)), f.barres());
    }

    @Test
    void orWithThoseThatAreAskedFor() {
        Chord a = new Chord("A", Voicing.parse("x02220")).withFingering(Optional.of(Fingering.parse("x01110")));
        assertEquals(Finger.INDEX, held(a).finger(2).orElseThrow());
        assertEquals(List.of(new Barre(Finger.INDEX, 2, 4, 2)), held(a).barres());
    }

    @Test
    void whatASmallHandCannotHoldIsDrawnAsALargeOneWould() {
        var child = new FrettingHand(60, false);
        HeldShape c = HeldShape.of(new Chord("C", Voicing.parse("x32010")), Neck.USUAL, child);
        assertEquals(Finger.RING, c.finger(5).orElseThrow());
        HeldShape nobody = held(new Chord("C", Voicing.parse("123456")));
        assertTrue(nobody.finger(6).isEmpty());
        assertTrue(nobody.barres().isEmpty());
    }

    @Test
    void aSkippedStringIsDampenedWhereAFingerLiesBesideIt() {
        assertTrue(held(new Chord("G", Voicing.parse("3x0003"))).isDampened(5));
        assertFalse(held(new Chord("C", Voicing.parse("x32010"))).isDampened(6));
    }

    @Test
    void strokesReachAllStringsUnlessTheShapeSaysWhich() {
        Chord c = new Chord("C", Voicing.parse("x32010"));
        assertTrue(held(c).isReached(6));
        HeldShape some = held(c.withStrummed(Optional.of(StringRange.parse("4-1"))));
        assertTrue(some.isReached(4));
        assertFalse(some.isReached(5));
    }
}
