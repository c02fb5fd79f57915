package tactus.core.patterns.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;

/** A teacher's own words go with a cell, whatever pattern it comes in. */
class CellWordsTest {

    private static Pattern pattern(String meter, String line) {
        return Pattern.empty(new PatternId("p"), "P", Meter.parse(meter)).withLine(line);
    }

    @ParameterizedTest
    @CsvSource({
        "4/4, d-dud-du, hot cof-fee, hot cof-fee",
        "4/4, d-dud-du, '  hot   tea now ', hot tea now",
        "4/4, d-d-d-d-, tea, tea",
        "4/4, d-du-udu, I want to go home now, I want to go home now",
        "3/4, d-dudu, tea for you two, ''",
        "4/4, d-dud-du, hot coffee, ''",
        "4/4, d-dud-du, hot - cof - fee now, ''"
    })
    void wordsHaveASyllableForEveryStroke(String meter, String line, String words, String kept) {
        Pattern pattern = pattern(meter, line);
        if (kept.isEmpty()) assertThrows(Refusal.class, () -> CellWords.of(pattern, words));
        else assertEquals(kept, CellWords.of(pattern, words).words());
    }

    @Test
    void aCellHasItsWordsInEveryPatternAndNoOther() {
        CellWords own = CellWords.of(pattern("4/4", "d-dud-du"), "hot tea now");
        List<CellWords> all = List.of(own);
        assertEquals(own, CellWords.of(pattern("2/4", "d-du"), all).orElse(null));
        assertEquals(own, CellWords.of(pattern("4/4", "d-dud-dud-dud-du"), all).orElse(null));
        assertEquals(true, CellWords.of(pattern("4/4", "dudududu"), all).isEmpty());
    }
}
