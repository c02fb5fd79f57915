package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.PatternFrame;

class ComparisonTest {

    private static Comparison compare(String first, String second) {
        return Comparison.of(English.dictation(first), English.dictation(second), PatternFrame.of(Meter.parse("4/4")));
    }

    @ParameterizedTest
    @CsvSource({
        "D D U U D U, D D U U D U, []",
        "D D U U D U, D U U U D U, '[stroke 2 is down in the first, up in the second]'",
        "D D U U D U, D D U D U, '[the first has one more: up as stroke 4]'",
        "D D U, D D U D, '[the second has one more: down as stroke 4]'"
    })
    void whereTwoSayingsDifferIsSaidStrokeByStroke(String first, String second, String differences) {
        assertEquals(
                differences,
                compare(first, second).differences().stream()
                        .map(English::say)
                        .toList()
                        .toString());
    }

    @Test
    void theOneThatCannotBePlayedLoses() {
        assertEquals(
                "Only the first can be played in these beats.",
                English.say(compare("D D U U D U", "D U U U U U").verdict()));
        assertEquals(
                "Both can be played; the first is likelier: its strokes lie more on the beats.",
                English.say(compare("D D D D", "D U U U").verdict()));
    }

    @Test
    void ofStrokesThatOnlyAFrameNumbersNothingIsClaimed() {
        assertTrue(compare("all downs", "D D D D").differences().isEmpty());
        assertTrue(compare("D D D D", "all downs in eighths").differences().isEmpty());
    }
}
