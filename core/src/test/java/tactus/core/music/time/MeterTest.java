package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.English;
import tactus.core.outside.Table;

class MeterTest {

    /** Simple and compound as in any primer of notation (common practice); additive groupings as teachers count them. */
    @ParameterizedTest
    @CsvSource({
        "2/4, SIMPLE, 1/4 1/4",
        "3/4, SIMPLE, 1/4 1/4 1/4",
        "4/4, SIMPLE, 1/4 1/4 1/4 1/4",
        "2/2, SIMPLE, 1/2 1/2",
        "3/8, SIMPLE, 1/8 1/8 1/8",
        "6/8, COMPOUND, 3/8 3/8",
        "9/8, COMPOUND, 3/8 3/8 3/8",
        "12/8, COMPOUND, 3/8 3/8 3/8 3/8",
        "6/4, COMPOUND, 3/4 3/4",
        "12/16, COMPOUND, 3/16 3/16 3/16 3/16",
        "5/4, ADDITIVE, 1/4 1/4 1/4 1/4 1/4",
        "5/8, ADDITIVE, 3/8 1/4",
        "7/8, ADDITIVE, 1/4 1/4 3/8",
        "3+2+2/8, ADDITIVE, 3/8 1/4 1/4",
        "8/8, ADDITIVE, 3/8 3/8 1/4",
        "2+2+2/8, ADDITIVE, 1/4 1/4 1/4"
    })
    void feltBeatsFollowFromTheGrouping(String written, Meter.Kind kind, String beats) {
        Meter meter = Meter.parse(written);
        assertEquals(kind, meter.kind());
        assertEquals(beats, meter.beats().stream().map(Length::toString).collect(Collectors.joining(" ")));
    }

    @ParameterizedTest
    @CsvSource({"4/4", "6/8", "7/8", "3+2+2/8", "2+2+2/8", "5/4", "11/8", "1/1"})
    void whatItPrintsItReadsBack(String written) {
        assertEquals(written, Meter.parse(written).toString());
        assertEquals(Meter.parse(written), Meter.parse(Meter.parse(written).toString()));
    }

    @Test
    void theBeatsOfEveryMeterFillItsBar() {
        for (int count = 1; count <= 32; count++) {
            Meter meter = Meter.of(count, 8);
            assertEquals(meter.length(), meter.beats().stream().reduce(Length.ZERO, Length::plus), meter.toString());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "4/3, the lower number of a meter must be 1; 2; 4; 8; 16 or 32; was 3",
        "0/4, the upper number of a meter must be 1 to 32; was 0",
        "-1/4, the upper number of a meter must be 1 to 32; was -1",
        "33/4, the upper number of a meter must be 1 to 32; was 33",
        "5+2/8, a group of a meter must be 1 to 4; was 5; 2"
    })
    void anImpossibleMeterSaysWhichNumberIsWrong(String text, String reason) {
        var wrong = assertThrows(NotationException.class, () -> Meter.parse(text));
        assertEquals("\"" + text + "\" is not a meter: " + reason.replace(';', ','), English.of(wrong));
    }

    @Test
    void aDivisionFitsWhereEveryBeatHoldsAWholeNumberOfSlots() {
        assertTrue(Division.THREE.fits(Meter.parse("4/4")));
        assertTrue(Division.TWO.fits(Meter.parse("7/8")));
        assertFalse(Division.THREE.fits(Meter.parse("7/8")));
        assertFalse(Division.ONE.fits(Meter.parse("7/8")));
    }

    /**
     * Kinds as tonal 6.4.3 gives them. It calls every meter in quarters simple and every other one in eighths irregular or
     * compound by its number alone, so only those are compared where both mean the same: up to four quarters or halves,
     * and five eighths and more.
     */
    @Test
    void kindsAreThoseOfAGeneralLibrary() {
        int compared = 0;
        for (String[] row : Table.rows("meters.tsv")) {
            Meter meter = Meter.parse(row[0]);
            boolean few = meter.unit() <= 4 && meter.count() <= 4;
            boolean many = meter.unit() == 8 && meter.count() >= 5;
            if (!few && !many) continue;
            compared++;
            String kind = switch (meter.kind()) {
                case SIMPLE -> "simple";
                case COMPOUND -> "compound";
                case ADDITIVE -> "irregular";
            };
            assertEquals(row[1], kind, row[0]);
        }
        assertEquals(19, compared);
    }
}
