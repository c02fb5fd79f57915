package tactus.core.music.chord;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.NoteSchool;

/** In German B natural is H, and B flat B (common practice). */
class ChordLettersTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C | G/H | Am; C | G/B | Am",
                "H7 Em x2 | B:3 F; B7 Em x2 | Bb:3 F",
                "[Hm | F#] x2 | H_ B.; [Bm | F#] x2 | B_ Bb.",
                "Hm7/A | C6/9 | B@up; Bm7/A | C6/9 | Bb@up",
                "drei Takte H, einen A; drei Takte B, einen A",
                "N.C. | - | (2/4) D; N.C. | - | (2/4) D",
            })
    void aLineOfChordsIsWrittenWithHAndReadWithIt(String withH, String international) {
        assertEquals(international, ChordLetters.international(withH, NoteSchool.WITH_H));
        assertEquals(withH, ChordLetters.written(international, NoteSchool.WITH_H));
        assertEquals(withH, ChordLetters.written(withH, NoteSchool.INTERNATIONAL));
    }
}
