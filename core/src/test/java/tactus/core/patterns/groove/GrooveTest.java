package tactus.core.patterns.groove;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;

class GrooveTest {

    private static final Meter FOUR = Meter.parse("4/4");

    @ParameterizedTest
    @CsvSource({
        "boom chick boom chick, ksks",
        "k h s h k h s h, khshkhsh",
        "(kick hat) hat (snare hat) hat (k h) h (s h) h, (kh)h(sh)h(kh)h(sh)h",
        "boom ts chick ts boom boom chick ts, khshkksh",
        "ks-s, ks-s"
    })
    void drumsAreReadAsTheyAreSpoken(String said, String line) {
        Groove groove = English.groove(said, FOUR, 4);
        assertEquals(line, groove.line());
        assertEquals(groove, English.groove(groove.line(), FOUR, 4));
    }

    /** Kick on 1 and 3, snare on 2 and 4 (common practice). */
    @Test
    void theCommonRockGrooveHasItsBackbeat() {
        Groove rock = CommonGroove.ROCK.groove();
        assertEquals(List.of(Length.ZERO, Length.of(1, 2)), rock.at(Drum.KICK));
        assertEquals(List.of(Length.of(1, 4), Length.of(3, 4)), rock.at(Drum.SNARE));
        for (CommonGroove each : CommonGroove.values()) {
            Groove groove = each.groove();
            assertEquals(groove, English.groove(groove.line(), groove.meter(), groove.beats()));
        }
    }

    @ParameterizedTest
    @CsvSource({"boom crash, 5", "k s k, 5", "(k s, 0", "k) s, 1", "'', 0"})
    void whatNoDrumPlaysIsPointedAt(String said, int index) {
        assertEquals(
                index,
                assertThrows(NotationException.class, () -> English.groove(said, FOUR, 4))
                        .index());
    }

    private static Agreement agreement(String line) {
        Pattern pattern = Pattern.empty(new PatternId("p"), "P", FOUR).withLine(line);
        return Agreement.of(pattern, CommonGroove.ROCK.groove());
    }

    @Test
    void strokesThatAnswerTheSnareAreNamedAndMissingOnesToo() {
        Agreement accented = agreement("d-Du-uDu");
        assertEquals(
                List.of("2", "4"),
                accented.answers().stream()
                        .map(answer -> answer.slot().count().toString())
                        .toList());
        assertEquals(0.75, accented.share());
        assertEquals(List.of("2"), agreement("d---d-d-").unanswered());
        assertEquals(1, agreement("d-x-d-x-").share());
        assertEquals(0, agreement("-u-u-u-u").share());
    }

    @Test
    void aGrooveMakesThreePatternsFromSparseToDense() {
        assertEquals(
                List.of("b-D-b-D-", "d-D-d-D-", "duDuduDu"),
                GroovePatterns.of(CommonGroove.ROCK.groove()).stream()
                        .map(Pattern::line)
                        .toList());
        assertEquals(
                "b-D(ub)b-D-",
                GroovePatterns.of(English.groove("k-skk-s-", FOUR, 4))
                        .getFirst()
                        .line()
                        .replace("Db", "D(ub)"));
    }
}
