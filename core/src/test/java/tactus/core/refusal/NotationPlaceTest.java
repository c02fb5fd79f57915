package tactus.core.refusal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.pattern.FingerMove;
import tactus.core.pitch.Key;
import tactus.core.section.Stretch;
import tactus.core.shape.StringRange;
import tactus.core.time.Feel;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/** What cannot be read is refused where reading stops making sense: behind the longest beginning that could be right. */
class NotationPlaceTest {

    private static final Map<String, Consumer<String>> READERS = Map.of(
            "meter", Meter::parse,
            "length", Length::parse,
            "key", Key::parse,
            "feel", Feel::parse,
            "move", FingerMove::parse,
            "strings", StringRange::parse,
            "stretch", Stretch::ofCode);

    @ParameterizedTest
    @CsvSource({
        "meter, 4/x, 2",
        "meter, 4, 1",
        "meter, 4/4 time, 3",
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
        "stretch, verse, 0"
    })
    void theIndexIsWhereReadingStops(String notation, String text, int index) {
        var wrong = assertThrows(
                NotationException.class, () -> READERS.get(notation).accept(text));
        assertEquals(index, wrong.index(), wrong.reason().code());
    }
}
