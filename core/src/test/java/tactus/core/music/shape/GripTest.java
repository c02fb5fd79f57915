package tactus.core.music.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GripTest {

    private static final FrettingHand HAND = FrettingHand.USUAL;

    private static Grip grip(String shape) {
        return Grip.of(Voicing.parse(shape), Neck.USUAL, HAND).orElseThrow();
    }

    /** The fingers that methods print for these shapes (common practice). */
    @ParameterizedTest
    @CsvSource({
        "x32010, x32010",
        "320003, 210003",
        "022100, 023100",
        "x02220, x01230",
        "xx0232, xx0132",
        "x02210, x02310",
        "xx0231, xx0231",
        "x21202, x21304",
        "x32310, x32410",
        "133211, 134211",
        "x24432, x13421",
        "577655, 134211",
        "xx3211, xx3211",
        "000000, 000000"
    })
    void aShapeIsHeldWithTheUsualFingers(String shape, String fingers) {
        assertEquals(fingers, grip(shape).fingering().toText(Voicing.parse(shape)));
    }

    @Test
    void aBarreLiesFromItsLowestToItsHighestString() {
        assertEquals(List.of(new Barre(Finger.INDEX, 1, 6, 1)), grip("133211").barres());
        assertEquals(List.of(new Barre(Finger.INDEX, 2, 5, 1)), grip("x24432").barres());
        assertTrue(grip("x02220").barres().isEmpty());
    }

    @Test
    void fingersThatAreAskedForAreTakenAsTheyAre() {
        Voicing f = Voicing.parse("133211");
        Grip asked = Grip.asked(f, Fingering.parse("134211"), Neck.USUAL);
        assertEquals(grip("133211"), asked);
        Grip mean = Grip.asked(Voicing.parse("x02220"), Fingering.parse("x01110"), Neck.USUAL);
        assertEquals(List.of(new Barre(Finger.INDEX, 2, 4, 2)), mean.barres());
        assertEquals(1, mean.fingers());
        Grip slip = Grip.asked(Voicing.parse("x32010"), Fingering.parse("x3(21)010"), Neck.USUAL);
        assertEquals(List.of(), slip.barres());
        Grip small = Grip.asked(Voicing.parse("xx3211"), Fingering.parse("xx3211"), Neck.USUAL);
        assertEquals(List.of(new Barre(Finger.INDEX, 1, 2, 1)), small.barres(), "two strings are a barre too");
        assertEquals(0, mean.stretch());
    }

    @Test
    void theThumbTakesTheLowStringOnlyIfTheHandUsesIt() {
        var thumb = new FrettingHand(110, true);
        Voicing shape = Voicing.parse("200232");
        assertEquals(
                "T00132",
                Grip.of(shape, Neck.USUAL, thumb).orElseThrow().fingering().toText(shape));
        assertTrue(grip("200232").fingering().used().stream().noneMatch(Finger.THUMB::equals));
    }

    /** Fret n lies at L(1 - 2^(-n/12)): the twelfth halves the string. */
    @Test
    void distancesFollowTheRuleOfFrets() {
        assertEquals(324, Neck.USUAL.distanceTo(12), 1e-9);
        assertEquals(66.8, grip("x32010").stretch(), 0.1);
        assertEquals(
                66.8 * Math.pow(2, -5 / 12.0),
                grip("x32010").at(Neck.USUAL.withCapo(5)).stretch(),
                0.1);
    }

    @Test
    void aSmallHandCannotHoldWhatALargeOneCan() {
        Voicing wide = Voicing.parse("1x5xxx");
        assertTrue(Grip.of(wide, Neck.USUAL, new FrettingHand(80, false)).isEmpty());
        assertTrue(Grip.of(wide, Neck.USUAL, new FrettingHand(140, false)).isPresent());
        assertTrue(Grip.of(Voicing.parse("123456"), Neck.USUAL, FrettingHand.LARGEST)
                .isEmpty());
    }

    @Test
    void aSkippedStringIsKeptQuietByTheFingerBesideIt() {
        Grip g = grip("3x0003");
        assertTrue(g.isSkipped(5));
        assertEquals(Finger.INDEX, g.dampening(5).orElseThrow());
        assertEquals(List.of(), g.unquiet());
        assertEquals(List.of(3), grip("0x0x00").unquiet().subList(0, 1));
    }

    @Test
    void theScoreShowsItsParts() {
        Effort f = grip("133211").effort(Neck.USUAL, HAND);
        assertEquals(
                List.of(Effort.Kind.FINGERS, Effort.Kind.BARRE, Effort.Kind.STRETCH),
                f.parts().stream().map(Effort.Part::kind).toList());
        assertEquals(67, f.parts().getLast().amount());
        assertEquals(f.cost(), f.parts().stream().mapToDouble(Effort.Part::cost).sum(), 1e-9);
    }

    /** The order in which methods bring shapes (common practice). */
    @Test
    void easeKeepsTheOrderOfMethods() {
        List<String> order = List.of("022000", "022100", "x02210", "x32010", "x21202", "x24432", "133211");
        List<Integer> eases = order.stream()
                .map(shape -> grip(shape).effort(Neck.USUAL, HAND).ease())
                .toList();
        assertEquals(eases.stream().sorted((a, b) -> b - a).toList(), eases);
    }

    @Test
    void aChangeTellsWhatEachFingerDoes() {
        ShapeChange toAm = ShapeChange.between(grip("x32010"), grip("x02210"), Neck.USUAL);
        assertEquals(2, toAm.count(ShapeChange.Motion.STAYS));
        assertEquals(1, toAm.count(ShapeChange.Motion.MOVES));
        ShapeChange up = ShapeChange.between(grip("133211"), grip("355433"), Neck.USUAL);
        assertEquals(4, up.count(ShapeChange.Motion.SLIDES));
        ShapeChange toF = ShapeChange.between(grip("x32010"), grip("133211"), Neck.USUAL);
        assertTrue(toF.seconds() > toAm.seconds());
        assertEquals(
                0,
                ShapeChange.between(grip("x32010"), grip("x32010"), Neck.USUAL).seconds());
    }
}
