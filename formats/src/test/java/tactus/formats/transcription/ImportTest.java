package tactus.formats.transcription;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Strum;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.transcription.Transcription;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.file.FormatException;
import tactus.formats.midi.MidiLook;
import tactus.formats.midi.MidiSong;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.words.Words;

/** MusicXML that comes back as the same bars, chords and strokes, and files that are none. */
class ImportTest {

    @TempDir
    private Path folder;

    private static Song demo(String name) {
        return DemoSong.named(name).song();
    }

    /** Meter, chords with their places, strokes that are struck with their places and ways. */
    private static List<String> bars(Timeline timeline) {
        var bars = new ArrayList<String>();
        for (TimelineBar bar : timeline.bars()) {
            String chords = timeline.spansIn(bar).stream()
                    .filter(span -> !span.start().isLessThan(bar.start()) && !span.goesOn())
                    .map(span -> span.start().minus(bar.start()) + Chord.plainName(span.chord()))
                    .distinct()
                    .collect(Collectors.joining(" "));
            String strokes = timeline.strokesIn(bar.number()).stream()
                    .filter(stroke ->
                            stroke.stroke().isStruck() && !stroke.strings().isEmpty())
                    .map(stroke -> stroke.start().minus(bar.start()) + sign(stroke))
                    .collect(Collectors.joining(" "));
            bars.add(bar.meter() + " | " + chords + " | " + strokes);
        }
        return bars;
    }

    private static String sign(TimelineStroke stroke) {
        return switch (stroke.stroke()) {
            // Over one string nobody hears whether it was a strum.
            case Strum strum when stroke.strings().size() > 1 -> strum.direction() == Direction.DOWN ? "d" : "u";
            case Mute _ -> "x";
            default ->
                stroke.strings().stream()
                        .map(each -> String.valueOf(each.string()))
                        .sorted()
                        .collect(Collectors.joining("+"));
        };
    }

    @ParameterizedTest
    @CsvSource({
        "kettle-for-the-stewards",
        "rain-on-the-boathouse",
        "last-chair-waltz",
        "seven-steps-to-the-pond",
        "lantern-walk"
    })
    void whatTheProgramWroteComesBackAsTheSameBarsChordsAndStrokes(String name) throws IOException {
        Song song = demo(name);
        Timeline before = Timeline.of(song);
        Path file = folder.resolve(name + ".musicxml");
        MusicXmlSong.write(song, before, file);
        Transcription read = Import.read(file);
        Timeline after = Timeline.of(read.song());
        assertEquals(song.facts().title(), read.song().facts().title());
        assertEquals(song.facts().key(), read.song().facts().key());
        assertEquals(song.facts().capo(), read.song().facts().capo());
        assertSameBars(name, before, bars(before), bars(after));
        assertTrue(
                read.song().patterns().size() <= 5 * song.patterns().size(),
                read.song().patterns().size() + " patterns");
    }

    /** As npm's @tonejs/midi 2.0.28 writes a file that it has read: each channel has a track of its own. */
    private static void inTracksOfTheirOwn(Path file) throws Exception {
        Sequence read = MidiSystem.getSequence(file.toFile());
        var written = new Sequence(Sequence.PPQ, read.getResolution());
        for (Track track : read.getTracks()) {
            Map<Integer, List<MidiEvent>> byChannel = new TreeMap<>();
            var about = new ArrayList<MidiEvent>();
            for (int i = 0; i < track.size(); i++) {
                MidiEvent event = track.get(i);
                if (event.getMessage() instanceof ShortMessage played)
                    byChannel
                            .computeIfAbsent(played.getChannel(), _ -> new ArrayList<>())
                            .add(event);
                else about.add(event);
            }
            if (byChannel.isEmpty()) byChannel.put(0, List.of());
            for (List<MidiEvent> events : byChannel.values()) {
                Track own = written.createTrack();
                // The first of them keeps the name.
                if (events == byChannel.values().iterator().next()) about.forEach(own::add);
                events.forEach(own::add);
            }
        }
        MidiSystem.write(written, 1, file.toFile());
    }

    @ParameterizedTest
    @CsvSource({"last-chair-waltz", "seven-steps-to-the-pond", "lantern-walk"})
    void stringsThatHaveTracksOfTheirOwnAreOneGuitar(String name) throws Exception {
        Song song = demo(name);
        Timeline before = Timeline.of(song);
        Path file = folder.resolve(name + ".mid");
        MidiSong.write(song, before, new MidiLook(false, true, true, true), file);
        inTracksOfTheirOwn(file);
        assertSameBars(
                name, before, bars(before), bars(Timeline.of(Import.read(file).song())));
    }

