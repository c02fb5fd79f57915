package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import org.junit.jupiter.api.Test;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;

class FetchTest {

    private final Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    private static Pattern pattern(String name, String line) {
        return Pattern.empty(new PatternId("x"), name, Meter.parse("4/4")).withLine(line);
    }

    private static Chord chord(String name, String frets) {
        return new Chord(name, Voicing.parse(frets));
    }

    @Test
    void aPatternComesAtTheEndUnderANameThatIsFree() {
        Song once = Fetch.pattern(song, pattern("Brush", "d-d-dudu"));
        Song twice = Fetch.pattern(once, pattern("Brush", "d-d-d-du"));
        List<String> names = twice.patterns().stream().map(Pattern::name).toList();
        assertEquals(List.of("Brush", "Brush 2"), names.subList(names.size() - 2, names.size()));
        assertEquals(
                song.patterns(), twice.patterns().subList(0, song.patterns().size()), "nothing else has changed");
        var there = assertThrows(Refusal.class, () -> Fetch.pattern(once, pattern("Other name", "d-d-dudu")));
        assertTrue(there.reason().values().contains("Brush"), "it is said under which name it is there");
    }

    @Test
    void aSecondShapeOfAChordGetsALabel() {
        Song one = Fetch.shape(song, chord("Bb", "x13331"), "Lantern Walk");
        assertEquals("x13331", one.chord("Bb").orElseThrow().voicing().toString());
        Song two = Fetch.shape(one, chord("Bb", "668766"), "Lantern Walk");
        assertEquals(
                "668766", two.chord("Bb@lantern-walk").orElseThrow().voicing().toString());
        assertEquals("x13331", two.chord("Bb").orElseThrow().voicing().toString(), "the first one stays");
        Song three = Fetch.shape(two, chord("Bb@up", "xx8766"), "Lantern Walk");
        assertTrue(three.chord("Bb@up").isPresent(), "a label of its own is kept");
        Song four = Fetch.shape(three, chord("Bb@up", "xx3331"), "Lantern Walk");
        assertTrue(four.chord("Bb@up-2").isPresent());
        assertThrows(Refusal.class, () -> Fetch.shape(four, chord("Bb", "668766"), "Any"), "it is there already");
    }

    @Test
    void aShapeForAnotherNumberOfStringsIsRefused() {
        Song four = song.withFacts(
                song.facts().withInstrument(song.facts().instrument().withTuning(Tuning.parse("G4 C4 E4 A4"))));
        assertThrows(Refusal.class, () -> Fetch.shape(four, chord("Bb", "x13331"), "Any"));
    }
}
