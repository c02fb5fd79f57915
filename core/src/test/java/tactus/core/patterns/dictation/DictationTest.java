package tactus.core.patterns.dictation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.English;

class DictationTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "D U U D D U;down up up down down up",
                "dduudu;down down up up down up",
                "Down, down - up;down down miss up",
                "bass, down, treble up;bass down treble up",
                "mute up, x, u;mute up mute up",
                "D (D) U;down miss up",
                "accent down up! soft up;accent down accent up soft up",
                "palm muted down, sweep down;palm down sweep down",
                "strings 4 to 2 down, up;strings 4 to 2 down up",
                "let ring, stop, release, laid;let ring stop release laid",
                "(5 1) 3 2 (4 1) 3 2;pinch 5-1 string 3 string 2 pinch 4-1 string 3 string 2",
                "p i m a;thumb index middle ring finger",
                "T 1 2 3;thumb index middle ring finger",
                "5:3 5:2 5:0;string 5 fret 3 string 5 fret 2 string 5 fret 0",
                "pinch thumb-ring, index;pinch thumb-ring index"
            })
    void strokesAreReadInTheFormsPeopleSayThem(String said, String words) {
        assertEquals(words, English.words(English.dictation(said)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "down down, no, down up;down up",
                "down up, down down, no, down up;down up down up",
                "D D U no D U U;down up up"
            })
    void whatIsTakenBackIsNotCounted(String said, String words) {
        assertEquals(words, English.words(English.dictation(said)));
    }

    @Test
    void numbersThatRiseFromOneAreCountsAndOthersAreStrings() {
        assertEquals("stroke stroke stroke stroke", English.words(English.dictation("1 2 3 4")));
        assertEquals("string 4 string 3 string 2 string 1", English.words(English.dictation("4 3 2 1")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "down sideways up;5",
                "D (U D;2",
                "D U) D;3",
                "(5 3;0",
                "5 3 13;4",
                "(5 5) 3;0",
                "pinch 5-x;0",
                "strings 9 to 0 down;0",
                "'';0",
                ", , ,;0"
            })
    void whatCannotBeReadIsPointedAt(String said, int index) {
        var wrong = assertThrows(NotationException.class, () -> English.dictation(said));
        assertEquals(index, wrong.index());
    }

    @Test
    void fiveHundredStrokesAreRefusedWithTheirNumber() {
        var wrong = assertThrows(NotationException.class, () -> English.dictation("D ".repeat(500)));
        assertTrue(English.of(wrong).contains("says 500 strokes, more than 256"), English.of(wrong));
    }
}
