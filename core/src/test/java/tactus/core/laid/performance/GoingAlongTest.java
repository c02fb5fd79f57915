package tactus.core.laid.performance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.CountSchool;
import tactus.core.patterns.groove.Drum;
import tactus.core.written.song.Song;

/** What goes along with a guitar: counts, drums, layers of its part. At 120 a quarter lasts half a second, a beat of 6/8 as well. */
class GoingAlongTest {

    private static String said(Song song, CountVoice voice) {
        return CountTrack.of(Timeline.of(song), voice).words().stream()
                .map(word -> "%.2f %s".formatted(word.seconds(), String.join(" ", word.parts())))
                .collect(Collectors.joining(", "));
    }

    private static CountVoice saying(CountVoice.Said said) {
        return new CountVoice(CountSchool.NUMBERS, said, false, CountVoice.Silence.NEVER);
    }

    /** Counting as in any method (common practice); takadimi after Hoffman, Pelto and White 1996. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4 | d-du-udu | NUMBERS | BEATS | 0.00 1, 0.50 2, 1.00 3, 1.50 4",
                "4/4 | d-du-udu | NUMBERS | SLOTS | "
                        + "0.00 1, 0.25 &, 0.50 2, 0.75 &, 1.00 3, 1.25 &, 1.50 4, 1.75 &",
                "4/4 | d-du-udu | NUMBERS | STROKES | 0.00 down, 0.50 down, 0.75 up, 1.25 up, 1.50 down, 1.75 up",
                "3/4 | dudud- | NUMBERS | BEATS | 0.00 1, 0.50 2, 1.00 3",
                "6/8 | dududu | NUMBERS | BEATS | 0.00 1, 0.50 4",
                "6/8 | dududu | BEATS | BEATS | 0.00 1, 0.50 2",
                "6/8 | dududu | BEATS | SLOTS | 0.00 1, 0.17 la, 0.33 li, 0.50 2, 0.67 la, 0.83 li",
                "2/4 | dudu | TAKADIMI | SLOTS | 0.00 ta, 0.25 di, 0.50 ta, 0.75 di",
                "2/4 | 5 2 3 1 | NUMBERS | STROKES | 0.00 1, 0.25 &, 0.50 2, 0.75 &"
            })
    void theVoiceSaysTheCountsOfItsSchoolInTime(
            String meter, String line, CountSchool school, CountVoice.Said said, String words) {
        var voice = new CountVoice(school, said, false, CountVoice.Silence.NEVER);
        assertEquals(words, said(song(meter, "C: 1 bar", line), voice));
    }

    @Test
    void theNextChordIsNamedOnTheBeatBeforeIt() {
        var voice = new CountVoice(CountSchool.NUMBERS, CountVoice.Said.BEATS, true, CountVoice.Silence.NEVER);
        assertEquals(
                "0.00 1, 0.50 G, 1.00 3, 1.50 C, 2.00 1, 2.50 2, 3.00 3, 3.50 4",
                said(song("4/4 4/4", "C: 2 beats, G: 2 beats, C: 1 bar", "d-d-d-d-"), voice));
    }

    @ParameterizedTest
    @CsvSource({
        "C, C",
        "F#m, F sharp minor",
        "Bb7, B flat 7",
        "Cmaj7, C major 7",
        "Asus4, A sus 4",
        "G/B, G over B",
        "Bm7b5, B minor 7 flat 5",
        "Bdim, B diminished",
        "Cadd9, C add 9"
    })
    void chordsAreSaidAsTeachersSayThem(String chord, String said) {
        assertEquals(said, String.join(" ", ChordSpeech.of(ChordName.parse(chord))));
    }

    @ParameterizedTest
    @CsvSource({"NEVER, 1 2 3 4", "REPEATS, 1", "EVERY_SECOND, 1 3", "AFTER_FIRST_BAR, 1 2 3 4"})
    void theVoiceFallsSilentOverRepeats(CountVoice.Silence silence, String passes) {
        Song once = song("4/4", "C: 1 bar", "d-d-d-d-");
        Song song = once.withSection(once.sections().getFirst().withPasses(4));
        var voice = new CountVoice(CountSchool.NUMBERS, CountVoice.Said.BEATS, false, silence);
        String heard = CountTrack.of(Timeline.of(song), voice).words().stream()
                .map(word -> String.valueOf((int) (word.seconds() / 2) + 1))
                .distinct()
                .collect(Collectors.joining(" "));
        assertEquals(passes, heard);
    }

    @Test
    void onlyTheFirstBarIsCountedWhereTheRestIsLeftToTheStudent() {
        var voice =
                new CountVoice(CountSchool.NUMBERS, CountVoice.Said.BEATS, false, CountVoice.Silence.AFTER_FIRST_BAR);
        assertEquals("0.00 1, 0.50 2, 1.00 3, 1.50 4", said(song("4/4 4/4 4/4", "C: 3 bars", "d-d-d-d-"), voice));
    }

    private static String drums(Song song) {
        return DrumTrack.of(song, Timeline.of(song)).hits().stream()
                .filter(hit -> hit.drum() != Drum.HAT)
                .map(hit -> "%.2f %s".formatted(hit.seconds(), hit.drum()))
                .collect(Collectors.joining(", "));
    }

    /** Kick on one and three, snare on two and four; a waltz with the kick on one; in two the off beats are the snare's (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4 | 0.00 KICK, 0.50 SNARE, 1.00 KICK, 1.50 SNARE",
                "6/8 | 0.00 KICK, 0.50 SNARE",
                "2/4 | 0.00 KICK, 0.25 SNARE, 0.50 KICK, 0.75 SNARE",
                "3/4 | 0.00 KICK, 0.50 SNARE, 1.00 SNARE",
                "5/4 | 0.00 KICK, 0.50 SNARE, 1.00 KICK, 1.50 SNARE, 2.00 SNARE"
            })
    void aSongWithoutAGrooveHasAPlainOneOfItsMeter(String meter, String hits) {
        assertEquals(hits, drums(song(meter, "C: 1 bar", "d")));
    }

    private static String played(String line, Layer layer) {
        return Performance.of(Timeline.of(song("4/4", "C: 1 bar", line)), layer).notes().stream()
                .map(note -> "%.2f:%d%s".formatted(note.start(), note.string(), note.isDead() ? "x" : ""))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 2 3 2 4 2 3 2 | THUMB | 0.00:5 1.00:4",
                "5 2 3 2 4 2 3 2 | FINGERS | 0.25:2 0.50:3 0.75:2 1.25:2 1.50:3 1.75:2",
                "(5 1) - 3 - (4 2) - 3 - | THUMB | 0.00:5 1.00:4",
                "5 2 3 2 4 2 3 2 | BASS | 0.00:5 1.00:4",
                "5 2 3 2 4 2 3 2 | DOWNS | 0.00:5 1.00:4"
            })
    void aPickedPartComesApartIntoThumbAndFingers(String line, Layer layer, String notes) {
        assertEquals(notes, played(line, layer));
    }

    @Test
    void aStrummedPartComesApartIntoBassAndDownsAndUps() {
        assertEquals("0.00:5 0.50:5 1.00:5 1.50:5", played("d-d-d-d-", Layer.BASS));
        List<Double> ups = starts("d-du-udu", Layer.UPS);
        assertEquals(List.of(0.75, 1.25, 1.75), ups);
        assertEquals(List.of(0.0, 0.5, 1.5), starts("d-du-udu", Layer.DOWNS));
        assertTrue(Performance.of(Timeline.of(song("4/4", "C: 1 bar", "d-du-udu")), Layer.DAMPED).notes().stream()
                .allMatch(Note::isDead));
    }

    /** Where each stroke begins: its strings follow within a few hundredths. */
    private static List<Double> starts(String line, Layer layer) {
        return Performance.of(Timeline.of(song("4/4", "C: 1 bar", line)), layer).notes().stream()
                .map(note -> Math.floor(note.start() * 4) / 4)
                .distinct()
                .toList();
    }