    /** One figure of fingers, on chords whose roots lie on strings 6, 5 and 4: other strings, the same pattern. */
    @ParameterizedTest
    @CsvSource({
        "pimami--, 1",
        "pi(m a)iqi(m a)i, 1",
        "(p a)-i-q-m-, 1",
        "p-i-m-a-, 1",
        "p-q-p-q-, 1",
        "p-(q m)-p-(q i)-, 1",
        "(p m)iqi(p a)iqi, 1"
    })
    void aFigureThatIsPickedOnManyChordsComesBackAsOnePatternOfFingers(String line, int patterns) throws IOException {
        Song song = picked(line, "C | G | Am | F | Em | Dm | D | E");
        Timeline before = Timeline.of(song);
        for (String ending : List.of("musicxml", "mid")) {
            Path file = folder.resolve("picked." + ending);
            if (ending.equals("mid")) MidiSong.write(song, before, new MidiLook(false, false, false, true), file);
            else MusicXmlSong.write(song, before, file);
            Transcription read = Import.read(file);
            assertSameBars(line, before, bars(before), bars(Timeline.of(read.song())));
            assertEquals(
                    patterns,
                    read.song().patterns().size(),
                    ending + ": "
                            + read.song().patterns().stream().map(Pattern::line).toList());
        }
    }

    private static Song picked(String line, String chords) throws IOException {
        Song demo = demo("lantern-walk");
        var meter = demo.facts().meter();
        var section = demo.sections().getFirst();
        var harmony = HarmonyLine.parse(chords, meter, Optional.empty(), Words.lexicon());
        Pattern figure = Pattern.empty(new PatternId("figure"), "Figure", meter).withLine(line);
        Song song = Song.empty("Picked").withFacts(demo.facts().withTitle("Picked"));
        Map<String, String> shapes = Map.of(
                "C", "x32010", "G", "320003", "Am", "x02210", "F", "133211", "Em", "022000", "Dm", "xx0231", "D",
                "xx0232", "E", "022100");
        for (String name : chords.split(" \\| "))
            song = song.withChord(new Chord(name, Voicing.parse(shapes.get(name))));
        var verse = new Section(section.id(), "Verse", harmony.bars(), harmony.spans(), 1);
        return song.withPattern(figure)
                .withSection(verse)
                .withOrder(List.of(section.id()))
                .withRule(new Rule(Where.in(section.id()), Play.pattern(figure.id())));
    }

    private static boolean isRaised(Timeline timeline, int bar) {
        return timeline.spansIn(timeline.bars().get(bar)).stream()
                .anyMatch(span -> span.raise().isPresent());
    }

    private static void assertSameBars(String name, Timeline before, List<String> expected, List<String> found) {
        for (int bar = 0; bar < expected.size(); bar++) {
            // Where the capo moves, which is told, the shapes have other names.
            boolean isRaised = isRaised(before, bar);
            assertEquals(
                    expected.get(bar).replaceFirst("\\|[^|]*\\|", isRaised ? "|*|" : "$0"),
                    found.get(bar).replaceFirst("\\|[^|]*\\|", isRaised ? "|*|" : "$0"),
                    name + ", bar " + (bar + 1));
        }
        assertEquals(expected.size(), found.size());
    }

    @ParameterizedTest
    @CsvSource({
        "kettle-for-the-stewards",
        "rain-on-the-boathouse",
        "last-chair-waltz",
        "seven-steps-to-the-pond",
        "lantern-walk"
    })
    void midiThatTheProgramWroteComesBackAsTheSameBarsChordsAndStrokes(String name) throws IOException {
        Song song = demo(name);
        Timeline before = Timeline.of(song);
        for (var look :
                List.of(MidiLook.PLAIN, new MidiLook(false, true, true, true), new MidiLook(true, true, true, true))) {
            Path file = folder.resolve(name + ".mid");
            MidiSong.write(song, before, look, file);
            Transcription read = Import.read(file);
            assertEquals(song.facts().title(), read.song().facts().title());
            assertEquals(song.facts().key(), read.song().facts().key());
            assertEquals(song.facts().capo(), read.song().facts().capo());
            // Behind a capo that has moved one channel does not tell which strings they were.
            List<String> found = bars(Timeline.of(read.song()));
            List<String> expected = bars(before);
            for (int bar = 0; !look.eachString() && bar < found.size(); bar++) {
                if (!isRaised(before, bar)) continue;
                assertEquals(expected.get(bar).split(" ").length, found.get(bar).split(" ").length, name);
                found.set(bar, expected.get(bar));
            }
            assertSameBars(name, before, expected, found);
        }
    }

