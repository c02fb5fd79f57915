package tactus.core.reading.sentence;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.core.written.song.Why;

class RuleSentenceTest {

    private final Song song = arranged();

    private static Song arranged() {
        Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        var verse = song.section(VERSE).orElseThrow();
        var chorus = verse.copiedAs(new SectionId("chorus"), "Chorus").withAliases(List.of("Refrain"));
        var last = verse.copiedAs(new SectionId("last-chorus"), "Last chorus");
        return song.withPattern(Pattern.empty(
                                new PatternId("tin"),
                                "Tin roof, soft",
                                song.facts().meter())
                        .withLine("d"))
                .withSection(chorus)
                .withSection(last)
                .withVersions(song.versions().with(Version.of("First week")))
                .withOrder(List.of(VERSE, chorus.id(), VERSE, chorus.id(), last.id()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "everywhere: P",
                "Verse: P, short form",
                "Verse, last pass: P, last time form",
                "Verse, pass 2, chord 3: silence",
                "second Verse: held strum",
                "first Chorus, all passes but the last: muted strokes",
                "last use of Chorus, last chord: stop and count",
                "Last chorus: P, full form, carry through",
                "Chorus, chord 2 from the end: P, short to fit",
                "Chorus, chords that share a bar: cut",
                "Verse, bars 1.3-2: P, whole rounds",
                "Verse, last bar: strong",
                "Verse, second half: soft to very strong",
                "everywhere, where nobody sings, with a band: only downs form",
                "everywhere, in version First week: only beats form",
                "Chorus: up 2 with the capo",
                "Chorus: down 3 with other shapes",
                "last Verse: up 1 but left out",
                "Verse: pause of 3/2 beats",
                "Verse, where somebody sings: Tin roof, soft",
                "Verse: Tin roof, soft, very soft",
                "Verse, on every G: P",
                "everywhere, on the last C: held strum",
                "Verse, every second pass, on the last G@up: stop and count",
                "Chorus, last chord, where nobody sings: strong",
                "second Verse, bars 1-2, first half, where somebody sings: soft",
                "Verse: tempo 84",
                "last Verse, last 2 bars: slowing to 60.5",
                "Verse, on every C: usual shapes",
                "Verse, pass 2: second guitar plays P",
                "Verse, last bar: gaining to 140, second guitar rests",
                "Verse, last bar: or held strum"
            })
    void aRuleReadsAsTheSentenceItIsWrittenAs(String sentence) {
        Rule rule = English.rule(song, sentence);
        assertEquals(sentence, English.say(song, rule));
        assertEquals(rule, English.rule(song, English.say(song, rule)));
    }

    @Test
    void aSentenceSaysWhereAndWhat() {
        Rule rule = English.rule(song, "second chorus,  LAST PASS, last chord: p");
        Where where = Where.in(new SectionId("chorus"))
                .withUse(UseChoice.entry(4))
                .withPass(PassChoice.LAST)
                .withPart(new Part.OnChordFromEnd(1));
        assertEquals(new Rule(where, Play.pattern(new PatternId("p"))), rule);
        assertEquals(
                Where.in(new SectionId("chorus")),
                English.rule(song, "Refrain: silence").where());
    }

    @Test
    void aPatternThatIsCalledLikeAnEventIsToldFromItByItsCapital() {
        Song held = song.withPattern(song.patterns().getFirst().copiedAs(new PatternId("held"), "Held strum"));
        assertEquals(
                What.Event.HELD,
                English.rule(held, "Verse: held strum").play().what().orElseThrow());
        assertEquals(
                new What.Plays(new PatternId("held")),
                English.rule(held, "Verse: Held strum").play().what().orElseThrow());
    }

    /** The parts of a place come in any order, the version first, and without a section they are meant everywhere. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "in version First week, Verse, last chord: P;Verse, last chord, in version First week: P",
                "last pass, Chorus: P;Chorus, last pass: P",
                "where nobody sings, last chord, second Verse: soft;second Verse, last chord, where nobody sings: soft",
                "where somebody sings: soft;everywhere, where somebody sings: soft",
                "on D: P;everywhere, on every D: P",
                "last bar of the second Verse: stop;second Verse, last bar: stop and count",
                "every second pass of the Verse: P;Verse, every second pass: P",
                "last bar of the last pass of the Verse: P;Verse, last pass, last bar: P",
                "on the last G of the Verse: P;Verse, on the last G: P",
                "last chord where nobody sings: P;everywhere, last chord, where nobody sings: P",
                "in version First week in the Verse: soft;Verse, in version First week: soft",
                "Verse, bars 5 to 8: soft;Verse, bars 5-8: soft",
                "bars 5 and 6 of the Verse: soft;Verse, bars 5-6: soft",
                "in the verse, P, soft;Verse: P, soft",
                "Verse pass 2 P;Verse, pass 2: P",
                "last chorus, or P;Last chorus: or P",
                "Verse, last G: P;Verse, on the last G: P",
                "in version First week: only beats form;everywhere, in version First week: only beats form"
            })
    void thePartsOfAPlaceComeInAnyOrder(String typed, String written) {
        assertEquals(written, English.say(song, English.rule(song, typed)));
        assertEquals(English.rule(song, written), English.rule(song, typed));
    }

    /** Verse, Chorus, Verse, Chorus, Last chorus, of two bars each. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Chorus, song bar 4: silence; Chorus, bar 2: silence",
                "Verse, song bars 5-6: soft; Verse, bars 1-2: soft",
                "second Chorus, song bar 7: P; second Chorus, bar 1: P"
            })
    void barsMayBeCountedThroughTheSong(String sentence, String written) {
        assertEquals(written, English.say(song, English.rule(song, sentence)));
    }

    @Test
    void whatHasANameAboveItIsSaidWithoutItEvenIfTheNameLooksLikeASentence() {
        Song named = song.withSection(VERSE, section -> section.withName("Walk home, slowly: verse"));
        var words = new RuleSentence(English.LEXICON, named);
        assertEquals("soft", words.within(rule(Where.in(VERSE))));
        assertEquals(
                "last pass, last chord: soft",
                words.within(rule(Where.in(VERSE).withPass(PassChoice.LAST).withPart(new Part.OnChordFromEnd(1)))));
    }

    private static Rule rule(Where where) {
        return new Rule(where, Play.OPEN.with(Swell.of(Dynamic.SOFT)));
    }

    @Test
    void theEntryThatIsMeantStaysWhenTheOrderIsChanged() {
        Rule rule = English.rule(song, "second Verse: silence");
        var uses = List.of(song.uses().get(2), song.uses().get(0), song.uses().get(1));
        assertEquals("first Verse: silence", English.say(song.withUses(uses), rule));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Versus P; needs a colon; 8",
                "Bridge: P; no section; 0",
                "third Verse: P; there are 2; 0",
                "Verse, sometimes: P; no place; 7",
                "Verse, song bar 4: P; this section does not have; 7",
                "Verse, song bar 40: P; this section does not have; 7",
                "Verse, pass 100: P; a pass is 1 to 99; 7",
                "Verse, last bar, chord 1: P; two parts of a pass; 17",
                "Verse, in version Second: P; which is not there; 7",
                "Verse: Zigzag; no pattern of this song; 7",
                "Verse: upside down form; upside down; 7",
                "Verse: up 12 with the capo; 1 to 11 semitones; 7",
                "Verse: pause of 0 beats; over 0 to 32; 7"
            })
    void whatMeansNothingIsSaidWithItsPlace(String sentence, String reason, int index) {
        var wrong = assertThrows(NotationException.class, () -> English.rule(song, sentence));
        assertTrue(English.of(wrong).contains(reason), English.of(wrong));
        assertEquals(index, wrong.index());
    }

    /** A part of the section comes before one use of it; what is offered says the place so narrowly that it wins. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Verse, last chord: silence; second Verse: Tin roof, soft; second Verse, last chord: Tin roof, soft",
                "Verse, last chord: silence; last Verse: held strum; last Verse, last chord: held strum",
                "second Verse: silence; Verse: held strum; ",
                "Verse, last chord: silence; Verse: held strum; "
            })
    void whatIsBeatenByABarOfTheSectionCanBeLetWinInItsUse(String winner, String loser, String offered) {
        Song ruled = song.withRule(English.rule(song, winner)).withRule(English.rule(song, loser));
        Why.Reason reason = Why.at(ruled, 2, 1, 1).reasons().getFirst();
        assertEquals(winner, English.say(ruled, reason.winner()));
        Optional<Rule> let = reason.letting(English.rule(song, loser));
        assertEquals(Optional.ofNullable(offered), let.map(rule -> English.say(ruled, rule)));
        let.ifPresent(rule -> assertEquals(
                rule, Why.at(ruled.withRule(rule), 2, 1, 1).reasons().getFirst().winner()));
    }

    @Test
    void whatAnotherSectionPlaysIsNamedByIt() {
        Song other = song.withRule(English.rule(song, "Chorus: Tin roof, soft"));
        assertEquals(
                "Verse, first half: Tin roof, soft",
                English.say(other, English.rule(other, "Verse, first half: as in the Chorus")));
        assertThrows(NotationException.class, () -> English.rule(other, "Verse: as in the Bridge"));
        assertThrows(NotationException.class, () -> English.rule(other.withRules(List.of()), "Verse: like Chorus"));
    }

    @Test
    void whyShowsTheWinnerAndWhatItBeats() {
        Song ruled = song.withRule(English.rule(song, "Verse, last chord: Tin roof, soft"))
                .withRule(English.rule(song, "everywhere: silence"))
                .withRule(English.rule(song, "Verse: strong"));
        Why why = Why.at(ruled, 0, 1, 1);
        assertEquals(
                "Verse, last chord: Tin roof, soft",
                English.say(ruled, why.reasons().getFirst().winner()));
        assertEquals(
                List.of("Verse: P", "everywhere: silence"),
                why.reasons().getFirst().beaten().stream()
                        .map(rule -> English.say(ruled, rule))
                        .toList());
        assertEquals(Why.About.LOUDNESS, why.reasons().get(1).about());
        assertEquals(
                "Verse: P",
                English.say(ruled, Why.at(ruled, 0, 1, 0).reasons().getFirst().winner()));
        assertEquals(
                Optional.of(What.Event.SILENCE),
                Why.at(ruled, 1, 1, 0).reasons().getFirst().winner().play().what());
    }
}