    @Test
    void everyStrokeOfAPartBelongsToTheThumbOrToTheFingersAndNoneToBoth() {
        for (String line : List.of("5 2 3 2 4 2 3 2", "(5 1) 2 3 2 (4 1) 2 3 2", "b-tub-tu", "d-du-udu")) {
            int whole = played(line, Layer.WHOLE).split(" ").length;
            String thumb = played(line, Layer.THUMB);
            String fingers = played(line, Layer.FINGERS);
            int parts = (thumb.isEmpty() ? 0 : thumb.split(" ").length)
                    + (fingers.isEmpty() ? 0 : fingers.split(" ").length);
            assertEquals(whole, parts, line);
        }
    }

    @Test
    void aMixHearsWhatIsNotMutedAndOfThatOnlyWhatIsSolo() {
        Mix mix = Mix.of(MixVoice.GUITAR, MixVoice.DRUMS).withLevel(MixVoice.DRUMS, -6);
        assertEquals(0.501, mix.gain(MixVoice.DRUMS), 0.001);
        assertEquals(0, mix.gain(MixVoice.CLICK));
        Mix solo = mix.withSolo(MixVoice.DRUMS, true);
        assertEquals(0, solo.gain(MixVoice.GUITAR));
        assertEquals(0.501, solo.gain(MixVoice.DRUMS), 0.001);
        assertEquals(0, solo.withMuted(MixVoice.DRUMS, true).gain(MixVoice.DRUMS), "a mute is a mute");
        assertEquals(mix, solo.withSolo(MixVoice.DRUMS, false));
        assertEquals(Mix.SOFTEST, mix.withLevel(MixVoice.CLICK, -99).level(MixVoice.CLICK));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Mix(java.util.Map.of(MixVoice.CLICK, 7), mix.muted(), mix.solo()));
    }
}
