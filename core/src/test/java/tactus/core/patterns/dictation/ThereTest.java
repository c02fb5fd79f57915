package tactus.core.patterns.dictation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Placing;

/** Patterns said from those that are there (common practice). */
class ThereTest {

    private static Pattern pattern(String name, String meter, String line) {
        return Pattern.empty(new PatternId(name.toLowerCase(Locale.ROOT).replace(' ', '-')), name, Meter.parse(meter))
                .withLine(line);
    }

    private static String placed(String said, Pattern shown, Pattern... others) {
        var speech = new Speech(English.LEXICON, Manner.UNKNOWN, Optional.of(shown), List.of(others));
        Placing placing = Placing.likeliest(Dictation.heard(said, speech), shown.frame(), Given.NOTHING);
        return placing.pattern(placing.best().getFirst(), shown).line();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "the same; d-du-udu",
                "same pattern; d-du-udu",
                "as before; d-du-udu",
                "the same but the last one muted; d-du-udx",
                "same but the last one down, let ring; d-du-ud=",
                "same pattern but end with a mute; d-du-udx",
                "the same, without the last; d-du-ud-",
                "same pattern, twice as fast; d-du-udud-du-udu",
                "The same, but ending on two downs; d-du-udd"
            })
    void thePatternThatIsShownIsMeantByTheSame(String said, String line) {
        assertEquals(line.strip(), placed(said, pattern("March", "4/4", "d-du-udu")));
    }

    @ParameterizedTest
    @CsvSource({"one up instead of two, 1", "three ups instead of two, 3", "same but three ups instead of two, 3"})
    void aRunOfStrokesIsAnotherOne(String said, int ups) {
        String line = placed(said, pattern("March", "4/4", "d-du-ud-"));
        assertEquals(ups, line.chars().filter(stroke -> stroke == 'u').count(), line);
        assertEquals(3, line.chars().filter(stroke -> stroke == 'd').count(), line);
    }

    @Test
    void whatIsNotThereIsNotTakenFromIt() {
        Pattern march = pattern("March", "4/4", "d-du-udu");
        assertThrows(NotationException.class, () -> placed("five ups instead of four", march));
        assertThrows(NotationException.class, () -> English.dictation("the same but the last one muted"));
        assertThrows(NotationException.class, () -> placed("the same", pattern("Empty", "4/4", "--------")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "the second half of March, then two downs; -udud-d-",
                "the first half of March, then two downs; d-dud-d-",
                "like March; d-du-udu",
                "The pattern march; d-du-udu",
                "as in Slow March; d---d---"
            })
    void aPatternIsCalledByItsName(String said, String line) {
        Pattern shown = pattern("New", "4/4", "dddddddd".replace("d", "-"));
        assertEquals(
                line.strip(),
                placed(said, shown, pattern("March", "4/4", "d-du-udu"), pattern("Slow March", "4/4", "d---d---")));
    }

    @Test
    void inSixEightAndOverTwoBarsTheSameStaysWhereItIs() {
        assertEquals(
                "d-ud-x",
                placed("the same but the last one muted", pattern("Sway", "6/8", "d-ud-u"))
                        .replace("(ux)", "x"));
        Pattern long2 = Pattern.empty(
                        new PatternId("l"),
                        "Long",
                        PatternFrame.of(Meter.parse("4/4")).withBeats(8))
                .withLine("d-du-udud---d---");
        assertEquals("d-du-udud---d---", placed("same again", long2));
        assertFalse(placed("same but the last one muted", long2).equals(long2.line()));
    }
}
