package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ChordCommandTest extends CommandRun {

    @TempDir
    private Path folder;

    @Test
    void aShapeIsNamedWithReasons() {
        assertEquals(0, run("chord", "x32010"));
        List<String> lines = out.toString().lines().toList();
        assertEquals("x32010  C E G C E  fingers x32010", lines.getFirst());
        assertTrue(lines.get(1).matches("  C +Every note of the name is there; its root lies lowest\\."), lines.get(1));
    }

    @Test
    void aNameFindsItsShapesWithThePartsOfTheScore() {
        assertEquals(0, run("chord", "F"));
        assertTrue(out.toString().startsWith("F  F A C\n"), out.toString());
        assertTrue(out.toString().contains("133211"), out.toString());
        assertTrue(out.toString().contains("barre 6, stretch 67 mm"), out.toString());
    }

    @Test
    void behindACapoTheSoundingChordIsNamed() {
        assertEquals(0, run("chord", "x32010", "--capo", "2", "--json"));
        assertEquals("D", json().path("names").get(0).asString());
        assertEquals("[2,6,9]", json().path("pitchClasses").toString());
        assertEquals("D3", json().path("notes").get(0).asString());
    }

    @Test
    void anotherTuningGivesOtherShapes() {
        assertEquals(0, run("chord", "D", "--tuning", "D-A-D-F#-A-D", "--json"));
        assertEquals("000000", json().path("shapes").get(0).path("frets").asString());
        assertEquals(100, json().path("shapes").get(0).path("ease").asInt());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cmja7|cannot be read from \"ja7\" on; the nearest names are Cmaj7",
                "Hm|write Bm",
                "C/C|write C",
                "Bb/A#|write Bb",
                "''|is empty",
                "x-30-0-0-0-0|a fret must be 0 to 24",
                "x3201|is for 5 strings, the tuning has 6",
                "xxxxxx|no string",
                "N.C.|no chord is played"
            })
    void whatCannotBeReadIsSaidInOneLine(String query, String said) {
        assertEquals(2, run("chord", query));
        assertTrue(err.toString().startsWith("tactus chord: ") && err.toString().contains(said), err.toString());
        assertEquals(1, err.toString().lines().count());
    }

    @ParameterizedTest
    @CsvSource({
        "--capo, -1, must be at fret 0",
        "--capo, 12, must be at fret 0",
        "--tuning, '', names no string",
        "--tuning, E9, sounds C0 to E6",
        "--span, 10, spans 50 to 180 mm",
        "--scale, 10, 300 to 900 mm",
        "--most, 0, takes 1 to 100"
    })
    void anOptionOutOfRangeIsAUsageError(String option, String value, String said) {
        assertEquals(2, run("chord", "C", option, value));
        assertTrue(err.toString().contains(said), err.toString());
    }

    @Test
    void aFingerBehindTheCapoIsRefused() {
        assertEquals(2, run("chord", "x32010", "--capo", "2", "--from-nut"));
        assertTrue(err.toString().contains("behind the capo at 2"), err.toString());
    }

    @Test
    void manyQueriesAreAnsweredLineByLine() {
        var answers =
                new ChordAnswers(Instrument.USUAL, Neck.USUAL, FrettingHand.USUAL, NoteSchool.INTERNATIONAL, false, 12);
        var in = new ByteArrayInputStream("x32010\nAm7\n\nq\n".getBytes(StandardCharsets.UTF_8));
        QueryLines.answer(
                in, new PrintWriter(out, true), line -> answers.answer(line).json());
        List<JsonNode> lines =
                out.toString().lines().map(JsonMapper.shared()::readTree).toList();
        assertEquals(3, lines.size());
        assertEquals("C", lines.get(0).path("names").get(0).asString());
        assertEquals("A", lines.get(1).path("root").asString());
        assertEquals(
                "x02010", lines.get(1).path("shapes").get(0).path("fingers").asString());
        assertEquals("q", lines.get(2).path("query").asString());
        assertTrue(lines.get(2).path("error").asString().contains("A to G"));
    }

    @Test
    void thePlacesOfTheCapoAreCompared() throws IOException {
        Path song = folder.resolve("song.json");
        SongFile.write(DemoSong.LANTERN_WALK.song(), song);
        assertEquals(0, run("capo", song.toString(), "--json"));
        assertEquals(60, json().path("choices").size());
        assertEquals("D", json().path("key").asString());
        JsonNode best = json().path("choices").get(0);
        assertTrue(best.path("ease").asInt()
                >= json().path("choices").get(59).path("ease").asInt());
        assertTrue(json().path("advice")
                .asString()
                .contains("shapes in " + best.path("shapesKey").asString()));
    }

    @Test
    void aSongWithoutChordsHasNoPlan() throws IOException {
        Path song = folder.resolve("empty.json");
        SongFile.write(Song.empty("Empty"), song);
        assertEquals(1, run("capo", song.toString()));
        assertEquals(
                "tactus capo: the song has no chord that can be read",
                err.toString().strip());
    }
}
