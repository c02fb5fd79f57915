package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Except;
import tactus.core.written.section.Use;

/** A verse of C, G, C, D, a bar each, that goes round twice at its first use and once at its second: bars 1 to 12. */
class RuleReachTest {

    private static final PatternId SKIP = new PatternId("skip");
    private static final Song SONG = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 1 bar, D: 1 bar", "d-du-udu")
            .withPattern(Pattern.empty(SKIP, "Skip", Meter.of(4, 4)).withLine("d-d-d-d-"))
            .withUses(List.of(new Use(1, VERSE, List.of(Except.runs(2))), new Use(2, VERSE, List.of())));

    private static Rule rule(String sentence) {
        return new RuleSentence(English.LEXICON, SONG).parse(sentence);
    }

    private static String beaten(RuleReach reach) {
        return reach.beaten().stream()
                .map(each -> BarRange.of(each.bars()).stream()
                        .map(BarRange::toString)
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "last Verse: Skip, \"Verse, chord 2: P\", 10",
                "Verse: Skip, \"Verse, last pass: P\", 5-8",
                "Verse: Skip, \"last Verse: P\", 9-12",
                "Verse: Skip, \"Verse, on every C: P\", 1 3 5 7 9 11",
                "\"Verse, second half: Skip\", \"Verse, bars 4: P\", 4 8 12",
                "\"Verse, last pass: Skip\", \"Verse, chord 1: P\", 5",
                "Verse: Skip, last Verse: soft, ",
                "Verse: soft, \"Verse, chord 4: strong\", 4 8 12",
                "Verse: Skip, \"Verse, chord 3: Skip\", ",
                "Verse: silence, \"Verse, chord 3: stop\", 3 7 11"
            })
    void whereANearerRuleSaysOtherwiseIsToldAndItHoldsThereTooWhenThatIsWanted(String wide, String near, String bars) {
        Song song = SONG.withRule(rule(near)).withRule(rule(wide));
        RuleReach reach = RuleReach.of(song, rule(wide));
        assertEquals(Optional.ofNullable(bars).orElse(""), beaten(reach));
        Song everywhere = RuleReach.everywhere(song, rule(wide));
        assertEquals("", beaten(RuleReach.of(everywhere, rule(wide))));
        assertEquals(bars == null, everywhere.equals(song), "nothing is added where nothing is beaten");
    }

    @Test
    void everywhereIsThereAndNowhereElse() {
        Song song = SONG.withRule(rule("Verse, chord 2: P")).withRule(rule("last Verse: Skip"));
        Timeline timeline = Timeline.of(RuleReach.everywhere(song, rule("last Verse: Skip")));
        String played = timeline.spans().stream()
                .map(span -> span.pattern().orElseThrow().value())
                .collect(Collectors.joining(" "));
        assertEquals("p p p p p p p p skip skip skip skip", played);
    }

    @Test
    void anEntryThatHasNoSuchPassIsNamedWithHowOftenItGoesRound() {
        Rule last = rule("Verse, last pass: Skip");
        RuleReach reach = RuleReach.of(SONG.withRule(last), last);
        assertEquals(List.of(new RuleReach.WithoutPass(1, 1)), reach.without());
        assertTrue(reach.isAnywhere());
        Rule here = rule("last Verse, last pass: Skip");
        assertFalse(RuleReach.of(SONG.withRule(here), here).isAnywhere(), "it goes round once");
        Rule third = rule("Verse, pass 3: Skip");
        assertEquals(2, RuleReach.of(SONG.withRule(third), third).without().size());
        Rule chord = rule("Verse, chord 9: Skip");
        assertFalse(RuleReach.of(SONG.withRule(chord), chord).isAnywhere());
        Rule every = rule("Verse: Skip");
        assertTrue(RuleReach.of(SONG.withRule(every), every).isWhole());
    }

    /** Bar 2 is left out the second time: what is said of bar 3 stays with D's neighbour C and does not slip to D. */
    @Test
    void whatIsSaidOfABarStaysWithItWhenAnotherIsLeftOutThisTime() {
        Except without = Except.always(new Except.LeftOut(English.stretch("bar 2")));
        Song song = SONG.withUses(List.of(Use.of(1, VERSE), Use.of(2, VERSE).plus(without)))
                .withRule(rule("Verse, bars 3: Skip"))
                .withRule(rule("Verse, chord 4: soft"));
        assertEquals(
                "C p, G p, C skip, D p soft, C p, C skip, D p soft",
                Timeline.of(song).spans().stream()
                        .map(span -> span.chord() + " "
                                + span.pattern().orElseThrow().value()
                                + (span.played().swell().from().ordinal() < 3 ? " soft" : ""))
                        .collect(Collectors.joining(", ")));
        Song third = SONG.withUses(
                        List.of(Use.of(1, VERSE).plus(Except.always(new Except.LeftOut(English.stretch("bar 3"))))))
                .withRule(rule("Verse, bars 3: Skip"));
        assertTrue(
                Timeline.of(third).spans().stream()
                        .noneMatch(span -> span.pattern().equals(Optional.of(SKIP))),
                "it is left out");
    }
}
