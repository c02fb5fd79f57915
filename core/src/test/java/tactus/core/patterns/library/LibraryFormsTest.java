package tactus.core.patterns.library;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.music.time.Length;
import tactus.core.outside.English;
import tactus.core.patterns.groove.Agreement;
import tactus.core.patterns.groove.CommonGroove;
import tactus.core.patterns.groove.GroovePatterns;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.placing.Placing;
import tactus.core.patterns.rhythm.Cells;
import tactus.core.patterns.rhythm.Explanation;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.patterns.saying.Saying;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.song.Song;

/** What holds for every pattern that one can start with, and for all that is made from it. */
class LibraryFormsTest {

    static Stream<Pattern> patterns() {
        return Library.patterns().stream().map(LibraryPattern::pattern);
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void whatIsSaidWithItsCountsIsItself(Pattern pattern) {
        Placing placing = Placing.of(English.dictation(new Saying(English.LEXICON).counted(pattern)), pattern.frame());
        assertEquals(
                pattern.line(),
                placing.pattern(placing.best().getFirst(), pattern).line());
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyFormIsAnotherPatternThatSoundsAndGoesWithTheHand(Pattern pattern) {
        for (Form.Derivation rule : Form.Derivation.values()) {
            Variation.of(pattern, rule).ifPresent(form -> {
                PatternFacts facts = PatternFacts.of(form);
                assertTrue(facts.strokes() > 0, rule.toString());
                boolean halved = rule == Form.Derivation.SHORT_ACCENTED_HALF;
                assertTrue(halved || facts.against() == 0, rule.toString());
                assertNotEquals(
                        List.of(pattern.frame(), pattern.played()),
                        List.of(form.frame(), form.played()),
                        rule.toString());
            });
        }
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void lightFormsHaveFewerStrokesAndBusierOnesMore(Pattern pattern) {
        int strokes = PatternFacts.of(pattern).strokes();
        for (Form.Derivation light : List.of(Form.Derivation.LIGHT_BEATS, Form.Derivation.LIGHT_DOWNS)) {
            Variation.of(pattern, light)
                    .ifPresent(form -> assertTrue(PatternFacts.of(form).strokes() < strokes));
        }
        Variation.of(pattern, Form.Derivation.BUSIER)
                .ifPresent(form -> assertTrue(PatternFacts.of(form).strokes() > strokes));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void halfTimeOfDoubleTimeIsThePatternAgain(Pattern pattern) {
        Variation.of(pattern, Form.Derivation.DOUBLE_TIME).ifPresent(twice -> {
            assertEquals(pattern.length(), twice.length().times(2));
            Pattern again = Variation.of(twice, Form.Derivation.HALF_TIME).orElseThrow();
            assertEquals(pattern.line(), again.line());
            assertEquals(pattern.hand(), again.hand());
        });
    }

    /** The cell, repeated and cut to the length of the pattern, gives its strokes as far as it explains them. */
    @ParameterizedTest
    @MethodSource("patterns")
    void theCellExplainsWhatItSays(Pattern pattern) {
        Optional<Cells> cells = Cells.of(pattern);
        cells.ifPresent(found -> {
            int explained = found.goesOn() ? pattern.grid().size() : found.slots() * found.times();
            for (int slot = 0; slot < explained; slot++) {
                assertEquals(
                        pattern.played().get(slot % found.slots()),
                        pattern.played().get(slot));
            }
            Length whole = found.length().times(found.times());
            assertEquals(pattern.length(), whole.plus(found.rest()));
            assertEquals(found.share(), whole.dividedBy(pattern.length()));
        });
        assertFalse(Explanation.of(pattern).steps().isEmpty());
    }

    @ParameterizedTest
    @EnumSource(CommonGroove.class)
    void patternsFromAGrooveMeetItAllAndGrowDenser(CommonGroove each) {
        List<Pattern> made = GroovePatterns.of(each.groove());
        int before = 0;
        for (Pattern pattern : made) {
            PatternFacts facts = PatternFacts.of(pattern);
            assertEquals(0, facts.against());
            assertTrue(facts.strokes() >= before);
            before = facts.strokes();
            Agreement agreement = Agreement.of(pattern, each.groove());
            assertEquals(1, agreement.share(), 1e-9);
            assertEquals(List.of(), agreement.unanswered());
        }
    }

    @Test
    void aFormOfAFormFollowsBoth() {
        Pattern parent = Library.patterns().get(9).pattern();
        Song song = Song.empty("S").withPattern(parent);
        Pattern light = kept(parent, Form.Derivation.LIGHT_BEATS, "light");
        Pattern lighter = kept(light, Form.Derivation.SHORT_FIRST_HALF, "lighter");
        song = song.withPattern(light).withPattern(lighter);
        assertEquals("d-d-", song.pattern(lighter.id()).orElseThrow().line());
        song = song.withPattern(parent.withLine("b-tub-tu"));
        assertEquals("b-t-b-t-", song.pattern(light.id()).orElseThrow().line());
        assertEquals("b-t-", song.pattern(lighter.id()).orElseThrow().line());
    }

    private static Pattern kept(Pattern parent, Form.Derivation rule, String name) {
        return Variation.of(parent, rule)
                .orElseThrow()
                .copiedAs(new PatternId(name), name)
                .withForm(Optional.of(new Form(parent.id(), rule, false)));
    }
}
