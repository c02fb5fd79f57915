package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class SayCommandTest extends CommandRun {

    @Test
    void aPatternIsSaidInWordsCountsAndSyllables() {
        assertEquals(0, run("say", "d-du-udu", "--school", "takadimi"));
        assertEquals(
                """
                words    down, down, up, up, down, up
                counted  1 down, 2 down, & up, (3), & up, 4 down, & up
                counts   ta ta di (ta) di ta di
                aloud    down –, down up, – up, down up
                """, out.toString().lines().limit(4).map(line -> line + "\n").reduce("", String::concat));
    }

    @Test
    void sixEightsIsCountedInBothSchools() {
        run("say", "dududu", "--meter", "6/8", "--school", "beats", "--json");
        JsonNode answer = json();
        assertEquals("1 la li 2 la li", answer.path("counts").asString());
        assertEquals(
                "1 down, 2 up, 3 down, 4 up, 5 down, 6 up",
                answer.path("counted").asString());
        assertTrue(answer.path("explanation").asString().startsWith("The cell du (⅔ beat) comes three times"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "d-jd;4/4;numbers;has no stroke called \"j\"",
                "d(u;4/4;numbers;has a bracket that is not closed",
                "dd;4/4;letters;--school takes numbers, beats or takadimi",
                "dudududud;4/4;numbers;has more strokes than 4 beats have slots"
            })
    void whatCannotBeSaidIsExplained(String line, String meter, String school, String message) {
        assertEquals(TactusCommand.USAGE, run("say", line, "--meter", meter, "--beats", "4", "--school", school));
        assertTrue(err.toString().contains(message), err.toString());
    }
}
