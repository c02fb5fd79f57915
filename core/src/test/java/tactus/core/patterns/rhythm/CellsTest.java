package tactus.core.patterns.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Division;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Quantity;
import tactus.core.music.time.Tempo;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;

class CellsTest {

    private static Pattern pattern(String meter, int slots, String line) {
        return Pattern.empty(new PatternId("p"), "P", Meter.parse(meter))
                .withDivision(Division.of(slots))
                .withLine(line);
    }

    @ParameterizedTest
    @CsvSource({
        "4/4, 2, d-dud-du, 4, 2, 0, 1",
        "4/4, 2, d-d-d-d-, 2, 4, 0, 1",
        "4/4, 2, d--d--d-, 3, 2, 1/4, 3/4",
        "4/4, 4, d--d--d--d--d-d-, 3, 4, 1/4, 3/4",
        "4/4, 2, d-dud-dud-dududu, 4, 3, 1/2, 3/4",
        "6/8, 3, d-ud-u, 3, 2, 0, 1"
    })
    void theSmallestCellAndItsShareOfTheTimeAreFound(
            String meter, int slots, String line, int cell, int times, String rest, String share) {
        Cells cells = Cells.of(pattern(meter, slots, line)).orElseThrow();
        assertEquals(cell, cells.slots());
        assertEquals(times, cells.times());
        assertEquals(Length.parse(rest), cells.rest());
        assertEquals(Length.parse(share), cells.share());
    }

    @Test
    void whatRepeatsNothingHasNoCell() {
        assertTrue(Cells.of(pattern("4/4", 2, "d-du-u-u")).isEmpty());
        assertTrue(Cells.of(pattern("4/4", 2, "--------")).isEmpty());
    }

    @Test
    void aCellAcrossTheBeatsIsExplainedWithItsSumAndADrillOfItIsWarnedOf() {
        Explanation explanation = Explanation.of(pattern("4/4", 2, "d--d--d-"));
        Quantity beats = Quantity.beats(Length.parse("3/2"));
        Length half = Length.parse("3/2");
        assertEquals(
                List.of(
                        Statement.of(
                                "explain.cut-short",
                                "d--",
                                beats,
                                Quantity.of(Quantity.Unit.TIME, 2),
                                List.of(half, half, Length.WHOLE),
                                75L),
                        Statement.of("explain.spread", Quantity.strokes(3), 8)),
                explanation.made());
        assertEquals(
                Statement.of("practise.wrong-loop", Quantity.beats(Length.of(2)), beats),
                explanation.warning().orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({"d-dud-du, 3", "d-ududu-, 6"})
    void aMnemonicHasASyllableForEachStrokeOfTheCell(String line, int strokes) {
        Pattern pattern = pattern("4/4", 2, line);
        assertEquals(
                strokes,
                Mnemonic.of(pattern, Explanation.of(pattern).cell(), English.LEXICON)
                        .orElseThrow()
                        .syllables()
                        .size());
    }

    @Test
    void whatIsFasterMoreSyncopatedOrAgainstTheHandIsHarder() {
        Tempo tempo = new Tempo(90, Length.QUARTER);
        double downs = Difficulty.of(pattern("4/4", 2, "d-d-d-d-"), tempo).points();
        double usual = Difficulty.of(pattern("4/4", 2, "d-du-udu"), tempo).points();
        double against = Difficulty.of(pattern("4/4", 2, "d-du-ddu"), tempo).points();
        double sixteenths =
                Difficulty.of(pattern("4/4", 4, "dudududududududu"), tempo).points();
        assertTrue(downs < usual && usual < against, downs + " " + usual + " " + against);
        assertTrue(usual < sixteenths, usual + " " + sixteenths);
        assertEquals(1, Difficulty.of(pattern("4/4", 2, "d-d-d-d-"), tempo).level());
    }
}
