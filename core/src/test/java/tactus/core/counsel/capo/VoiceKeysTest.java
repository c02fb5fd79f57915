package tactus.core.counsel.capo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tune;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Singing;
import tactus.core.written.song.Song;

class VoiceKeysTest {

    private static final CapoPlan NO_PLAN = new CapoPlan(List.of(), Optional.empty());

    private static VoiceKeys keys(String key, String tune, String voice) {
        Facts facts = Song.empty("Lamps")
                .facts()
                .withKey(Key.parse(key))
                .withSinging(new Singing(
                        Optional.of(VoiceRange.parse(voice)), Optional.of(Tune.parse(tune, Key.parse(key)))));
        return VoiceKeys.of(facts, NO_PLAN).orElseThrow();
    }

    /** Worked out by hand: the tune may go down by 3 semitones and up by 2, in the nearest octave. */
    @Test
    void aKeyFitsWhereTheSingerHasTheLowestNoteAndTheHighest() {
        VoiceKeys keys = keys("D", "D4-B4", "B3-C#5");
        assertEquals(0, keys.outside());
        assertEquals(
                "D Eb Db E C B",
                String.join(
                        " ",
                        keys.keys().stream().map(each -> each.key().toString()).toList()));
        assertEquals(
                List.of(0, 1, -1, 2, -2, -3),
                keys.keys().stream().map(VoiceKeys.Fitting::semitones).toList());
    }

    /** By brute force over all notes: a key fits if some octave of the tune lies within the voice. */
    @ParameterizedTest
    @CsvSource({"C, C4-C5, G3-D5", "A, A3-E5, A2-E4", "Em, E4-G5, C3-C5", "F#, C#3-F#4, E2-E4", "Bb, F4-F5, F3-F4"})
    void theKeysAreThoseOfTryingEveryOctave(String key, String tune, String voice) {
        var expected = new TreeSet<String>();
        VoiceRange range = Tune.parse(tune, Key.parse(key)).range();
        VoiceRange singer = VoiceRange.parse(voice);
        for (int up = -40; up <= 40; up++) {
            if (range.lowest().number() + up >= singer.lowest().number()
                    && range.highest().number() + up <= singer.highest().number())
                expected.add(Key.parse(key).plus(up).toString());
        }
        var found = new TreeSet<>(keys(key, tune, voice).keys().stream()
                .map(each -> each.key().toString())
                .toList());
        assertEquals(expected, found);
    }

    @ParameterizedTest
    @CsvSource({"D, D4-D5, A3-B4, 3", "D, D4-D5, F4-F5, -3", "D, D4-D5, D3-D4, 0", "C, C4-C5, C4-G4, 5"})
    void itIsSaidHowFarTheTuneIsOutsideOfTheVoice(String key, String tune, String voice, int outside) {
        assertEquals(outside, keys(key, tune, voice).outside());
    }

    @Test
    void aTuneThatIsWiderThanTheVoiceFitsNowhere() {
        assertEquals("voice-keys.none", keys("C", "C4-E5", "C4-C5").statement().code());
    }

    /** The tune was said in D; in G it is the same tune. */
    @Test
    void aTuneKeepsTheKeyInWhichItWasSaid() {
        Facts inD = Song.empty("Lamps").facts().withKey(Key.parse("D"));
        Tune said = Tune.parse("D4-B4", inD.key());
        assertEquals(said, Tune.parse("D4-B4 (D)", Key.parse("G")));
        assertEquals(5, said.in(Key.parse("G"), VoiceRange.parse("C3-C6")).semitones());
    }

    /** With G, C and D the easiest shapes for B are those of G with the capo at 4 (common practice). */
    @Test
    void eachKeyComesWithTheEasiestPlace() {
        Song song = CapoPlanTest.song("G", "G C D");
        Facts facts = song.facts()
                .withSinging(new Singing(
                        Optional.of(VoiceRange.parse("B3-A4")),
                        Optional.of(Tune.parse("G3-E4", song.facts().key()))));
        VoiceKeys keys = VoiceKeys.of(facts, CapoPlanTest.plan(song)).orElseThrow();
        assertTrue(keys.outside() < 0);
        CapoChoice place = keys.keys().stream()
                .filter(each -> each.key().equals(Key.parse("B")))
                .findFirst()
                .flatMap(VoiceKeys.Fitting::place)
                .orElseThrow();
        assertEquals("4 G", place.capo() + " " + place.shapesKey());
    }
}
