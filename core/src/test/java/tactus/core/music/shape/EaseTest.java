package tactus.core.music.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.StandIn;

/**
 * The order in which methods bring shapes, in four groups (common practice): one or two fingers with open strings; three; four, and
 * small barres; full barres. Within a group nobody agrees, between two of them teachers do.
 */
class EaseTest {

    private static final List<List<String>> GROUPS = List.of(
            List.of(
                    "022000", "020100", "x02020", "x02200", "x02010", "xx0003", "xxx003", "xxx010", "020000", "x02000",
                    "320000", "xx0012", "xx0001", "x00010"),
            List.of(
                    "022100", "x02210", "x02220", "xx0232", "xx0231", "x32010", "320003", "320001", "xx0212", "xx3210",
                    "x02230", "xx0211", "x32000", "022200", "xx0233", "x20033", "021000", "x32030"),
            List.of("x21202", "x32310", "200232", "320033", "xx3211", "xx4222", "xx5333", "x30033", "x02413", "103211"),
            List.of(
                    "133211", "133111", "244222", "244322", "355333", "355433", "466444", "577655", "799777", "x13331",
                    "x13321", "x24432", "x24442", "x35543", "x35553", "x46654", "x57765", "x68886"));

    private static Effort effort(String shape) {
        return Grip.of(Voicing.parse(shape), Neck.USUAL, FrettingHand.USUAL)
                .or(() -> Grip.of(Voicing.parse(shape), Neck.USUAL, FrettingHand.LARGEST))
                .orElseThrow()
                .effort(Neck.USUAL, FrettingHand.USUAL);
    }

    @Test
    void sixtyShapesAreOrderedAsTeachersWould() {
        var wrong = new ArrayList<String>();
        int pairs = 0;
        for (int easy = 0; easy < GROUPS.size(); easy++)
            for (int hard = easy + 1; hard < GROUPS.size(); hard++)
                for (String one : GROUPS.get(easy))
                    for (String other : GROUPS.get(hard)) {
                        pairs++;
                        if (effort(one).ease() <= effort(other).ease())
                            wrong.add(one + " " + effort(one).ease() + " against " + other + " "
                                    + effort(other).ease());
                    }
        assertEquals(60, GROUPS.stream().mapToInt(List::size).sum());
        assertTrue(wrong.size() * 20 <= pairs, wrong.size() + " of " + pairs + ": " + wrong);
    }

    @ParameterizedTest
    @CsvSource({"Fm, 133111, xxx111", "Gm, 355333, xxx333", "F, 133211, ", "Bm, x24432, ", "Fm7, 131111, "})
    void theHighStringsUnderOneFingerAreAChordWhereNoNoteIsMissing(String name, String barre, String small) {
        assertEquals(
                Optional.ofNullable(small).map(Voicing::parse),
                StandIn.underOneFinger(
                                ChordName.parse(name),
                                Voicing.parse(barre),
                                Tuning.STANDARD,
                                Neck.USUAL,
                                FrettingHand.USUAL)
                        .map(Shape::voicing));
    }

    /** "Barre over 8 strings" was said of 133221, where the second finger lies over two of the first one's six. */
    @ParameterizedTest
    @CsvSource({"133221, 6", "133211, 6", "xx4222, 3", "x24442, 5", "x02220, 0"})
    void aBarreLiesOverNoMoreStringsThanThereAre(String shape, int strings) {
        assertEquals(
                strings,
                effort(shape).parts().stream()
                        .filter(part -> part.kind() == Effort.Kind.BARRE)
                        .mapToInt(Effort.Part::amount)
                        .sum());
    }

    /** One finger over three strings is far easier than a full barre and sounds thinner; both are said. */
    @ParameterizedTest
    @CsvSource({"xxx333, 355333", "xxx111, 133111", "xxx003, 320003", "xxx010, x32010", "xx5333, 355333"})
    void aSmallShapeIsEasierToHoldAndSoundsThinner(String small, String full) {
        assertTrue(
                effort(small).ease() > effort(full).ease(),
                effort(small).ease() + " " + effort(full).ease());
        assertTrue(effort(small).fullness() < effort(full).fullness());
    }

    @Test
    void whatSoundsOnEveryStringIsFullAndAMovedFourFingerShapeIsHarderThanOpenOnes() {
        assertEquals(100, effort("022100").fullness());
        for (String open : GROUPS.get(1))
            assertTrue(effort("x4665x").ease() < effort(open).ease(), open);
    }
}
