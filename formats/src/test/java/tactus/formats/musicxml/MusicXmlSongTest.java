package tactus.formats.musicxml;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.util.Marshalling;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Stop;
import tactus.core.music.time.Length;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.SongsByChance;
import tactus.formats.demo.DemoSong;

/**
 * What is written against the schema that proxymusic ships (the one of W3C MusicXML 4.0, loosened in eight places for its binding,
 * so that these eight are not checked here), and read back by that library.
 */
class MusicXmlSongTest {

    private static Schema schema;

    @TempDir
    private Path folder;

    @BeforeAll
    static void readSchema() throws Exception {
        var factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
        // What the schema imports is not fetched: an empty stand-in has all that is used of it.
        factory.setResourceResolver((type, namespace, publicId, systemId, base) -> new StandIn(namespace));
        try (InputStream in = Marshalling.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")) {
            schema = factory.newSchema(new StreamSource(in));
        }
    }

    static Stream<Song> songs() throws IOException {
        var songs = new ArrayList<Song>();
        for (DemoSong demo : DemoSong.values()) songs.add(demo.song());
        Song sample = SampleSong.song();
        songs.add(sample.withVersions(sample.versions().withShown(Optional.empty())));
        return Stream.concat(songs.stream(), SongsByChance.of(songs, 25));
    }

    private ScorePartwise written(Song song, Timeline timeline) throws Exception {
        Path file = folder.resolve("song.musicxml");
        Files.deleteIfExists(file);
        MusicXmlSong.write(song, timeline, file);
        String text = withoutDoctype(Files.readString(file));
        schema.newValidator().validate(new StreamSource(new StringReader(text)));
        return read(text);
    }

    /** A reader would fetch what the document type names. */
    private static String withoutDoctype(String text) {
        return text.replaceFirst("<!DOCTYPE[^>]*>", "");
    }

