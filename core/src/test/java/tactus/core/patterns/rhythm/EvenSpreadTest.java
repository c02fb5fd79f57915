package tactus.core.patterns.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tactus.core.outside.Table;

class EvenSpreadTest {

    private static List<Integer> struck(String steps) {
        return IntStream.range(0, steps.length())
                .filter(step -> steps.charAt(step) == '1')
                .boxed()
                .toList();
    }

    /** Every rhythm of up to 16 steps as tonal 6.4.3 makes it, up to rotation. */
    @Test
    void everyEuclideanRhythmOfTheLibraryIsEven() {
        List<String[]> rows = Table.rows("rhythms.tsv");
        assertEquals(135, rows.size());
        for (String[] row : rows) {
            assertTrue(EvenSpread.isEven(struck(row[2]), Integer.parseInt(row[0])), Arrays.toString(row));
        }
    }

    /** The Cuban tresillo is E(3,8), the cinquillo E(5,8): Toussaint (2005), section 4. */
    @Test
    void thePublishedRhythmsAreEvenAndTheSonClaveIsNot() {
        assertEquals(List.of(3, 3, 2), EvenSpread.gaps(3, 8));
        assertTrue(EvenSpread.isEven(struck("10010010"), 8));
        assertTrue(EvenSpread.isEven(struck("10110110"), 8));
        assertFalse(EvenSpread.isEven(struck("1001001000101000"), 16));
        assertThrows(IllegalArgumentException.class, () -> EvenSpread.gaps(9, 8));
    }
}
