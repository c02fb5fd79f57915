package tactus.core.music.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.outside.English;

class VoicingTest {

    @Test
    void aShapeIsWrittenLowStringFirst() {
        Voicing c = Voicing.parse("x32010");
        assertFalse(c.isPlayed(6));
        assertEquals(3, c.fret(5).orElseThrow());
        assertEquals(0, c.fret(1).orElseThrow());
    }

    @ParameterizedTest
    @ValueSource(strings = {"x32010", "000000", "x-10-12-12-12-10", "xx0232", "3x0003"})
    void aShapePrintsAsItIsRead(String shape) {
        assertEquals(shape, Voicing.parse(shape).toString());
    }

    @ParameterizedTest
    @CsvSource({
        "x3201q, is not a shape such as x32010; low string first",
        "x-25-0, a fret must be 0 to 24 or x; was 25",
        "x--0, has no fret at"
    })
    void aShapeThatCannotBeReadSaysWhy(String text, String reason) {
        var wrong = assertThrows(NotationException.class, () -> Voicing.parse(text));
        assertTrue(English.of(wrong).contains(reason.replace(';', ',')), English.of(wrong));
    }

    @Test
    void aCapoRaisesEveryNote() {
        Voicing c = Voicing.parse("x32010");
        assertEquals(
                List.of("D3", "F#3", "A3", "D4", "F#4"),
                c.pitches(Tuning.STANDARD, 2).stream().map(Pitch::toString).toList());
        assertEquals(List.of(2, 6, 9), c.pitchClasses(Tuning.STANDARD, 2));
    }

    @Test
    void fretsCountedFromTheNutMustNotLieBehindTheCapo() {
        assertEquals("x32010", Voicing.parse("x54232").fromNut(2).toString());
        var behind = assertThrows(Refusal.class, () -> Voicing.parse("x54132").fromNut(2));
        assertTrue(English.of(behind).contains("string 3 is held at fret 1, behind the capo at 2"), English.of(behind));
    }

    @Test
    void aShapeBeyondTheNeckOrForOtherStringsIsRefused() {
        var high =
                assertThrows(Refusal.class, () -> Voicing.parse("x-20-x-x-x-x").pitches(Tuning.STANDARD, 5));
        assertTrue(English.of(high).contains("beyond fret 24"), English.of(high));
        assertThrows(IllegalArgumentException.class, () -> Voicing.parse("0003").pitches(Tuning.STANDARD, 0));
    }

    @Test
    void onlyAShapeWithoutOpenStringsIsMovable() {
        assertTrue(Voicing.parse("133211").isMovable());
        assertFalse(Voicing.parse("022100").isMovable());
        assertFalse(Voicing.parse("xxxxxx").isMovable());
    }

    @ParameterizedTest
    @CsvSource({"4-1, 4, 1", "1-4, 4, 1", "3, 3, 3", "6 – 4, 6, 4"})
    void stringsAreReadEitherWayRound(String text, int lowest, int highest) {
        StringRange range = StringRange.parse(text);
        assertEquals(new StringRange(lowest, highest), range);
        assertEquals(range, StringRange.parse(range.toString()));
        assertTrue(range.has(lowest) && range.has(highest) && !range.has(lowest + 1));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0-3", "4-13", "a-b", "4-1-2"})
    void whatNamesNoStringsIsRefused(String text) {
        assertThrows(NotationException.class, () -> StringRange.parse(text));
    }
}