    private static ScorePartwise read(String text) throws Exception {
        return (ScorePartwise) Marshalling.unmarshal(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @ParameterizedTest
    @MethodSource("songs")
    void keepsToTheSchemaEveryBarIsFullAndTheTablatureHasWhatIsStruck(Song song) throws Exception {
        Timeline timeline = Timeline.of(song);
        ScorePartwise score = written(song, timeline);
        assertEquals(timeline.parts().isForTwo() ? 2 : 1, score.getPart().size());
        for (ScorePartwise.Part part : score.getPart()) {
            assertEquals(timeline.bars().size(), part.getMeasure().size());
            int divisions = divisions(part);
            for (int bar = 0; bar < part.getMeasure().size(); bar++) {
                TimelineBar wanted = timeline.bars().get(bar);
                ScorePartwise.Part.Measure measure = part.getMeasure().get(bar);
                assertEquals(Integer.toString(wanted.number()), measure.getNumber());
                Length whole = wanted.meter().length();
                assertEquals(List.of(whole, whole), staves(measure, divisions), "bar " + wanted.number());
            }
        }
        checkTablature(timeline, timeline.strokes(), score.getPart().getFirst());
        checkTablature(timeline, timeline.parts().second(), score.getPart().getLast());
    }

    private static int divisions(ScorePartwise.Part part) {
        return part.getMeasure().getFirst().getNoteOrBackupOrForward().stream()
                .filter(org.audiveris.proxymusic.Attributes.class::isInstance)
                .map(each -> ((org.audiveris.proxymusic.Attributes) each)
                        .getDivisions()
                        .intValue())
                .findFirst()
                .orElseThrow();
    }

    /** How long the notes of each staff last together. */
    private static List<Length> staves(ScorePartwise.Part.Measure measure, int divisions) {
        Length first = Length.ZERO;
        Length second = Length.ZERO;
        boolean back = false;
        for (Object each : measure.getNoteOrBackupOrForward()) {
            if (each instanceof Backup) back = true;
            if (!(each instanceof Note note) || note.getChord() != null) continue;
            Length length = Length.of(note.getDuration().longValue(), 4L * divisions);
            if (back) second = second.plus(length);
            else first = first.plus(length);
        }
        return List.of(first, second);
    }

    /** The tablature has the notes that are struck, each where it is. */
    private static void checkTablature(Timeline timeline, List<TimelineStroke> strokes, ScorePartwise.Part part) {
        if (strokes.isEmpty()) return;
        int divisions = divisions(part);
        var struck = new ArrayList<String>();
        for (int bar = 0; bar < part.getMeasure().size(); bar++) {
            addStruck(part.getMeasure().get(bar), timeline.bars().get(bar), divisions, struck);
        }
        List<String> wanted = strokes.stream()
                .filter(stroke -> !(stroke.stroke() instanceof Stop))
                .flatMap(stroke -> strings(stroke)
                        .map(string -> stroke.start() + " " + string.string() + " "
                                + string.pitch().number()))
                .sorted()
                .toList();
        assertEquals(wanted, struck.stream().sorted().toList());
    }

    private static Stream<StruckString> strings(TimelineStroke stroke) {
        return Stream.concat(stroke.strings().stream(), stroke.sound().slurred().stream());
    }

    /** Each note that is not tied to the one before: where it begins, its string, and the pitch as it is written. */
    private static void addStruck(
            ScorePartwise.Part.Measure measure, TimelineBar bar, int divisions, List<String> struck) {
        boolean back = false;
        Length at = bar.start();
        Length last = at;
        for (Object each : measure.getNoteOrBackupOrForward()) {
            if (each instanceof Backup) {
                back = true;
                at = bar.start();
            }
            if (!back || !(each instanceof Note note)) continue;
            Length from = note.getChord() != null ? last : at;
            last = from;
            if (note.getChord() == null)
                at = at.plus(Length.of(note.getDuration().longValue(), 4L * divisions));
            boolean tied =
                    note.getTie().stream().anyMatch(tie -> tie.getType().value().equals("stop"));
            if (note.getPitch() == null || tied) continue;
            int step = List.of(0, 2, 4, 5, 7, 9, 11)
                    .get("CDEFGAB".indexOf(note.getPitch().getStep().value()));
            int alter = note.getPitch().getAlter() == null
                    ? 0
                    : note.getPitch().getAlter().intValue();
            int pitch = 12 * (note.getPitch().getOctave() + 1) + step + alter;
            struck.add(from + " " + string(note) + " " + pitch);
        }
    }

    private static int string(Note note) {
        return note.getNotations().stream()
                .flatMap(each -> each.getTiedOrSlurOrTuplet().stream())
                .filter(org.audiveris.proxymusic.Technical.class::isInstance)
                .flatMap(each -> ((org.audiveris.proxymusic.Technical) each).getUpBowOrDownBowOrHarmonic().stream())
                .map(element -> element.getValue())
                .filter(org.audiveris.proxymusic.String.class::isInstance)
                .map(each -> ((org.audiveris.proxymusic.String) each).getValue().intValue())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void chordsCapoWordsAndTempoStandInIt() throws Exception {
        Song rain = songs().filter(song -> song.facts().title().startsWith("Rain"))
                .findFirst()
                .orElseThrow();
        Path file = folder.resolve("rain.musicxml");
        MusicXmlSong.write(rain, Timeline.of(rain), file);
        String text = Files.readString(file);
        for (String wanted : List.of(
                "<work-title>Rain on the Boathouse</work-title>",
                "<capo>",
                "<frame-strings>6</frame-strings>",
                "<kind text=\"m\">minor</kind>",
                "<rehearsal>",
                "<text>rain",
                "<down-bow/>",
                "<accent/>",
                "<words>slowing to 40</words>",
                "<beat-unit-dot/>",
                "<dynamics>")) {
            assertTrue(text.contains(wanted), wanted);
        }
    }

    @Test
    void theCompressedFileHasTheDocumentThatItsContainerNames() throws Exception {
        Song song = SampleSong.song();
        Path file = folder.resolve("song.mxl");
        MusicXmlSong.writeCompressed(song, Timeline.of(song), file);
        try (var zip = new ZipFile(file.toFile())) {
            String container = new String(
                    zip.getInputStream(zip.getEntry("META-INF/container.xml")).readAllBytes());
            assertTrue(container.contains("full-path=\"score.musicxml\""));
            String text = new String(
                    zip.getInputStream(zip.getEntry("score.musicxml")).readAllBytes(), StandardCharsets.UTF_8);
            assertEquals(
                    Timeline.of(song).bars().size(),
                    read(withoutDoctype(text)).getPart().getFirst().getMeasure().size());
        }
    }

    @Test
    void signsThatXmlHasNoWayToWriteAreLeftOut() throws Exception {
        Song song = SampleSong.song();
        Song odd = song.withFacts(song.facts().withTitle("A <b> & \"c\" \u706f"));
        assertEquals(
                "A <b> & \"c\" \u706f", written(odd, Timeline.of(odd)).getWork().getWorkTitle());
    }
}
