package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlaceCommandTest extends CommandRun {

    private static List<String> texts(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void theNumberOfPlacementsAndTheBestCountsArePrinted() {
        assertEquals(0, run("place", "D U U D D U", "--meter", "4/4", "--beats", "4", "--hand", "eighths"));
        assertTrue(
                out.toString().startsWith("1 placement, the hand moving in 1/8\n  1 1& 2& 3 4 4&   "), out.toString());
    }

    @Test
    void jsonHasTheCountsTheReasonsAndTheQuestion() {
        assertEquals(0, run("place", "D U D D", "--json"));
        assertEquals(4, json().path("count").asInt());
        assertEquals(4, json().path("best").size());
        assertEquals(4, json().path("best").get(0).path("counts").size());
        assertFalse(json().path("best").get(0).path("reasons").isEmpty());
        assertTrue(json().path("question").asString().startsWith("is the "));
        assertTrue(json().path("problem").isNull());
        assertTrue(json().path("mends").isEmpty());
    }

    @Test
    void aCountThatIsStruckNarrowsThePlacements() {
        run("place", "D U D D", "--count", "2&", "--json");
        assertEquals(1, json().path("count").asInt());
        assertEquals(
                List.of("1", "2&", "3", "4"), texts(json().path("best").get(0).path("counts")));
    }

    @Test
    void whatCannotBePlayedHasAProblemAndMends() {
        assertEquals(TactusCommand.FOUND, run("place", "U D U D", "--hand", "eighths", "--json"));
        assertEquals(0, json().path("count").asInt());
        assertTrue(json().path("problem").asString().startsWith("stroke 1 (up) has no slot"));
        assertEquals(
                "swap strokes 1 and 2: down up", texts(json().path("mends")).getFirst());
    }

    @Test
    void aQueryALineIsAnsweredByALineOfJsonEach() {
        InputStream before = System.in;
        try {
            System.setIn(
                    new ByteArrayInputStream("D D U\n\ndown sideways\nsideways\n".getBytes(StandardCharsets.UTF_8)));
            assertEquals(0, run("place", "-"));
        } finally {
            System.setIn(before);
        }
        List<JsonNode> lines =
                out.toString().lines().map(JsonMapper.shared()::readTree).toList();
        assertEquals(3, lines.size());
        assertEquals("D D U", lines.get(0).path("query").asString());
        assertEquals(List.of("sideways"), texts(lines.get(1).path("unread")));
        assertTrue(lines.get(2).path("error").asString().contains("sideways"));
    }

    /** A script sees by the exit code that a word was left out, a person by the words. */
    @Test
    void aWordThatSaysNothingIsNamedAndTheRestStands() {
        assertEquals(TactusCommand.FOUND, run("place", "D U Z"));
        assertTrue(out.toString().contains("“Z” says nothing of a pattern and is left out"), out.toString());
        assertTrue(out.toString().contains(" placements, the hand moving in 1/8"), out.toString());
    }

    @Test
    void whatWasAnsweredOfHowPatternsAreSaidHolds() {
        run("place", "D-DU", "--json");
        assertTrue(json().path("question").asString().contains("does it only join?"));
        out.getBuffer().setLength(0);
        assertEquals(TactusCommand.FINE, run("place", "D-DU", "--manner", "hyphen=second", "--json"));
        assertTrue(texts(json().path("remarks")).toString().contains("a hyphen only joins"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Z;4/4;4;eighths;has \"Z\", which is no stroke",
                "D U;4/x;4;eighths;is not a meter",
                "D U;4/4;0;eighths;has 1 to 32 beats",
                "D U;4/4;4;fast;--hand takes quarters",
                "D U;7/8;3;quarters;does not come out even",
                "(D U;4/4;4;eighths;has a bracket that is not closed"
            })
    void whatCannotBeReadIsSaid(String said, String meter, String beats, String hand, String message) {
        assertEquals(TactusCommand.USAGE, run("place", said, "--meter", meter, "--beats", beats, "--hand", hand));
        assertTrue(err.toString().contains(message), err.toString());
        assertEquals("", out.toString());
    }
}
