package tactus.core.music.pitch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
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

    /** The ranges of choirs (common practice): an alto sings most of what a mezzo does, but not its highest notes. */
    @Test
    void aRangeHasWhateverLiesWithinIt() {
        var alto = VoiceRange.parse("F3-F5");
        assertTrue(alto.has(alto));
        assertTrue(alto.has(VoiceRange.parse("A3-E5")));
        assertFalse(alto.has(VoiceRange.parse("A3-A5")));
        assertFalse(alto.has(VoiceRange.parse("E3-E5")));
    }
}
