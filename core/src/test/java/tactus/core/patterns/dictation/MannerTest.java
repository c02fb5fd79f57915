package tactus.core.patterns.dictation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.outside.English;

/** What is asked once is not asked again, and what was answered is told. */
class MannerTest {

    private static Dictation heard(String said, Manner manner) {
        return Dictation.heard(said, new Speech(English.LEXICON, manner, Optional.empty(), List.of()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "D-U-D-U; hyphen; d - u - d - u; d u d u",
                "top string, 3; end; 6 3; 1 3",
                "thumb one thumb two; fingers; p@1 p@2; p i p m",
                "thumb 3 2 1; digits; p a m i; p 3 2 1",
                "down and a pause; pause; d -; d s",
                "down, let go; let-go; d s; d =",
                "down, chunk, up; chunk; d x u; d ?_ u"
            })
    void eachHabitIsAskedOnceAndEitherAnswerHolds(String said, String habit, String first, String second) {
        Dictation unknown = heard(said, Manner.UNKNOWN);
        Doubt doubt = unknown.other().orElseThrow().doubt();
        assertEquals(habit.strip(), doubt.code());
        assertEquals(first.strip() + " | " + second.strip(), Gist.of(unknown));
        for (boolean isFirst : List.of(true, false)) {
            Dictation settled = heard(said, Manner.UNKNOWN.with(doubt, isFirst));
            assertEquals((isFirst ? first : second).strip(), Gist.of(settled));
            assertEquals(
                    1,
                    settled.notes().remarks().stream()
                            .filter(remark -> English.say(remark).contains("as you answered before"))
                            .count());
        }
        assertTrue(unknown.notes().remarks().isEmpty());
    }

    @Test
    void theQuestionSaysWhatIsAskedAbout() {
        Dictation said = heard("D-DU, chunk, up", Manner.UNKNOWN);
        assertEquals(
                "in “D-DU”, is each hyphen a slot without a stroke, or does it only join?",
                English.say(said.other().orElseThrow().asked()));
    }

    @Test
    void whatWasNotMetIsNotTold() {
        Manner all = Manner.parse("hyphen=second, end=first, fingers=second, pause=first");
        assertEquals(List.of(), heard("down, down up", all).notes().remarks());
        assertEquals("d u d u", Gist.of(heard("D-U-D-U", all)));
        assertEquals("d - - u", Gist.of(heard("D--U", all)), "two hyphens are slots, whatever a hyphen joins");
    }

    @Test
    void answersAreKeptAndReadAgainAndWhatIsNotKnownIsLeftOut() {
        Manner manner = Manner.UNKNOWN.with(Doubt.END, false).with(Doubt.HYPHEN, true);
        assertEquals(manner, Manner.parse(manner.toString()));
        assertEquals(Manner.UNKNOWN, Manner.parse("breath=first, nothing=second, end=perhaps, hyphen"));
        assertEquals(Manner.UNKNOWN.with(Doubt.END, false), manner.without(Doubt.HYPHEN));
    }
}
