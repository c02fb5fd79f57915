package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;

class LengthTest {

    @ParameterizedTest
    @CsvSource({"2/4, 1/2", "3/1, 3", "0/7, 0", "-2/4, -1/2", "6/8, 3/4"})
    void isKeptInLowestTerms(String written, String reduced) {
        assertEquals(reduced, Length.parse(written).toString());
    }

    @Test
    void aNegativeLowerTermMovesItsSignUp() {
        assertEquals(new Length(-1, 2), new Length(1, -2));
    }

    @ParameterizedTest
    @CsvSource({"1/4, 1/8, 3/8", "1/3, 1/6, 1/2", "3/8, -3/8, 0", "5/12, 1/4, 2/3"})
    void addsExactly(String a, String b, String sum) {
        assertEquals(Length.parse(sum), Length.parse(a).plus(Length.parse(b)));
        assertEquals(Length.parse(a), Length.parse(sum).minus(Length.parse(b)));
    }

    @Test
    void aHundredThousandTripletsAddUpWithoutRounding() {
        Length triplet = Length.of(1, 12);
        Length sum = LongStream.range(0, 120_000).mapToObj(_ -> triplet).reduce(Length.ZERO, Length::plus);
        assertEquals(Length.of(10_000), sum);
    }

    @ParameterizedTest
    @CsvSource({"5/8, 1/4, 2, 1/8", "3/4, 1/4, 3, 0", "1/8, 1/4, 0, 1/8", "-1/8, 1/4, -1, 1/8"})
    void dividesIntoWholesAndARemainder(String length, String unit, long wholes, String rest) {
        assertEquals(wholes, Length.parse(length).wholesOf(Length.parse(unit)));
        assertEquals(Length.parse(rest), Length.parse(length).remainderOver(Length.parse(unit)));
    }

    @Test
    void comparesByValueNotByTerms() {
        assertTrue(Length.of(1, 3).isLessThan(Length.of(3, 8)));
        assertEquals(0, Length.of(2, 8).compareTo(Length.QUARTER));
    }

    @Test
    void overflowThrowsInsteadOfWrapping() {
        Length huge = Length.of(Long.MAX_VALUE);
        assertThrows(ArithmeticException.class, () -> huge.plus(Length.of(1)));
        assertThrows(ArithmeticException.class, () -> huge.times(2));
    }

    @Test
    void nothingIsDividedByZero() {
        assertThrows(ArithmeticException.class, () -> Length.of(1, 0));
        assertThrows(ArithmeticException.class, () -> Length.QUARTER.dividedBy(Length.ZERO));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "1/", "/4", "1/0", "1.5", "9999999999999999999/2"})
    void aTextThatIsNoFractionIsRefusedWithTheText(String text) {
        var wrong = assertThrows(NotationException.class, () -> Length.parse(text));
        assertEquals(text, wrong.text());
    }
}