    private static String score(String measures) {
        return "<?xml version=\"1.0\"?><score-partwise version=\"4.0\"><work><work-title>Away</work-title></work>"
                + "<part-list><score-part id=\"P1\"><part-name>G</part-name></score-part></part-list><part id=\"P1\">"
                + measures + "</part></score-partwise>";
    }

    private static String measure(String inside) {
        return "<measure number=\"1\">" + inside + "</measure>";
    }

    private Transcription read(String text) throws IOException {
        Path file = folder.resolve("away.musicxml");
        Files.writeString(file, text);
        return Import.read(file);
    }

    private static final String ATTRIBUTES = "<attributes><divisions>2</divisions><time><beats>4</beats>"
            + "<beat-type>4</beat-type></time></attributes>";
    private static final String SLASHES =
            "<note><pitch><step>B</step><octave>4</octave></pitch><duration>2</duration><notehead>slash</notehead></note>"
                    .repeat(4);

    @Test
    void repeatsWithEndingsArePlayedOutAndTheSameBarsAreOneSection() throws IOException {
        String chord = "<harmony><root><root-step>%s</root-step></root><kind>%s</kind></harmony>";
        String start = "<barline location=\"left\"><repeat direction=\"forward\"/></barline>";
        Transcription read = read(score(measure(ATTRIBUTES + start
                        + "<direction><direction-type><rehearsal>Verse</rehearsal></direction-type></direction>"
                        + chord.formatted("A", "minor") + SLASHES)
                + measure(
                        "<barline location=\"left\"><ending number=\"1\" type=\"start\"/></barline>"
                                + chord.formatted("G", "dominant") + SLASHES
                                + "<barline location=\"right\"><ending number=\"1\" type=\"stop\"/><repeat direction=\"backward\"/></barline>")
                + measure("<barline location=\"left\"><ending number=\"2\" type=\"start\"/></barline>"
                        + chord.formatted("C", "major-seventh") + SLASHES
                        + "<barline location=\"right\"><ending number=\"2\" type=\"stop\"/></barline>")));
        List<String> bars = bars(Timeline.of(read.song()
                .withChord(shape("Am", "x02210"))
                .withChord(shape("G7", "320001"))
                .withChord(shape("Cmaj7", "x32000"))));
        assertEquals(4, bars.size(), bars.toString());
        assertEquals("4/4 | 0Am | 0d 1/4d 1/2d 3/4d", bars.get(0));
        assertEquals("4/4 | 0G7 | 0d 1/4d 1/2d 3/4d", bars.get(1));
        assertEquals("4/4 | 0Cmaj7 | 0d 1/4d 1/2d 3/4d", bars.get(3));
        assertEquals(1, read.song().patterns().size(), "one rhythm");
        assertEquals("Verse", read.song().sections().getFirst().name());
    }

    private static Chord shape(String name, String frets) {
        return new Chord(name, Voicing.parse(frets));
    }

    @Test
    void whatCannotBeTakenIsListed() throws IOException {
        Transcription read =
                read(score(measure(ATTRIBUTES + "<sound tempo=\"90\"/>" + SLASHES + "<sound tempo=\"140\"/>")));
        assertEquals(
                List.of("the tempo changes once; the first one was taken for all."),
                read.left().stream().map(Words::say).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "no xml",
                "<score-timewise/>",
                "<score-partwise/>",
                "<score-partwise><part id=\"P1\"/></score-partwise>",
                "<!DOCTYPE a [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><score-partwise>&e;</score-partwise>",
                "<!DOCTYPE a [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;\">"
                        + "<!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;\"><!ENTITY d \"&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;\">"
                        + "<!ENTITY e \"&d;&d;&d;&d;&d;&d;&d;&d;&d;&d;\"><!ENTITY f \"&e;&e;&e;&e;&e;&e;&e;&e;&e;&e;\">"
                        + "]><score-partwise>&f;&f;&f;&f;</score-partwise>"
            })
    void whatIsNoMusicIsRefusedInOneSentence(String text) {
        FormatException refused = assertThrows(FormatException.class, () -> read(text));
        assertTrue(refused.getMessage().startsWith("away.musicxml"), refused.getMessage());
        assertTrue(!refused.getMessage().contains("root:"), "nothing outside is fetched");
    }

    @Test
    void aFileOfAnotherKindIsRefusedWithWhatIsRead() {
        assertTrue(assertThrows(FormatException.class, () -> Import.read(folder.resolve("a.doc")))
                .getMessage()
                .contains("MusicXML"));
    }
}
