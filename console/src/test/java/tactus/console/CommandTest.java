package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.written.section.Use;
import tactus.core.written.song.InVersion;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CommandTest extends CommandRun {

    @TempDir
    private Path folder;

    private String song;

    @BeforeEach
    void saveADemoSong() throws IOException {
        Path file = folder.resolve("waltz.tactus.json");
        SongFile.write(DemoSong.LAST_CHAIR_WALTZ.song(), file);
        song = file.toString();
    }

    @Test
    void checkPrintsEverySnagAndSaysSoByItsStatus() {
        assertEquals(1, run("check", song));
        assertEquals(2, out.toString().lines().count());
        assertTrue(
                out.toString().contains("Lights out: the chords last 22 beats, the 8 bars hold 24: 2 beats have no"));
    }

    @Test
    void checkAsJsonHasPlaceSentenceAndNumbers() {
        assertEquals(1, run("check", "--json", song));
        JsonNode tree = JsonMapper.shared().readTree(out.toString());
        assertEquals("Last Chair Waltz", tree.path("song").asString());
        JsonNode first = tree.path("snags").get(0);
        assertEquals("spans-do-not-fill-bars", first.path("kind").asString());
        assertEquals("lights-out", first.path("section").asString());
        assertEquals("22", first.path("numbers").path("beats of the chords").asString());
    }

    /** F comes first in bar 4 of the intro, its fourth chord, and in bar 5 of the verse, its fourth too. */
    @Test
    void theBarOfASnagIsTheOneInWhichItsChordBegins() throws IOException {
        Path file = folder.resolve("without.json");
        SongFile.write(DemoSong.LANTERN_WALK.song().withoutChord("F"), file);
        run("check", "--json", file.toString());
        var bars = new TreeMap<String, Integer>();
        for (JsonNode snag : JsonMapper.shared().readTree(out.toString()).path("snags"))
            if (snag.path("kind").asString().equals("chord-without-shape"))
                bars.put(snag.path("section").asString(), snag.path("bar").asInt());
        assertEquals(4, bars.get("intro"), bars.toString());
        assertEquals(5, bars.get("verse"), bars.toString());
    }

    @Test
    void aSongWithoutSnagsIsFine() throws IOException {
        Path file = folder.resolve("one.json");
        Song lesson = DemoSong.LANTERN_WALK.song();
        Song demo =
                lesson.withLesson(LessonNotes.EMPTY).withFacts(lesson.facts().withRecording(Optional.empty()));
        SongFile.write(demo.withOrder(demo.order().subList(0, 2)), file);
        assertEquals(0, run("check", file.toString()));
        assertEquals("Lantern Walk: no snags", out.toString().strip());
    }

    @Test
    void exportWritesEveryKindAskedFor() {
        Path target = folder.resolve("new/folder");
        assertEquals(
                0, run("export", song, "--to", "pdf,midi,wav,png,musicxml,mxl", "--out", target.toString(), "--json"));
        JsonNode written = JsonMapper.shared().readTree(out.toString()).path("written");
        for (JsonNode path : written) assertTrue(Files.isRegularFile(Path.of(path.asString())), path.asString());
        for (String ending : List.of("pdf", "mid", "wav", "png", "musicxml", "mxl")) {
            assertTrue(Files.exists(target.resolve("last-chair-waltz." + ending)), ending);
        }
    }

    @Test
    void exportWritesOverNothingUnlessItIsTold() throws IOException {
        String target = folder.resolve("once").toString();
        assertEquals(0, run("export", song, "--to", "csv", "--out", target));
        Path file = Path.of(target, "last-chair-waltz.csv");
        Files.writeString(file, "mine");
        assertEquals(1, run("export", song, "--to", "csv", "--out", target));
        assertEquals("mine", Files.readString(file));
        assertTrue(err.toString().contains("--force"), err.toString());
        assertEquals(0, run("export", song, "--to", "csv", "--out", target, "--force"));
        assertTrue(Files.readString(file).startsWith("song bar,"));
    }

    @Test
    void exportOfAVersionThatIsNotThereNamesThoseThatAre() {
        assertEquals(2, run("export", song, "--to", "csv", "--version", "Nothing", "--out", folder.toString()));
        assertTrue(err.toString().contains("there is no version \"Nothing\""), err.toString());
        assertEquals(0, run("export", song, "--to", "csv", "--version", "full", "--out", folder.toString()));
    }

    @Test
    void anUnknownKindIsAUsageError() {
        assertEquals(2, run("export", song, "--to", "mp9"));
        assertEquals(
                "tactus export: --to takes pdf, png, svg, mid, musicxml, mxl, txt, csv, snags, wav, not \"mp9\"",
                err.toString().strip());
    }

    @Test
    void missingArgumentsAndUnknownOptionsAreUsageErrors() {
        assertEquals(2, run("export"));
        assertEquals(2, run("check"));
        assertEquals(2, run("check", song, "--colour"));
        assertTrue(err.toString().contains("tactus check: \"--colour\" is not understood"), err::toString);
        assertEquals(2, run("take", song));
        assertTrue(err.toString().contains("tactus take: --taps, --audio is missing"), err::toString);
        assertEquals(2, run("take", song, "--taps", "a", "--audio", "b"));
        assertTrue(err.toString().contains("tactus take: these options do not go together"), err::toString);
    }

    @Test
    void aFileThatIsNoSongIsToldInOneLine() throws IOException {
        Path junk = Files.writeString(folder.resolve("junk.json"), "{\"format\": \"tactus-song\", \"ver");
        assertEquals(2, run("check", junk.toString()));
        assertTrue(err.toString().startsWith("tactus check: junk.json, line 1, column"), err.toString());
        assertEquals(1, err.toString().lines().count());
        assertEquals(2, run("check", folder.resolve("none.json").toString()));
    }

    @Test
    void whatCouldNotBeReadIsToldAndTheRestChecked() throws IOException {
        Path file = Path.of(song);
        Files.writeString(file, Files.readString(file).replace("\"capo\": 3", "\"capo\": 99"));
        assertEquals(1, run("check", song));
        assertTrue(out.toString().startsWith("waltz.tactus.json, capo: the capo must be"), out.toString());
    }

    @Test
    void aTargetThatIsNoFolderIsSaidPlainly() throws IOException {
        Path blocked = Files.writeString(folder.resolve("blocked"), "a file");
        assertEquals(1, run("export", song, "--to", "midi", "--out", blocked.toString()));
        assertTrue(err.toString().startsWith("tactus export: " + blocked), err.toString());
    }

    @Test
    void withoutACommandTheWindowOpensWithWhatWasNamed() {
        assertEquals(0, run("--demo"));
        assertEquals(0, run(song));
        assertEquals(List.of("--demo", song), windows);
    }

    @Test
    void aWordThatIsNoCommandAndNoFileIsAUsageError() {
        assertEquals(2, run("frobnicate"));
        assertEquals(
                "tactus: there is no command and no file called \"frobnicate\"",
                err.toString().strip());
    }

    @Test
    void helpListsTheCommands() {
        assertEquals(0, run("--help"));
        assertTrue(out.toString().contains("Print the snags of a song"), out::toString);
        assertEquals(2, run("log"));
        assertTrue(err.toString().contains("Take in a table that log printed."), err::toString);
    }

    /** A version with fewer bars, another order and another capo than the song. */
    @Test
    void aSongWhoseVersionHasOtherBarsIsCheckedAndWrittenAsItIsShown() throws IOException {
        Song walk = DemoSong.LANTERN_WALK.song();
        Song week = walk.withVersions(walk.versions().withShown(Optional.of("First week")));
        Song made = InVersion.of(
                        week,
                        song -> song.withSection(
                                        song.sections().get(1).id(),
                                        verse -> verse.withBars(verse.bars().subList(0, 2))
                                                .withSpans(verse.spans().subList(0, 1))
                                                .withPasses(1))
                                .withUses(List.of(
                                        song.uses().get(1),
                                        Use.of(
                                                song.freshUseId(),
                                                song.sections().get(4).id())))
                                .withFacts(song.facts()
                                        .withInstrument(
                                                song.facts().instrument().withCapo(4))))
                .written();
        Path file = folder.resolve("week.tactus.json");
        SongFile.write(made, file);
        assertEquals(made, SongFile.read(file).song());
        int found = run("check", file.toString());
        assertTrue(found <= 1, err.toString());
        String target = folder.resolve("week").toString();
        assertEquals(
                0,
                run("export", file.toString(), "--to", "csv,midi,musicxml,mxl,txt,pdf", "--out", target),
                err.toString());
        List<String> rows = Files.readAllLines(Path.of(target, "lantern-walk.csv"));
        assertEquals("6", rows.getLast().split(",")[0], "two bars of the verse and four of the ending");
        assertEquals(0, run("export", file.toString(), "--to", "csv", "--version", "full", "--out", target, "--force"));
        assertEquals(
                "100",
                Files.readAllLines(Path.of(target, "lantern-walk.csv"))
                        .getLast()
                        .split(",")[0]);
        assertEquals(0, run("capo", file.toString()));
    }

    private JsonNode json(String... arguments) {
        out.getBuffer().setLength(0);
        assertEquals(0, run(arguments), err.toString());
        return JsonMapper.shared().readTree(out.toString());
    }

    @Test
    void whatIsExportedAsMusicXmlIsImportedAgainAndNothingIsWrittenOver() {
        Path target = folder.resolve("out");
        json("export", song, "--to", "mxl", "--out", target.toString(), "--json");
        String read = folder.resolve("read.tactus.json").toString();
        String mxl = target.resolve("last-chair-waltz.mxl").toString();
        JsonNode tree = json("import", mxl, "--out", read, "--json");
        assertEquals("Last Chair Waltz", tree.path("title").asString());
        assertTrue(tree.path("sections").asInt() >= 4, tree.toString());
        assertEquals(1, run("import", mxl, "--out", read));
        assertTrue(err.toString().contains("is there already; --force"), err.toString());
        assertEquals(1, run("import", song, "--out", folder.resolve("no.json").toString()));
        assertTrue(err.toString().contains("MusicXML"), err.toString());
    }

    @Test
    void practiseSaysStepsDaysAndLoadWithTheReasonOfEach() {
        JsonNode tree = json("practise", song, "--minutes", "20", "--days", "3", "--changes", "D-G=40", "--json");
        assertEquals(3, tree.path("days").size());
        for (JsonNode step : tree.path("steps"))
            for (String field : List.of("what", "bars", "loopBeats", "from", "to", "rounds", "minutes", "why"))
                assertTrue(step.has(field), step + " has " + field);
        assertTrue(tree.toString().contains("as counted"), "the count of the student is used");
        for (JsonNode load : tree.path("load")) assertTrue(load.path("minutes").asInt() <= 20);
        assertEquals(2, run("practise", song, "--changes", "D,G"));
        assertTrue(err.toString().contains("counts no changes"), err.toString());
        assertEquals(2, run("practise", song, "--days", "0"));
    }

    @Test
    void aTakePlayedExactlyIsFullAndOneThatIsNotSaysWhere() throws IOException {
        Path none = Files.writeString(folder.resolve("none.txt"), "\n# nothing\n");
        JsonNode silent = json("take", song, "--taps", none.toString(), "--bars", "1-8", "--json");
        assertTrue(silent.path("strokes").size() > 10);
        assertEquals(0, silent.path("score").asInt());
        var lines = new StringBuilder();
        for (JsonNode stroke : silent.path("strokes")) {
            assertTrue(stroke.path("missed").asBoolean());
            String way = stroke.path("stroke").asString();
            lines.append(stroke.path("seconds").asDouble())
                    .append(' ')
                    .append(way.equals("down") ? "d" : way.equals("up") ? "u" : "-")
                    .append('\n');
        }
        Path exact = Files.writeString(folder.resolve("exact.txt"), lines);
        JsonNode full = json("take", song, "--taps", exact.toString(), "--bars", "1-8", "--json");
        assertEquals(100, full.path("score").asInt());
        assertEquals("Steady.", full.path("sentence").asString());
        assertEquals(0, full.path("extra").size());
        Files.writeString(exact, "1.5 d\nlate\n");
        assertEquals(2, run("take", song, "--taps", exact.toString()));
        assertTrue(err.toString().contains("line 2, \"late\", is no tap"), err.toString());
        assertEquals(2, run("take", song, "--taps", none.toString(), "--bars", "900"));
        assertEquals(2, run("take", song, "--taps", none.toString(), "--tempo", "fast"));
    }

    /** A recording begins with the first of the bars that are named, slower or not; it was counted from bar 1. */
    @ParameterizedTest
    @CsvSource({"1-4, 100%", "9-16, 100%", "9-16, 75%"})
    void aRecordingOfSomeBarsIsHeldAgainstThoseBars(String bars, String tempo) throws IOException {
        Path walk = folder.resolve("walk.tactus.json");
        SongFile.write(DemoSong.LANTERN_WALK.song(), walk);
        String to = folder.resolve("part").toString();
        assertEquals(
                0,
                run("export", walk.toString(), "--to", "wav", "--bars", bars, "--tempo", tempo, "--out", to),
                err::toString);
        String sound = folder.resolve("part/lantern-walk.wav").toString();
        JsonNode take = json("take", walk.toString(), "--audio", sound, "--bars", bars, "--tempo", tempo, "--json");
        assertTrue(take.path("score").asInt() > 90, take::toString);
        out.getBuffer().setLength(0);
        assertEquals(0, run("take", walk.toString(), "--audio", sound, "--bars", bars, "--tempo", tempo));
        assertFalse(out.toString().contains("{"), out::toString);
    }
}
