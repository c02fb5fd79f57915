package tactus.core.music.pitch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;

class VoiceRangeTest {

    @ParameterizedTest
    @CsvSource({"A3-E5, A3-E5", "a3 – e5, A3-E5", "G3 C5, G3-C5", "Bb2-F#4, Bb2-F#4", "C4-C4, C4-C4"})
    void aRangeIsItsLowestAndItsHighestNote(String typed, String range) {
        assertEquals(range, VoiceRange.parse(typed).toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "A3", "E5-A3", "A3-H5", "A-E", "A3-E5-G5", "A3--E5"})
    void whatIsNoRangeIsRefused(String typed) {
        assertThrows(Refusal.class, () -> VoiceRange.parse(typed));
    }
}
