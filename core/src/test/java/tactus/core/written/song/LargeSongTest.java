package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.Snags;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.reading.sentence.UseNames;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/** Songs at the edge of what is allowed, and what is taken out of them while it is used. */
class LargeSongTest {

    private static final Song SONG = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    @Test
    void aThousandEntriesWithAnExceptionEachAreLaidOut() {
        Song long_ = SONG.withOrder(Collections.nCopies(1_000, VERSE));
        List<Use> uses =
                long_.uses().stream().map(use -> use.plus(Except.runs(2))).toList();
        assertEquals(4_000, Timeline.of(long_.withUses(uses)).bars().size());
        assertEquals("1000th Verse", new UseNames(English.LEXICON, long_).of(999));
        assertEquals(1_001, long_.freshUseId());
    }

    @Test
    void aChordLongerThanTheSongIsCutAtTheEndOfItsSectionAndSaid() {
        Song spilled =
                SONG.withSection(VERSE, section -> section.withSpans(List.of(new Span("C", SpanLength.bars(1_000)))));
        Timeline timeline = Timeline.of(spilled);
        assertEquals(Length.of(2), timeline.spans().getLast().end());
        assertEquals(
                Kind.SPANS_DO_NOT_FILL_BARS,
                Snags.of(spilled, timeline, English.LEXICON).getFirst().kind());
        assertThrows(IllegalArgumentException.class, () -> SpanLength.bars(0));
        assertThrows(IllegalArgumentException.class, () -> SpanLength.rounds(1_001));
    }

    @Test
    void aSectionCannotLeadBackToItself() {
        Section other = SONG.section(VERSE)
                .orElseThrow()
                .copiedAs(new SectionId("b"), "B")
                .withTag(Optional.of(VERSE));
        Song tagged = SONG.withSection(other);
        assertThrows(
                IllegalArgumentException.class,
                () -> tagged.withSection(VERSE, section -> section.withTag(Optional.of(VERSE))));
        var wrong = assertThrows(
                Refusal.class, () -> tagged.withSection(VERSE, section -> section.withTag(Optional.of(other.id()))));
        assertTrue(English.of(wrong).contains("leads back to itself"), English.of(wrong));
    }

    @Test
    void anExceptionCannotMakeMoreBarsThanASectionHas() {
        var many = new Except.Bars(
                Collections.nCopies(9_999, Meter.of(4, 4)), List.of(new Span("C", SpanLength.bars(1_000))));
        Song odd = SONG.withUse(SONG.uses().getFirst().plus(Except.always(new Except.ExtraBars(many))));
        assertEquals(2, Timeline.of(odd).bars().size(), "the exception does nothing");
    }

    @Test
    void takingASectionAwayTakesItsRulesTagsAndEntriesWithIt() {
        Section other = SONG.section(VERSE)
                .orElseThrow()
                .copiedAs(new SectionId("b"), "B")
                .withTag(Optional.of(VERSE));
        Song both = SONG.withSection(other)
                .withUses(List.of(Use.of(1, VERSE), Use.of(2, other.id())))
                .withRule(new Rule(Where.in(VERSE).withUse(UseChoice.entry(1)), Play.of(What.Event.HELD)))
                .withRule(new Rule(Where.in(other.id()), Play.pattern(PATTERN)));
        Song left = both.withoutSection(VERSE);
        assertEquals(List.of(Use.of(2, other.id())), left.uses());
        assertEquals(1, left.rules().size());
        assertEquals(Optional.empty(), left.section(other.id()).orElseThrow().tag());
    }

    @Test
    void takingAPatternAwayTakesItsRulesAndFiguresButNotWhatElseTheySay() {
        Song said = SONG.withRules(List.of(
                        new Rule(Where.in(VERSE), Play.pattern(PATTERN).withPause(Length.of(2))),
                        new Rule(Where.EVERYWHERE, Play.pattern(PATTERN))))
                .withSection(VERSE, section -> section.withSecond(List.of(PATTERN)));
        Song left = said.withoutPattern(PATTERN);
        assertEquals(List.of(new Rule(Where.in(VERSE), Play.OPEN.withPause(Length.of(2)))), left.rules());
        assertEquals(List.of(), left.section(VERSE).orElseThrow().second());
        assertEquals(
                Kind.BAR_WITHOUT_PATTERN,
                Snags.of(left, Timeline.of(left), English.LEXICON).getFirst().kind());
    }

    @Test
    void takingAnEntryAwayTakesTheRulesThatSpeakOfItOnly() {
        Song twice = SONG.withOrder(List.of(VERSE, VERSE))
                .withRule(new Rule(Where.in(VERSE).withUse(UseChoice.entry(2)), Play.of(What.Event.HELD)));
        assertEquals(twice.rules(), twice.withUses(twice.uses().reversed()).rules());
        assertEquals(1, twice.withUses(twice.uses().subList(0, 1)).rules().size());
    }

    @Test
    void nothingSpeaksOfWhatIsNotThere() {
        var noUse = new Rule(Where.in(VERSE).withUse(UseChoice.entry(9)), Play.of(What.Event.HELD));
        assertThrows(IllegalArgumentException.class, () -> SONG.withRules(List.of(noUse)));
        var noVersion = new Rule(Where.EVERYWHERE.withVersion(Optional.of("Second")), Play.of(What.Event.HELD));
        assertThrows(IllegalArgumentException.class, () -> SONG.withRules(List.of(noVersion)));
        assertThrows(IllegalArgumentException.class, () -> SONG.withUses(List.of(Use.of(1, VERSE), Use.of(1, VERSE))));
    }

    @Test
    void renamingAChordRenamesItInExceptionsAndStandInsToo() {
        var bars = new Except.Bars(List.of(Meter.of(4, 4)), List.of(new Span("C", SpanLength.bars(1))));
        Song excepted = SONG.withUse(SONG.uses().getFirst().plus(Except.always(new Except.ExtraBars(bars))))
                .withVersions(SONG.versions()
                        .with(Version.of("Easy")
                                .withStandIns(List.of(SONG.chord("C").orElseThrow()))));
        Song renamed = excepted.withChordsRenamed(name -> name.equals("C") ? "Cmaj7" : name);
        assertEquals(
                "Cmaj7",
                renamed.versions().all().getFirst().standIns().getFirst().name());
        assertEquals("Cmaj7", Timeline.of(renamed).spans().getLast().chord());
    }
}
