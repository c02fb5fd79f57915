package tactus.core.written.rule;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;

/** The precedence of domain rules: this span on this pass, this pass, this use, the section, the song. */
class RuleBookTest {

    private static final SectionId CHORUS = new SectionId("chorus");
    private static final Where SECTION = Where.in(CHORUS);
    private static final Where USE = SECTION.withUse(UseChoice.entry(3));
    private static final Where PASS = USE.withPass(PassChoice.LAST);

    /** From the widest to the narrowest. */
    private static final List<Where> NARROWING = List.of(
            Where.EVERYWHERE,
            Where.EVERYWHERE.withCompany(Optional.of(Company.BAND)),
            SECTION,
            SECTION.withUse(UseChoice.LAST),
            USE,
            SECTION.withPass(PassChoice.LAST),
            PASS,
            SECTION.withPart(new Part.Voice(false)),
            SECTION.withPart(new Part.OnChord(1)),
            PASS.withPart(new Part.InHalf(true)),
            PASS.withPart(new Part.InBars(Stretch.bars(1, 2))),
            Where.EVERYWHERE.withVersion(Optional.of("First week")));

    private static Rule rule(Where where, String pattern) {
        return new Rule(where, Play.pattern(new PatternId(pattern)));
    }

    @Test
    void theNarrowerRuleWinsInWhateverOrderTheyWereWritten() {
        var rules = new ArrayList<Rule>();
        for (int i = 0; i < NARROWING.size(); i++) rules.add(rule(NARROWING.get(i), "p" + i));
        List<Rule> narrowestFirst = List.copyOf(rules.reversed());
        for (int seed = 0; seed < 50; seed++) {
            Collections.shuffle(rules, new Random(seed));
            assertEquals(narrowestFirst, new RuleBook(rules).rules());
        }
    }

    @Test
    void ofTwoThatAreAlikeTheLaterOneWinsAndTheTieIsSaid() {
        Rule earlier = rule(SECTION, "one");
        Rule later = rule(SECTION, "two");
        var verdict = RuleBook.decide(new RuleBook(List.of(earlier, later)).rules(), Play::what)
                .orElseThrow();
        assertEquals(later, verdict.winner());
        assertEquals(List.of(earlier), verdict.ties());
    }

    private static Situation situation(int use, boolean last, int pass, Optional<String> version, Company company) {
        return new Situation(CHORUS, use, last, pass, 2, version, company);
    }

    @Test
    void aRuleHoldsWhereAllOfItsConditionsDo() {
        var book = new RuleBook(List.of(
                rule(Where.in(new SectionId("verse")), "verse"),
                rule(PASS, "pass"),
                rule(SECTION.withUse(UseChoice.LAST), "last"),
                rule(Where.EVERYWHERE.withVersion(Optional.of("First week")), "version"),
                rule(Where.EVERYWHERE.withCompany(Optional.of(Company.PIANO)), "piano")));
        assertEquals(List.of("pass"), names(book, situation(3, false, 2, Optional.empty(), Company.ALONE)));
        assertEquals(List.of(), names(book, situation(3, false, 1, Optional.empty(), Company.ALONE)));
        assertEquals(
                List.of("version", "last", "piano"),
                names(book, situation(5, true, 1, Optional.of("First week"), Company.PIANO)));
    }

    private static List<String> names(RuleBook book, Situation situation) {
        return book.at(book.in(situation)).stream()
                .map(rule -> rule.pattern().orElseThrow().value())
                .toList();
    }

    @Test
    void aFormThatStandsAloneBelongsToWhateverIsPlayed() {
        Rule light = new Rule(Where.EVERYWHERE, Play.OPEN.with(FormChoice.of(Form.Derivation.LIGHT_BEATS)));
        Rule own = new Rule(SECTION, Play.pattern(new PatternId("a")).with(FormChoice.of(Form.Derivation.SWUNG)));
        assertEquals(
                FormChoice.of(Form.Derivation.SWUNG),
                Assigned.by(List.of(own, light)).form());
        Assigned other = Assigned.by(List.of(rule(PASS, "b"), own, light));
        assertEquals(FormChoice.of(Form.Derivation.LIGHT_BEATS), other.form());
        assertEquals(Optional.of(new PatternId("b")), other.pattern());
    }

    @Test
    void anEventWinsAndRemembersThePatternBelowIt() {
        Rule muted = new Rule(PASS, Play.of(What.Event.MUTED));
        Assigned assigned = Assigned.by(List.of(muted, rule(SECTION, "a")));
        assertEquals(Optional.of(What.Event.MUTED), assigned.what());
        assertEquals(Optional.of(new PatternId("a")), assigned.pattern());
        assertEquals(Optional.of(muted), assigned.rule());
        assertTrue(Assigned.by(List.of()).what().isEmpty());
    }
}
