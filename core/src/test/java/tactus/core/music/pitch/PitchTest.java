package tactus.core.music.pitch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.Table;

class PitchTest {

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
        assertEquals(hertz, ConcertPitch.ISO_16.frequency(Pitch.parse(name)), 0.005);
    }

    @Test
    void aConcertPitchMovesEveryString() {
        assertEquals(82.41 * 415 / 440, new ConcertPitch(415).frequency(Pitch.parse("E2")), 0.01);
        assertThrows(IllegalArgumentException.class, () -> new ConcertPitch(414.9));
        assertThrows(IllegalArgumentException.class, () -> new ConcertPitch(Double.NaN));
    }

    @ParameterizedTest
    @CsvSource({"F#3, F#3", "Gb3, F#3", "Bb2, Bb2", "A#2, Bb2", "Cb4, B3", "B#3, C4", "e2, E2"})
    void aPitchIsReadInEitherSpelling(String written, String printed) {
        assertEquals(printed, Pitch.parse(written).toString());
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
        assertEquals(-5, Key.parse("Db").fifths());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "H", "Cx", "C minor", "b"})
    void aKeyThatCannotBeReadIsRefused(String text) {
        assertThrows(NotationException.class, () -> Key.parse(text));
    }

    static List<String[]> keys() {
        return Table.rows("keys.tsv");
    }

    /** The chords of every key and their secondary dominants as tonal 6.4.3 spells them; one double sharp we avoid. */
    @ParameterizedTest
    @MethodSource("keys")
    void rootsAreSpelledAsTheKeyHasThem(String key, String sevenths, String triads, String others) {
        String all = String.join(" ", sevenths, triads, others);
        for (String chord : all.split(" ")) {
            NoteName root = NoteName.at(chord, 0, NoteSchool.INTERNATIONAL);
            NoteName spelled = Spelling.BY_KEY.name(root.pitchClass(), Key.parse(key));
            assertEquals(root.alter() == 2 ? root.simplest() : root, spelled, chord + " in " + key);
        }
    }

    @Test
    void aSpellingCanBeForced() {
        Key key = Key.parse("F");
        assertEquals("A#", Spelling.SHARPS.name(10, key).toString());
        assertEquals("Gb", Spelling.FLATS.name(6, Key.parse("E")).toString());
        assertEquals("Bb", Spelling.BY_KEY.name(10, key).toString());
    }

    @Test
    void theSchoolThatSaysHReadsBAsBFlat() {
        assertEquals("B", NoteName.at("H", 0, NoteSchool.WITH_H).toString());
        assertEquals("Bb", NoteName.at("B", 0, NoteSchool.WITH_H).toString());
        assertEquals("H", NoteSchool.WITH_H.written(NoteName.parse("B")));
        assertEquals("B", NoteSchool.WITH_H.written(NoteName.parse("Bb")));
    }

    @Test
    void everyNoteIsReadAsItIsWritten() {
        for (int fifths = -13; fifths <= 17; fifths++) {
            NoteName note = NoteName.ofFifths(fifths);
            assertEquals(note, NoteName.parse(note.toString()));
            assertEquals(note.pitchClass(), note.simplest().pitchClass());
            assertTrue(Arrays.asList(-1, 0, 1).contains(note.simplest().alter()));
        }
    }
}
