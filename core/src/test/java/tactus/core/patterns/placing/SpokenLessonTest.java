package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;

/** What is said in lessons, in several wordings (common practice). */
class SpokenLessonTest {

    private static final Meter FOUR = Meter.parse("4/4");

    private static Placing placed(String said) {
        return Placing.of(English.dictation(said), FOUR, 4, Given.NOTHING);
    }

    private static String counts(Placing placing) {
        return String.join(" ", placing.counts(placing.best().getFirst()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4th string, third string;string 4 string 3",
                "string four, the 2nd string, string 1;string 4 string 2 string 1",
                "low E, A string, the D string, G string, b string, high e;"
                        + "string 6 string 5 string 4 string 3 string 2 string 1",
                "string four fret three, 4th string second fret;string 4 fret 3 string 4 fret 2",
                "fret 2 on string 5, third fret of the sixth string;string 5 fret 2 string 6 fret 3",
                "open fifth string, string 4 open;string 5 fret 0 string 4 fret 0",
                "one and four together, 3, 2;pinch 1-4 string 3 string 2",
                "thumb and middle together, index;pinch thumb-middle index",
                "5, 3 and 1 together;pinch 5-3-1",
                "strings 5 and 1 together, 3, 2, 3;pinch 5-1 string 3 string 2 string 3",
                "5th and 1st at the same time;pinch 5-1",
                "bass note, down, bass string up;bass down bass up",
                "down, pause, up, rest, down;down miss up stop down",
                "okay, down, then down and then up;down down up",
                "three downs, two ups;down down down up up",
                "six downs;down down down down down down",
                "2 chops, four bass notes;mute mute bass bass bass bass",
                "down twice, up;down down up",
                "down twice up twice;down down up up",
                "down, down up three times;down down up down up down up",
                "D D U, three times;down down up down down up down down up",
                "bass note, strum, bass note, strum;bass strum bass strum",
                "bass strum up, down strum;bass up down",
                "strum down, strum up strum down;down up down",
                "Strum: D D U;down down up",
                "the strumming pattern is D D U;down down up",
                "four strums;strum strum strum strum",
                "the strum goes D D U;down down up",
                "down and up, and down and up;down up down up",
                "D D U and repeat that;down down up down down up",
                "it's down, down, up;down down up",
                "thumb, index, middle, ring;thumb index middle ring finger",
                "ring, middle, index;ring finger middle index",
                "P I M A;thumb index middle ring finger",
                "down, up, ring;down up let ring",
                "pinch thumb and ring, index;pinch thumb-ring index",
                "alternate bass, strum;alternate strum",
                "heavy down, light up, down with an accent;accent down soft up accent down",
                "down, ghost, up, chuck;down miss up mute",
                "four palm muted downs;palm down palm down palm down palm down",
                "D U, do that three times;down up down up down up",
                "down and let it ring;down let ring",
                "D U and again;down up down up",
                "D D U U, same again;down down up up down down up up",
                "D D U U, same again but the last one mute;down down up up down down up mute",
                "D D U D, same again but end on two ups;down down up down down down up up",
                "D D U U, again but without the last;down down up up down down up",
                "down down, sorry, down up;down up",
                "down down, no wait, down up;down up",
                "down up, I mean, down down up;down down up"
            })
    void theWordsOfALessonAreRead(String said, String words) {
        assertEquals(words, English.words(English.dictation(said)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "down, hold for two, down, up, down, up;1 3 3& 4 4&",
                "down, let it ring for two beats, down down;1 3 4",
                "down, down, hold for two, down;1 2 4",
                "down, rest for two, down;1 2 4",
                "rest for two, down, down;1 3 4",
                "down, down, rest for two;1 2 3",
                "down on one, down on two, up on the and of two;1 2 2&",
                "down on 1 and 3, mute on 2 and 4;1 2 3 4",
                "downs on 1 and 3, ups on the and of 2 and the and of 4;1 2& 3 4&",
                "one, two-and, three, four-and;1 2 2& 3 4 4&",
                "down on 1, up on 2-and;1 2&",
                "1 2-& 3 4-&;1 2 2& 3 4 4&",
                "downs on 1 and 3 and ups on 2& and 4&;1 2& 3 4&",
                "bass on 1 and 3 and strum on 2 and 4;1 2 3 4",
                "down on 2 and up on the and of 3;2 3&",
                "mute on two and four and downs on one and three;1 2 3 4",
                "down on 1 2 3 4;1 2 3 4",
                "D U D: 1, and of 2, 4;1 2& 4",
                "down for two beats, down, up, down;1 3 3& 4",
                "thumb one, thumb two, thumb three;1 2 3",
                "strum on 1, strum on 2 and, strum on 4;1 2& 4",
                "bass, strum on 2 and, bass on 3, strum;1 2& 3 4&",
                "string 6 fret 3 on 1, string 6 fret five on 2 and, 5th string on 4;1 2& 4"
            })
    void whatIsHeldOrCountedFallsWhereItWasSaid(String said, String counts) {
        assertEquals(counts, counts(placed(said)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "mute down up, down up;mute up down up;mute down up down up",
                "D U mute down U;down up mute up;down up mute down up",
                "bass down, up, down up;bass down up down up;bass down up down up",
                "top string, 2nd string, 3rd string;string 6 string 2 string 3;string 1 string 2 string 3"
            })
    void whatCanBeMeantInTwoWaysIsPlacedInBothAndAsked(String said, String first, String second) {
        var question = (Question.OfMeaning) placed(said).question().orElseThrow();
        assertEquals(first, English.words(question.first().dictation()));
        assertEquals(second, English.words(question.second().dictation()));
        assertEquals(
                question.first().dictation().strokes().size() + (said.startsWith("top") ? 0 : 1),
                question.second().dictation().strokes().size());
        assertEquals(question.first(), placed(said).answered(true));
        assertEquals(question.second(), placed(said).answered(false));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "down up down up down up down up, accent on 2 and 4;duDuduDu",
                "D U D U D U D U, accents on the ands;dUdUdUdU",
                "D D U U D U, accented on the and of 2;d-dU-udu",
                "four downs, accent on 1;D-d-d-d-",
                "down and up and down and up, accent on the and of 2;d--Ud--u",
                "accent down, up, down, up;D--ud--u"
            })
    void whatIsAccentedIsStruckThereAndAccented(String said, String line) {
        Placing placing = placed(said);
        Pattern empty = Pattern.empty(new PatternId("p"), "P", Meter.parse("4/4"));
        assertEquals(line, placing.pattern(placing.best().getFirst(), empty).line());
    }

    @ParameterizedTest
    @ValueSource(strings = {"D U, accent on 7", "accent on 2 and 4", "ups on the ands", "D U, accent on the and of 9"})
    void anAccentOnNothingIsRefusedWithItsReason(String said) {
        var slip = assertThrows(NotationException.class, () -> placed(said));
        assertFalse(English.of(slip).isBlank());
    }

    @Test
    void aCommaOrTheHandSaysThatTwoStrokesAreMeant() {
        // Count 1 is a down, so a bass stroke and an up are meant.
        assertEquals(4, placed("bass up, down up").dictation().strokes().size());
        assertTrue(placed("bass up, down up")
                .question()
                .filter(Question.OfMeaning.class::isInstance)
                .isEmpty());
        assertTrue(English.dictation("mute, down").other().isEmpty());
        assertEquals("mute down", English.words(English.dictation("mute, down")));
        assertEquals(3, English.dictation("bass, down, down").strokes().size());
    }

    @Test
    void theReadingThatFitsBetterComesFirst() {
        // As two strokes each, these would be three downs in a row at eighths, for which the hand has no time.
        Placing joined = placed("down, mute down up, down, mute down up");
        assertEquals("down mute up down mute up", English.words(joined.dictation()));
        assertEquals("1 2 2& 3 4 4&", counts(joined));
        // As one stroke each there are several ways, as two the bar is full.
        Placing apart = placed("bass up, down up, mute up, down up");
        assertEquals("bass up down up mute up down up", English.words(apart.dictation()));
        assertEquals("1 1& 2 2& 3 3& 4 4&", counts(apart));
    }

    @Test
    void manyStrokesInOneBarAreAskedAboutAndMayBeTwoBars() {
        Placing placing = placed("D DU UDU D DU UDU");
        assertEquals("1/16", placing.frame().hand().rate().toString());
        Placing two = placing.answered(false);
        assertEquals("1 2 2& 3& 4 4& 1 2 2& 3& 4 4&", counts(two));
        assertEquals(8, two.frame().beats());
        assertTrue(placed("D DU UDU").question().isEmpty());
    }

    @Test
    void aQuickerHandAndASilentCountAreRemarked() {
        assertEquals(
                "stroke 5 (down) finds no slot in 1/8 notes, so the hand moves in 1/16.",
                placed("six downs").remarks().stream().map(English::say).collect(Collectors.joining()));
        assertEquals(
                "6 counts were said, and 5 strokes: some of the counts are silent.",
                placed("1 2 and 3 and 4: D D U D U").remarks().stream()
                        .map(English::say)
                        .collect(Collectors.joining()));
        assertTrue(placed("D U D U").remarks().isEmpty());
    }

    @Test
    void nobodyWhoPicksIsAdvisedToStrum() {
        var slip = assertThrows(NotationException.class, () -> English.dictation("thumb, 3rd string, foo"));
        assertEquals(19, slip.index());
        assertTrue(English.of(slip).contains("4th string fret 2"), English.of(slip));
        PatternFrame short2 = PatternFrame.of(FOUR, 1, Hand.pendulum(Length.of(1, 8)));
        Placing none = Placing.of(English.dictation("thumb, index, middle"), short2);
        assertEquals("0", none.count().toString());
        String mends =
                none.mends().stream().map(mend -> English.say(mend.change())).collect(Collectors.joining("; "));
        assertFalse(mends.contains("down") || mends.contains(" up"), mends);
        assertFalse(none.mends().isEmpty());
    }

    @Test
    void nothingIsSaidAgainBeforeAnythingWasSaid() {
        for (String said : new String[] {"twice", "and again", "hold for two", "zero downs", "0 times"}) {
            assertThrows(NotationException.class, () -> English.dictation(said), said);
        }
        assertThrows(NotationException.class, () -> English.dictation("down 99999 times"));
    }

    @Test
    void whatWasSaidIsKeptWithThePatternInEitherReading() {
        Placing placing = placed("mute down, up, down, up");
        Pattern taken = placing.answered(false)
                .pattern(
                        placing.answered(false).best().getFirst(),
                        Pattern.empty(new PatternId("x"), "X", placing.frame()));
        assertEquals("mute down, up, down, up", taken.story().said().getLast());
    }
}
