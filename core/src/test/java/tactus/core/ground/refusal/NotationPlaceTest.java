package tactus.core.ground.refusal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.reading.sentence.PlaceWords;
import tactus.core.written.section.Stretch;

/** What cannot be read is refused where reading stops making sense: behind the longest beginning that could be right. */
class NotationPlaceTest {

    private static final Map<String, Consumer<String>> READERS = Map.ofEntries(
            Map.entry("meter", Meter::parse),
            Map.entry("length", Length::parse),
            Map.entry("key", Key::parse),
            Map.entry("feel", Feel::parse),
            Map.entry("move", FingerMove::parse),
            Map.entry("strings", StringRange::parse),
            Map.entry("stretch", Stretch::ofCode),
            Map.entry("pitch", Pitch::parse),
            Map.entry("tuning", Tuning::parse),
            Map.entry("shape", Voicing::parse),
            Map.entry("shape length", new LengthWords(English.LEXICON)::parse),
            Map.entry("bars", new PlaceWords(English.LEXICON)::parse));

    @ParameterizedTest
    @CsvSource({
        "meter, 4/x, 2",
        "meter, 4, 1",
        "meter, 4/4 time, 4",
        "meter, four, 0",
        "length, 3/8x, 3",
        "length, half, 0",
        "key, Fx, 1",
        "key, H, 0",
        "key, Bbmaj, 3",
        "feel, 2:, 2",
        "feel, 2-1, 1",
        "move, 2h, 2",
        "move, 2x3, 1",
        "strings, 4-x, 2",
        "stretch, 5-8-9, 3",
        "stretch, 4., 2",
        "stretch, verse, 0",
        "meter, 4/5, 2",
        "meter, 3 + 3 / 99, 8",
        "meter, 99/4, 0",
        "feel, 1:0, 2",
        "feel, 9:1, 0",
        "move, 0h2, 0",
        "move, 2h99, 2",
        "strings, 4-13, 2",
        "strings, 0-3, 0",
        "pitch, Hx3, 0",
        "pitch, F#, 2",
        "pitch, C99, 1",
        "tuning, E2 A2 D9, 6",
        "tuning, E A D G B E A D G B E A D, 25",
        "shape, x3201y, 5",
        "shape, x-3-99-0, 4",
        "shape, x32010x320100, 13",
        "shape length, 2, 1",
        "shape length, x bars, 0",
        "shape length, 2 bars long, 7",
        "bars, bars 5-, 7",
        "bars, verse, 0"
    })
    void theIndexIsWhereReadingStops(String notation, String text, int index) {
        var wrong = assertThrows(
                NotationException.class, () -> READERS.get(notation).accept(text));
        assertEquals(index, wrong.index(), wrong.reason().code());
    }
}
