package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.words.WordedSong.PATTERN;
import static tactus.words.WordedSong.VERSE;
import static tactus.words.WordedSong.song;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.reading.sentence.HintSentence;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;

/** Hints are read as sentences with their place, stay with what they are about, and go with it. */
class HintsTest {

    private static final Song SONG = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    private static Hint hint(Song song, String text) {
        return new HintSentence(Words.lexicon(), song).parse(text, Optional.of(new HintPlace.OfSection(VERSE)));
    }

    private static Song hinted(String... texts) {
        List<Hint> hints = List.of(texts).stream().map(text -> hint(SONG, text)).toList();
        return SONG.withLesson(SONG.lesson().withHints(hints));
    }

    private static List<String> written(Song song) {
        return song.lesson().hints().stream()
                .map(new HintSentence(Words.lexicon(), song)::of)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C: keep the first finger down;C: keep the first finger down",
                "C - G: push with the second;C – G: push with the second",
                "C → G:push;C – G: push",
                "verse: breathe before it: always;Verse: breathe before it: always",
                "Verse, bar 2: look up;Verse, bar 2: look up",
                "p: lightly;P: lightly",
                "P, 2&: the wrist falls;P, 2&: the wrist falls",
                "the song: no capo at the rehearsal;song: no capo at the rehearsal",
                "  just   words  ;Verse: just words"
            })
    void aHintIsReadWithItsPlaceAndWrittenSoThatItIsReadAgain(String typed, String written) {
        assertEquals(List.of(written), written(hinted(typed)));
        assertEquals(written(hinted(typed)), written(hinted(written)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Am: not in the song",
                "Verse, bar 3: it has two",
                "P, 5: no such count",
                "C - D: no D",
                "C:",
                "C:  ",
                "",
                " "
            })
    void aHintOfWhatIsNotThereOrThatSaysNothingIsRefused(String typed) {
        assertThrows(Refusal.class, () -> hint(SONG, typed));
    }

    @Test
    void aLongHintIsKeptAndOneThatIsTooLongIsRefused() {
        assertEquals(1_000, hint(SONG, "C: " + "é".repeat(1_000)).text().length());
        assertThrows(Refusal.class, () -> hint(SONG, "C: " + "é".repeat(1_001)));
    }

    @Test
    void hintsGoWithWhatIsRenamedAndTakenOut() {
        Song song = hinted("C: one", "C - G: two", "P: three", "Verse, bar 1: four", "song: five");
        Song renamed = song.withChordsRenamed(name -> name.equals("C") ? "D" : name);
        assertEquals(List.of("D: one", "D – G: two"), written(renamed).subList(0, 2));
        assertEquals(4, song.withoutPattern(PATTERN).lesson().hints().size());
        assertEquals(4, song.withoutSection(VERSE).lesson().hints().size());
        assertEquals(
                List.of("Strophe, bar 1: four"),
                written(song.withSection(VERSE, each -> each.withName("Strophe")))
                        .subList(3, 4));
    }

    @Test
    void theStandShowsWhatConcernsWhatStandsThere() {
        Song song = hinted("C: one", "C - G: two", "P: three", "Verse, bar 2: four", "song: five", "Verse: six");
        String stand = new HintWords(song).forStand(VERSE, List.of("C"), List.of(PATTERN));
        assertEquals("five  ·  bar 2: four · six  ·  C: one  ·  three", stand);
        assertTrue(new HintWords(song).ofChords(List.of("C@up", "G")).contains("C – G: two"));
    }
}
