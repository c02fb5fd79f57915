package tactus.console;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.records.folder.DataFolder;
import tactus.records.folder.SettingsFile;

/**
 * Files of every kind that were spoilt by chance are read or refused, and no message speaks of the libraries, of Java or of a fault
 * that nobody foresaw.
 */
class MutatedFilesTest extends CommandRun {

    /** Words of libraries, of Java and of SQLite, and what looks like the name of one of their classes. */
    private static final Pattern FOREIGN = Pattern.compile(
            "Exception|SQLITE|SQLite|PCM|\\bjava|jackson|JsonToken|Feature|StreamRead|\\bnull\\b|invalid mark|Buffer|nobody foresaw"
                    + "|org\\.|com\\.|\\bat index|out of bounds|[a-z][A-Z][a-z]+[A-Z]");

    private static final int TIMES = 80;

    @TempDir
    private static Path folder;

    private static Path song;

    @BeforeAll
    static void begin() throws Exception {
        Path data = Files.createDirectories(folder.resolve("data"));
        System.setProperty("tactus.data", data.toString());
        song = folder.resolve("walk.tactus.json");
        SongFile.write(DemoSong.LANTERN_WALK.song(), song);
        new MutatedFilesTest()
                .run(
                        "export",
                        song.toString(),
                        "--to",
                        "midi,musicxml,mxl,wav",
                        "--bars",
                        "1-2",
                        "--out",
                        folder.toString());
        Files.writeString(folder.resolve("walk.taps"), "# taps\n0.5 d\n1.0 u\n1.52 -\n");
        Files.writeString(
                folder.resolve("walk.csv"),
                "student,day,from,to,changes a minute\n\"Mirel, the second\",2026-11-05,C,F,30\nPavo,2026-11-06,G,C,41\n");
    }

    @AfterAll
    static void end() {
        System.clearProperty("tactus.data");
    }

    private Path sample(String ending) throws Exception {
        try (var all = Files.list(folder)) {
            return all.filter(file -> file.toString().endsWith(ending))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no sample of " + ending));
        }
    }

    private String[] command(String ending, Path spoilt) {
        String file = spoilt.toString();
        return switch (ending) {
            case ".tactus.json" -> new String[] {"check", file};
            case ".wav" -> new String[] {"take", song.toString(), "--audio", file};
            case ".taps" -> new String[] {"take", song.toString(), "--taps", file};
            case ".csv" -> new String[] {"log", "import", file};
            case "settings.properties", "logbook.sqlite" -> new String[] {"log", "students"};
            default ->
                new String[] {
                    "import", file, "--out", folder.resolve("o.tactus.json").toString(), "--force"
                };
        };
    }

    @ParameterizedTest
    @CsvSource({
        ".tactus.json, 1",
        ".mid, 2",
        ".musicxml, 3",
        ".mxl, 4",
        ".wav, 5",
        ".taps, 6",
        ".csv, 7",
        "logbook.sqlite, 8"
    })
    void spoiltFilesAreReadOrRefusedInOurOwnWords(String ending, long seed) throws Exception {
        var random = new Random(seed);
        run("log", "students");
        byte[] sound = Files.readAllBytes(
                ending.equals("logbook.sqlite") ? folder.resolve("data").resolve(ending) : sample(ending));
        var foreign = new ArrayList<String>();
        for (int time = 0; time < TIMES; time++) {
            byte[] bytes = spoilt(sound, random);
            Path spoilt = ending.equals("logbook.sqlite")
                    ? folder.resolve("data").resolve(ending)
                    : folder.resolve("spoilt" + ending);
            Files.write(spoilt, bytes);
            out.getBuffer().setLength(0);
            err.getBuffer().setLength(0);
            run(command(ending, spoilt));
            String said = (out + "\n" + err).replace(folder.toString(), "");
            // What stands in the file may be said again, in quotation marks or as the name of a part.
            if (FOREIGN.matcher(said.replaceAll("\"[^\"]*\"", "")).find()) foreign.add("time " + time + ": " + said);
        }
        assertEquals(List.of(), foreign.stream().limit(5).toList());
    }

    /** Bytes are changed, cut out, doubled, put in, or the end is torn off. */
    private static byte[] spoilt(byte[] sound, Random random) {
        byte[] bytes = sound.clone();
        int changes = 1 + random.nextInt(4);
        for (int change = 0; change < changes && bytes.length > 8; change++) {
            int at = random.nextInt(bytes.length);
            int end = Math.min(bytes.length, at + 1 + random.nextInt(40));
            bytes = switch (random.nextInt(6)) {
                case 0 -> Arrays.copyOf(bytes, at);
                case 1 -> joined(Arrays.copyOf(bytes, at), Arrays.copyOfRange(bytes, end, bytes.length));
                case 2 -> joined(Arrays.copyOf(bytes, end), Arrays.copyOfRange(bytes, at, bytes.length));
                case 3 ->
                    joined(
                            joined(Arrays.copyOf(bytes, at), "999999999".getBytes(StandardCharsets.US_ASCII)),
                            Arrays.copyOfRange(bytes, at, bytes.length));
                default -> changed(bytes, at, (byte) random.nextInt(256));
            };
        }
        return bytes;
    }

    private static byte[] changed(byte[] bytes, int at, byte to) {
        byte[] other = bytes.clone();
        other[at] = to;
        return other;
    }

    private static byte[] joined(byte[] one, byte[] other) {
        byte[] both = Arrays.copyOf(one, one.length + other.length);
        System.arraycopy(other, 0, both, one.length, other.length);
        return both;
    }

    @ParameterizedTest
    @ValueSource(strings = {"recent=/songs/a\\u0000b.json", "folders=\\u0000"})
    void aNulInTheSettingsIsNoPath(String line) throws Exception {
        Files.writeString(folder.resolve("data").resolve("settings.properties"), line + "\ndark=true\n");
        var kept = new SettingsFile(new DataFolder(folder.resolve("data"))).readAtFirst();
        assertEquals("true", kept.getProperty("dark"));
        assertEquals(List.of(), SettingsFile.paths(kept, line.substring(0, line.indexOf('='))));
    }
}
