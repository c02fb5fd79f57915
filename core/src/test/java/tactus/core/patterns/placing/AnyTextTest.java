package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;

/** Whatever is typed is read, or refused with its place in the text and a sentence; nothing else ever happens. */
class AnyTextTest {

    private static final Meter FOUR = Meter.parse("4/4");
    private static final List<String> PIECES = List.of(
            "down ",
            "up",
            "D",
            "u ",
            "x",
            "(",
            ")",
            "5",
            "51",
            "5:3",
            "13",
            "1 ",
            "2 and ",
            "&",
            "no ",
            ", ",
            "-",
            "pinch ",
            "5-1",
            "strings 4 to 2 ",
            "string 9 ",
            "T",
            "p i m a",
            "q",
            "ring finger ",
            "palm ",
            "muted ",
            "!",
            "'",
            "_",
            "~",
            "\u00e9",
            "\ud83c\udfb8",
            "0",
            "999999999999",
            "boom ",
            "twice ",
            "0 times ",
            "and again ",
            "same again but ",
            "without the last ",
            "hold for two ",
            "rest for 2 ",
            "six downs ",
            "one and four together ",
            "top string ",
            "4th string ",
            "k",
            "(ks)",
            "|",
            "accent ",
            "let ring ",
            "\t",
            "\"");

    private static void tryTexts(Consumer<String> reader) {
        var random = new Random(77);
        int read = 0;
        int refused = 0;
        for (int run = 0; run < 4000; run++) {
            var text = new StringBuilder();
            int pieces = random.nextInt(9);
            for (int i = 0; i < pieces; i++) text.append(PIECES.get(random.nextInt(PIECES.size())));
            try {
                reader.accept(text.toString());
                read++;
            } catch (NotationException wrong) {
                refused++;
                assertTrue(wrong.index() >= 0 && wrong.index() <= text.length(), text + ": " + wrong.index());
                assertFalse(English.of(wrong).isBlank());
            }
        }
        assertTrue(read > 40 && refused > 40, read + " read, " + refused + " refused");
    }

    @Test
    void anyDictationIsReadOrRefusedInItsPlace() {
        tryTexts(text -> {
            Dictation said = English.dictation(text);
            assertFalse(said.strokes().isEmpty());
            Placing.of(said, FOUR, 4, Given.NOTHING);
        });
    }

    @Test
    void anyLineOfStrokesIsReadOrRefusedInItsPlace() {
        Pattern empty = Pattern.empty(new PatternId("p"), "P", FOUR);
        tryTexts(text -> {
            Pattern written = empty.withLine(text);
            assertTrue(written.line().equals(empty.withLine(written.line()).line()), text);
        });
    }

    @Test
    void anyGrooveIsReadOrRefusedInItsPlace() {
        var random = new Random(3);
        List<String> drums = List.of("k", "s", "h", "-", "(kh)", "boom ", "chick ", "(", ")", "crash ", "ks");
        int read = 0;
        for (int run = 0; run < 3000; run++) {
            var text = new StringBuilder();
            for (int i = 0; i < 4 + random.nextInt(5); i++) text.append(drums.get(random.nextInt(drums.size() - 3)));
            if (random.nextInt(4) == 0) text.append(drums.get(7 + random.nextInt(4)));
            try {
                Groove groove = English.groove(text.toString(), FOUR, 4);
                assertTrue(groove.equals(English.groove(groove.line(), FOUR, 4)), text.toString());
                read++;
            } catch (NotationException wrong) {
                assertTrue(wrong.index() >= 0 && wrong.index() <= text.length());
            }
        }
        assertTrue(read > 100, read + " read");
    }

    @Test
    void aQueryWithMorePartsNeverFindsMore() {
        var random = new Random(5);
        int narrowed = 0;
        List<String> words =
                List.of("has a miss on ", "3", "starts with ", "bass", "fits in ", "two beats", ", ", "6/8", "((", "*");
        for (int run = 0; run < 1000; run++) {
            var text = new StringBuilder();
            for (int i = 0; i < random.nextInt(7); i++) text.append(words.get(random.nextInt(words.size())));
            var found = English.found(text.toString());
            assertTrue(English.found("").containsAll(found), text.toString());
            var both = English.found(text + ", has a miss on 3");
            assertTrue(found.containsAll(both), text.toString());
            assertTrue(English.found("has a miss on 3").containsAll(both), text.toString());
            if (both.size() < found.size()) narrowed++;
        }
        assertTrue(narrowed > 50, narrowed + " narrowed");
    }
}
