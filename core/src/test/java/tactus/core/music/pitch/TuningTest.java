package tactus.core.music.pitch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.English;

class TuningTest {

    @Test
    void stringOneIsTheHighest() {
        assertEquals(Pitch.parse("E4"), Tuning.STANDARD.string(1));
        assertEquals(Pitch.parse("E2"), Tuning.STANDARD.string(6));
        assertEquals("E A D G B E", Tuning.STANDARD.notes());
    }

    @Test
    void theStringsOfATuningAreSpelledAlike() {
        assertEquals("E B E G# B E", Tuning.parse("E B E Ab B E").notes());
        assertEquals("Eb Ab Db Gb Bb Eb", Tuning.STANDARD.plus(-1).notes());
        assertEquals("D2 A2 D3 F#3 A3 D4", Tuning.parse("D A D Gb A D").toString());
    }

    /** The octaves of named tunings are common practice. */
    @ParameterizedTest
    @CsvSource({
        "D-A-D-F#-A-D, D2 A2 D3 F#3 A3 D4",
        "D A D G A D, D2 A2 D3 G3 A3 D4",
        "d g d g b d, D2 G2 D3 G3 B3 D4",
        "C F C F G E, C2 F2 C3 F3 G3 E4",
        "E A D G, E1 A1 D2 G2",
        "G C E A, G4 C4 E4 A4",
        "B E A D G B E, B1 E2 A2 D3 G3 B3 E4",
        "E2:E3 A2:A3 D3:D4 G3:G4 B3:B3 E4:E4, E2:E3 A2:A3 D3:D4 G3:G4 B3:B3 E4:E4"
    })
    void aTuningIsReadWithOrWithoutOctaves(String typed, String read) {
        Tuning tuning = Tuning.parse(typed);
        assertEquals(read, tuning.toString());
        assertEquals(tuning, Tuning.parse(tuning.toString()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|names no string",
                "H2 A2|which is not a pitch",
                "E2 A2 X3|\"X3\"",
                "E9|an open string sounds C0 to E6, was E9",
                "E2 A2:A3|either every string has a partner",
                "E A Q|which is not a note",
                "E E E E E E E E E E E E E|more than 12"
            })
    void aTuningThatCannotBeReadSaysWhy(String text, String reason) {
        var wrong = assertThrows(NotationException.class, () -> Tuning.parse(text));
        assertTrue(English.of(wrong).contains(reason), English.of(wrong));
    }

    /**
     * Mersenne's law with equal temperament: two semitones up is the cube root of 2 (OEIS A002580: 1.259921), one the
     * sixth root (OEIS A010768: 1.122462).
     */
    @Test
    void aStringTunedUpIsTightenedByTheSquareOfItsFrequency() {
        List<StringTension> openE = StringTension.of(Tuning.parse("E B E G# B E"), ConcertPitch.ISO_16);
        assertEquals(
                List.of(0, 2, 2, 1, 0, 0),
                openE.stream().map(StringTension::semitones).toList());
        assertEquals(1.259921, openE.get(1).ratio(), 1e-6);
        assertEquals(1.122462, openE.get(3).ratio(), 1e-6);
        assertEquals(26, openE.get(2).percent());
        assertTrue(openE.get(3).isTight());
        assertFalse(openE.get(0).isTight());
    }

    @Test
    void aHigherConcertPitchTightensAllStrings() {
        StringTension string =
                StringTension.of(Tuning.STANDARD, new ConcertPitch(466)).getFirst();
        assertEquals(12, string.percent());
        assertTrue(string.isTight());
    }

    @Test
    void insteadOfTighteningAllStringsGoDownAndACapoMakesUpForIt() {
        TuningAdvice advice =
                TuningAdvice.of(Tuning.parse("E B E G# B E"), 0, 11).orElseThrow();
        assertEquals("D A D F# A D", advice.tuning().notes());
        assertEquals(2, advice.capo());
        assertTrue(TuningAdvice.of(Tuning.parse("D A D G A D"), 0, 11).isEmpty());
    }

    @Test
    void everyCommonTuningIsFoundByItsStrings() {
        for (CommonTuning common : CommonTuning.all()) {
            assertEquals(common, CommonTuning.of(common.tuning()).orElseThrow());
            assertEquals(common.tuning().strings(), common.tuning().usual().strings());
        }
    }

    @Test
    void aGuitarTunedDownSoundsLowerUnderTheSameShapes() {
        Instrument guitar = Instrument.USUAL.withTunedDown(2).withCapo(5);
        assertEquals("D G C F A D", guitar.strings().notes());
        assertEquals(3, guitar.transposition());
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 12})
    void aCapoOffTheNeckIsRefused(int capo) {
        assertThrows(IllegalArgumentException.class, () -> Instrument.USUAL.withCapo(capo));
        assertThrows(IllegalArgumentException.class, () -> Instrument.USUAL.withTunedDown(capo));
    }

    /** Which strings are told to be too tight or too slack on a guitar, from the lowest: {@code =}, {@code +} or {@code -}. */
    private static String judged(String tuning, Guitar guitar) {
        var instrument = new Instrument(Tuning.parse(tuning), 0, 0, ConcertPitch.ISO_16, guitar);
        return StringTension.of(instrument).stream()
                .map(string -> string.isTight() ? "+" : string.isSlack() ? "-" : "=")
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({
        // A guitar that is tuned as it is made is never warned of, whatever its length (common practice).
        "E A D G B E, STEEL_STRINGS, ======",
        "E A D G B E, LONG_SCALE, ======",
        "E A D G B E, SHORT_SCALE, ======",
        "E A D G B E, NYLON_STRINGS, ======",
        "B1 E2 A2 D3 F#3 B3, BARITONE, ======",
        "E2:E3 A2:A3 D3:D4 G3:G4 B3:B3 E4:E4, TWELVE_STRINGS, ======",
        // Mersenne: the tension goes with the square of pitch and length.
        "B1 E2 A2 D3 F#3 B3, STEEL_STRINGS, ------",
        "B1 E2 A2 D3 F#3 B3, AS_TUNED, ======",
        "E A D G B E, BARITONE, ++++++",
        "E B E G# B E, STEEL_STRINGS, =+++==",
        "F A# D# G# C F, STEEL_STRINGS, ++++++",
        "F A# D# G# C F, NYLON_STRINGS, ======",
        "C# F# B E G# C#, STEEL_STRINGS, ======",
        "C F A# D# G C, SHORT_SCALE, ------",
        "C2 G2 C3 E3 G3 C4, STEEL_STRINGS, ------",
    })
    void tensionIsJudgedByTheGuitar(String tuning, Guitar guitar, String wanted) {
        String judged = judged(tuning, guitar);
        if (tuning.startsWith("C2")) assertFalse(judged.contains("+"), judged);
        else assertEquals(wanted, judged);
    }
}
