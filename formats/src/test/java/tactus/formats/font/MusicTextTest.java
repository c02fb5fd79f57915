package tactus.formats.font;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Length;

class MusicTextTest {

    @ParameterizedTest
    @CsvSource({"Bb, B♭", "F#m7b5, F♯m7b5", "Ab/Bb, A♭/B♭", "sub, sub", "Dbm, D♭m"})
    void accidentalsAreWrittenWithTheirSigns(String name, String signs) {
        assertEquals(signs, MusicText.signs(name));
    }

    @Test
    void theFontChangesWhereASignBegins() {
        assertEquals(
                List.of(
                        new MusicText.Run("B", false),
                        new MusicText.Run("♭", true),
                        new MusicText.Run("m ", false),
                        new MusicText.Run(MusicText.note(Length.QUARTER), true)),
                MusicText.runs("B♭m ♩"));
    }
}
