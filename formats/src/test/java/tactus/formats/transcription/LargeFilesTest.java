package tactus.formats.transcription;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.transcription.Transcription;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.formats.file.FormatException;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.words.Words;

/** Files that are too much, or say that they are, are refused by what they say or by their number, before they are taken apart. */
class LargeFilesTest {

    @TempDir
    private Path folder;

    /** Notes of a guitar that are never let go, which once took a time that grew with the square of their number. */
    private Path midi(int notes, int step) throws Exception {
        var sequence = new Sequence(Sequence.PPQ, 480);
        Track track = sequence.createTrack();
        track.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, 0, 25, 0), 0));
        for (int note = 0; note < notes; note++)
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, 52, 90), (long) note * step));
        Path file = folder.resolve(notes + ".mid");
        MidiSystem.write(sequence, 0, file.toFile());
        return file;
    }

    private Path score(String measures) throws Exception {
        Path file = folder.resolve("score.musicxml");
        Files.writeString(file, """
                <score-partwise version="4.0"><part-list><score-part id="P1"><part-name>G</part-name></score-part></part-list>
                <part id="P1">%s</part></score-partwise>
                """.formatted(measures));
        return file;
    }

    private static String measures(int count, String in) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(number -> "<measure number=\"" + number + "\">" + in + "</measure>")
                .collect(Collectors.joining());
    }

    private static String refused(Path file) {
        return assertThrows(FormatException.class, () -> Import.read(file)).getMessage();
    }

    @Test
    void notesThatAreNeverLetGoAreReadByTheHundredThousandAndNoMore() throws Exception {
        Transcription read = Import.read(midi(100_000, 30));
        assertEquals(1_563, Timeline.of(read.song()).bars().size());
        assertTrue(refused(midi(100_001, 30)).contains("more than 100,000 notes"));
    }

    @Test
    void moreBarsThanASongCanHaveAreRefusedWithTheirNumber() throws Exception {
        assertTrue(refused(midi(2_001, 1_920)).contains("more than 2000 bars"));
        assertTrue(refused(score(measures(20_000, ""))).contains("more than 2000 bars"));
        String round = "<barline location=\"right\"><repeat direction=\"backward\" times=\"32\"/></barline>";
        assertTrue(refused(score(measures(100, round))).contains("2,000 bars when its repeats are played"));
        assertTrue(refused(score(measures(600, "<note><rest/><duration>1</duration></note>".repeat(200))))
                .contains("100,000 notes"));
    }

    /** It asked for a text of a thousand million sharps. */
    @Test
    void aRootThatIsAlteredBeyondAllNamesIsListedAsUnread() throws Exception {
        String harmony = "<harmony><root><root-step>C</root-step><root-alter>%d</root-alter></root>"
                + "<kind>major</kind></harmony>";
        Transcription read = Import.read(score(measures(1, harmony.formatted(999_999_999))));
        assertEquals(
                List.of("the chord \"Cmajor\" could not be read."),
                read.left().stream().map(Words::say).toList());
        assertEquals(
                List.of(), Import.read(score(measures(1, harmony.formatted(1)))).left());
    }

    /** The old harmony went on where nothing but dead strokes is heard. */
    @Test
    void whereNoChordIsHeldTheChordBeforeEnds() throws Exception {
        var id = new SectionId("verse");
        Meter four = Meter.of(4, 4);
        HarmonyLine line = HarmonyLine.parse("C | N.C. | C", four, Optional.empty(), Words.lexicon());
        Pattern pattern = Pattern.empty(new PatternId("p"), "P", four).withLine("d-du-udu");
        Song song = Song.empty("Rest")
                .withChord(new Chord("C", Voicing.parse("x32010")))
                .withPattern(pattern)
                .withSection(new Section(id, "Verse", line.bars(), line.spans(), 1))
                .withOrder(List.of(id))
                .withRule(new Rule(Where.EVERYWHERE, Play.pattern(pattern.id())))
                .withRule(new Rule(
                        Where.in(id).withPart(new tactus.core.written.rule.Part.OnChord(2)),
                        Play.of(What.Event.MUTED)));
        Path file = folder.resolve("rest.musicxml");
        MusicXmlSong.write(song, Timeline.of(song), file);
        Song back = Import.read(file).song();
        assertEquals(
                List.of("C", "N.C.", "C"),
                Timeline.of(back).spans().stream().map(span -> span.chord()).toList());
    }
}
