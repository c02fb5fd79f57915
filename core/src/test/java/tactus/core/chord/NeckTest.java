package tactus.core.chord;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.time.NotationException;

/** Pitches, tunings, shapes and keys. */
class NeckTest {

    /** A4 = 440 Hz is ISO 16; the others are the usual table of equal temperament rounded to hundredths. */
    @ParameterizedTest
    @CsvSource({
        "A4, 69, 440.00",
        "E2, 40, 82.41",
        "A2, 45, 110.00",
        "D3, 50, 146.83",
        "G3, 55, 196.00",
        "B3, 59, 246.94",
        "E4, 64, 329.63",
        "C4, 60, 261.63"
    })
    void theOpenStringsHaveTheirFrequencies(String name, int number, double hertz) {
        assertEquals(number, Pitch.parse(name).number());
        assertEquals(hertz, Pitch.parse(name).frequency(440), 0.005);
    }

    @ParameterizedTest
    @CsvSource({"F#3, F#3", "Gb3, F#3", "Bb2, Bb2", "A#2, Bb2", "Cb4, B3"})
    void aPitchIsReadInEitherSpelling(String written, String printed) {
        assertEquals(printed, Pitch.parse(written).toString());
    }

    @Test
    void stringOneIsTheHighest() {
        assertEquals(Pitch.parse("E4"), Tuning.STANDARD.string(1));
        assertEquals(Pitch.parse("E2"), Tuning.STANDARD.string(6));
        assertEquals("E A D G B E", Tuning.STANDARD.notes());
        assertEquals(Tuning.STANDARD, Tuning.parse(Tuning.STANDARD.toString()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "H2", "E", "E2 A2 X3", "E99"})
    void aTuningThatCannotBeReadIsRefused(String text) {
        assertThrows(NotationException.class, () -> Tuning.parse(text));
    }

    @Test
    void aShapeIsWrittenLowStringFirst() {
        Voicing c = Voicing.parse("x32010");
        assertTrue(c.fret(6).isEmpty());
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
        assertTrue(wrong.getMessage().contains(reason.replace(';', ',')), wrong.getMessage());
    }

    @Test
    void shapesInCWithACapoAtTwoSoundInD() {
        assertEquals(Key.parse("D"), Key.parse("C").plus(2));
        assertEquals("C", Key.parse("D").plus(-2).toString());
    }

    /** The key signatures of the circle of fifths with at most six accidentals (common practice). */
    @Test
    void keysAreSpelledWithTheFewestAccidentals() {
        String major = String.join(
                " ",
                IntStream.range(0, 12)
                        .mapToObj(tonic -> new Key(tonic, false).toString())
                        .toList());
        assertEquals("C Db D Eb E F F# G Ab A Bb B", major);
        assertEquals("C#m", Key.parse("Bm").plus(2).toString());
        assertEquals("G#m", Key.parse("Abm").toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "H", "Cx", "C minor", "b"})
    void aKeyThatCannotBeReadIsRefused(String text) {
        assertThrows(NotationException.class, () -> Key.parse(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "A minor", "Cmaj7sus4add13omit5no3xyz"})
    void aChordHasAShortNameWithoutSpaces(String name) {
        assertThrows(IllegalArgumentException.class, () -> new Chord(name, Voicing.parse("x32010")));
    }
}
