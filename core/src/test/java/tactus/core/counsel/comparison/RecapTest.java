package tactus.core.counsel.comparison;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.outside.English;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

class RecapTest {

    private static final SectionId CHORUS = new SectionId("chorus");
    private static final SectionId ENDING = new SectionId("ending");

    /** Verse twice, Chorus, Verse twice, Chorus twice (as two entries), Ending; the verse plays down up up. */
    private static final Song SONG = arranged();

    private static Song arranged() {
        Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-u-u---");
        Section verse = song.section(VERSE).orElseThrow().withPasses(2);
        return song.withSection(verse)
                .withSection(verse.copiedAs(CHORUS, "Chorus").withPasses(1).withAliases(List.of("Refrain")))
                .withSection(verse.copiedAs(ENDING, "Ending").withPasses(1))
                .withOrder(List.of(VERSE, CHORUS, VERSE, CHORUS, CHORUS, ENDING));
    }

    private static String said(String text) {
        return Recap.of(SONG, text, English.LEXICON).found().stream()
                .map(English::say)
                .collect(Collectors.joining(" / "));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "verse twice, chorus, verse twice, chorus twice, ending",
                "Verse x2, Chorus, Verse x2, Chorus x2, Ending; D U U for the verse",
                "the verse two times then the chorus then the verse two times then chorus two times and the ending",
                "verse, verse, refrain, verse twice, refrain, refrain, ending",
                "verse twice\nchorus\nsecond verse twice\nchorus again, chorus\nthe last ending",
                "verse twice, chorus once, verse twice, chorus two times, ending. down up up in the verse",
                "D U U for the verse",
                "down, up, up for the verse; verse x2, chorus, verse x2, chorus x2, ending"
            })
    void whatIsSaidAsItIsWrittenIsTheSame(String text) {
        assertEquals("", said(text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "verse twice, chorus, verse, chorus twice, ending;"
                        + " Verse, number 3 in the song, is said once and written twice",
                "verse twice, chorus, chorus twice, ending;"
                        + " Verse (twice), number 3 in the song, is written and not said / "
                        + "Chorus, number 4 in the song, is said 3 times and written twice|*",
                "verse twice, chorus, verse twice, chorus twice, ending, chorus;"
                        + " Chorus (once), said as number 6, is not written there",
                "verse twice, chorus, verse twice, chorus twice;"
                        + " Ending (once), number 5 in the song, is written and not said",
                "verse twice, bridge, chorus, verse twice, chorus twice, ending;"
                        + " \"bridge\" names no section of this song, and no strokes for one",
                "D U for the verse; Verse is said as \"D U\" and plays P: d-u-u---",
                "D D U for the verse; Verse is said as \"D D U\" and plays P: d-u-u---",
                "wobble for the verse; \"wobble\" names no section of this song, and no strokes for one"
            })
    void eachDifferenceIsNamed(String text, String wanted) {
        if (wanted.endsWith("|*")) assertTrue(said(text).contains("Verse (twice)"), said(text));
        else assertEquals(wanted, said(text));
    }

    @Test
    void nothingSaidIsNothing() {
        assertTrue(Recap.of(SONG, "  \n ", English.LEXICON).isEmpty());
    }

    @Test
    void noTextWhateverFaults() {
        var random = new Random(11);
        List<String> words = List.of(
                "verse",
                "chorus",
                "twice",
                ",",
                ";",
                "for",
                "the",
                "x",
                "2",
                "D",
                "U",
                "then",
                "\n",
                "(",
                "four",
                "times",
                "string",
                "\u05D0",
                "and",
                "ending.",
                "x99999999999",
                "once");
        for (int i = 0; i < 3_000; i++) {
            String text = random.ints(random.nextInt(16), 0, words.size())
                    .mapToObj(words::get)
                    .collect(Collectors.joining(" "));
            assertNotNull(said(text));
        }
        assertNotNull(said("verse ".repeat(100_000)));
    }
}
