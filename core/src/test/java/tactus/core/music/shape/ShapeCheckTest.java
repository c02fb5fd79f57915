package tactus.core.music.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeCheck;
import tactus.core.music.search.ShapeFault;
import tactus.core.outside.English;

class ShapeCheckTest {

    private static final ShapeCheck CHECK = new ShapeCheck(Tuning.STANDARD);

    /** A finger one fret or one string off. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C|x22010|string 5 at fret 2 sounds B|x32010",
                "C|x32000|string 2 open sounds B|x32010",
                "G|320002|string 1 at fret 2 sounds F#|320003",
                "D|xx0322|string 3 at fret 3 sounds Bb|xx0232",
                "Am|x02220|C is missing|x02210",
                "F|133221|string 2 at fret 2 sounds Db|133211",
                "G/B|320003|B is not the lowest note|x20003"
            })
    void aShapeThatIsNotItsNameSaysWhichNoteDiffersAndWhatWasMeant(
            String name, String shape, String difference, String meant) {
        ShapeFault fault =
                CHECK.name(ChordName.parse(name), Voicing.parse(shape)).orElseThrow();
        assertTrue(English.say(fault.sentence()).contains(difference), English.say(fault.sentence()));
        assertEquals(meant, fault.remedy().orElseThrow().toString());
    }

    @ParameterizedTest
    @CsvSource({"C, 332010", "C7, x32310", "D, x00232", "G, xx0003", "C11, x33333", "E5, 022xxx", "D/F#, 200232"})
    void aShapeWithTheNotesOfItsNameIsRight(String name, String shape) {
        assertTrue(CHECK.name(ChordName.parse(name), Voicing.parse(shape)).isEmpty());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x32010|x3(21)010|TWO_ON_ONE_SPOT|shape.two-on-one [[INDEX, MIDDLE], 4, 2]",
                "x32010|x21010|FINGER_TWICE|shape.finger-twice [INDEX, [1, 2]]",
                "220222|110111|COVERED|shape.covered [4, 0, INDEX",
                "422100|322100|COVERED|shape.beside [3, 1, MIDDLE, 2]",
                "x32010|x32000|FINGER_MISPLACED|shape.no-finger [2, 1]",
                "x32010|x32011|FINGER_MISPLACED|shape.idle-finger [1]"
            })
    void fingersThatCannotBeThereAreCaught(String shape, String fingers, ShapeFault.Kind kind, String sentence) {
        List<ShapeFault> faults = ShapeCheck.fingers(Voicing.parse(shape), Fingering.parse(fingers));
        assertTrue(
                faults.stream()
                        .anyMatch(fault -> fault.kind() == kind
                                && fault.sentence().toString().startsWith(sentence)),
                faults.toString());
    }

    @Test
    void theUsualFingersAreFineAndSoIsABarre() {
        assertEquals(List.of(), ShapeCheck.fingers(Voicing.parse("133211"), Fingering.parse("134211")));
        assertEquals(List.of(), ShapeCheck.fingers(Voicing.parse("x02220"), Fingering.parse("x01110")));
    }

    @Test
    void whatNoHandHoldsIsCaught() {
        assertEquals(
                ShapeFault.Kind.TOO_WIDE,
                CHECK.grip(Voicing.parse("1x0xx9")).getFirst().kind());
        assertEquals(
                ShapeFault.Kind.RINGS_ON,
                CHECK.grip(Voicing.parse("0x0232")).getFirst().kind());
        assertEquals(List.of(), CHECK.grip(Voicing.parse("3x0003")));
    }
}
