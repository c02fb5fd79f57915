package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.words.WordedSong.VERSE;
import static tactus.words.WordedSong.ruled;
import static tactus.words.WordedSong.section;
import static tactus.words.WordedSong.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Each kind of snag an arrangement can have is found, and what mends it leaves none behind. */
class ArrangementSnagsTest {

    private static final Meter FOUR = Meter.parse("4/4");
    private static final Song CLEAN = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar, G: 1 bar", "d-du-udu");

    private static List<Said> snags(Song song) {
        return Said.of(song);
    }

    private static Said only(Song song, Kind kind) {
        List<Said> found =
                snags(song).stream().filter(snag -> snag.kind() == kind).toList();
        assertEquals(1, found.size(), snags(song).toString());
        return found.getFirst();
    }

    /** Finds the one snag of {@code kind}, mends it, and checks that it is gone. */
    private static Said mended(Song song, Kind kind) {
        Said snag = only(song, kind);
        Song fixed = snag.mended();
        assertTrue(
                snags(fixed).stream().noneMatch(each -> each.kind() == kind),
                snags(fixed).toString());
        return snag;
    }

    @Test
    void aSongInOrderHasNone() {
        assertEquals(List.of(), snags(CLEAN));
    }

    @Test
    void chordsThatDoNotFillTheirBarsAreHeldToTheEnd() {
        Said snag = mended(song("4/4 4/4", "C: 1 bar, G: 3 beats", "d-du-udu"), Kind.SPANS_DO_NOT_FILL_BARS);
        assertEquals("Hold G for 1 bar", snag.fix());
    }

    @Test
    void aCutPatternTakesItsShortFormOrIsMeant() {
        assertEquals(
                "Play its short form there",
                mended(
                                song("4/4", "C: 2 beats, G: 1/2 bars", "d-du-udu")
                                        .withSection(
                                                VERSE,
                                                s -> s.withSpans(List.of(
                                                        new Span("C", SpanLength.beats(2)),
                                                        new Span("G", SpanLength.beats(2)))))
                                        .withRule(new SongWords(CLEAN).rules().parse("Verse, chord 2: cut")),
                                Kind.PATTERN_CUT)
                        .fix());
        assertEquals(
                "Cut it there, as meant",
                mended(ruled(song("4/4", "C: 3 beats, G: 1 beat", "d-du-udu"), "Verse, chord 2: cut"), Kind.PATTERN_CUT)
                        .fix());
    }

    @Test
    void aBarWithoutAPatternGetsTheOneThatIsPlayedMost() {
        Song bare = CLEAN.withSection(section("bridge", "Bridge", "C | G | C | G"))
                .withOrder(List.of(VERSE, new SectionId("bridge")));
        assertEquals("Play P there", mended(bare, Kind.BAR_WITHOUT_PATTERN).fix());
        assertTrue(snags(ruled(bare, "Bridge: silence")).stream().noneMatch(s -> s.kind() == Kind.BAR_WITHOUT_PATTERN));
    }

    @Test
    void aChordWithoutAShapeGetsTheEasiestOne() {
        Song silent = CLEAN.withSection(VERSE, s -> s.withSpan(1, new Span("Am", SpanLength.bars(1))));
        mended(silent, Kind.CHORD_WITHOUT_SHAPE);
        assertTrue(snags(CLEAN.withSection(VERSE, s -> s.withSpan(1, new Span("N.C.", SpanLength.bars(1)))))
                .isEmpty());
    }

    @Test
    void roundsOfNothingHaveNoLength() {
        Song counted = CLEAN.withSection(VERSE, s -> s.withSpan(0, new Span("C", SpanLength.rounds(1))));
        Song bare = Assignment.assigned(counted, Where.in(VERSE), Optional.empty());
        mended(bare, Kind.CHORD_WITHOUT_LENGTH);
    }

    @Test
    void rulesThatContradictEachOtherAreShownAndTheLaterHolds() {
        var rules = new ArrayList<>(CLEAN.rules());
        rules.add(new SongWords(CLEAN).rules().parse("Verse: silence"));
        Said snag = mended(CLEAN.withRules(rules), Kind.RULES_CONTRADICT);
        assertEquals(
                "Verse: two rules speak of the same place: \"P\" and \"silence\". The later one holds.",
                snag.toString());
    }

    @Test
    void aRuleForAPlaceThatIsNotThereIsFoundUnlessItsSectionIsNotPlayed() {
        mended(ruled(CLEAN, "Verse, pass 2: silence"), Kind.RULE_NEVER_HOLDS);
        mended(ruled(CLEAN, "Verse, bars 5-6: soft"), Kind.RULE_NEVER_HOLDS);
        mended(ruled(CLEAN, "Verse, chord 9: soft"), Kind.RULE_NEVER_HOLDS);
        mended(ruled(CLEAN, "Verse, last pass: soft"), Kind.RULE_NEVER_HOLDS);
        Song waiting = ruled(CLEAN.withSection(section("solo", "Solo", "C | G | C | G")), "Solo, pass 3: silence");
        assertEquals(List.of(), snags(waiting));
    }

    @Test
    void anExceptionForBarsThatAreGoneIsTakenBack() {
        var bars = new Except.Bars(List.of(FOUR), List.of(new Span("C", SpanLength.bars(1))));
        Song odd = CLEAN.withUse(CLEAN.uses().getFirst().plus(Except.otherBars(Stretch.bars(7, 8), bars)));
        mended(odd, Kind.EXCEPTION_WITHOUT_BARS);
    }

    @Test
    void sectionsCalledTheSameThatDifferAreToldApart() {
        Song twice = CLEAN.withSection(section("verse-2", "verse", "C | G | D | C"));
        Said snag = mended(twice, Kind.SAME_NAME_OTHER_BARS);
        assertTrue(snag.sentence().contains("bar 4: G, 1 bar against bar 4: C, 1 bar"), snag.sentence());
        assertTrue(snags(CLEAN.withSection(section("verse-2", "Verse", "C | G | D | G")))
                .isEmpty());
    }

    @Test
    void aSectionThatIsABarLongerThanItsSiblingShowsTheLikeliestSlip() {
        Song longer = CLEAN.withSection(section("later", "Verse 2", "C | G x2 | D | G"));
        Said snag = mended(longer, Kind.LENGTH_UNLIKE_SIBLING);
        assertTrue(snag.sentence().contains("1 bar more than Verse"), snag.sentence());
        assertEquals("Hold G for 1 bar as in Verse", snag.fix());
        assertEquals(List.of(), snags(snag.mended()), "the bar that was too many is gone with it");
    }

    @Test
    void anOddLengthIsShownAndCanBeAcceptedWithAReasonUntilItChanges() {
        Song odd = CLEAN.withSection(section("a", "A", "C | C | G | G"))
                .withSection(section("b", "B", "D | D | D | D | C"));
        Said snag = only(odd, Kind.LENGTH_ODD);
        Song accepted = odd.withLesson(
                odd.lesson().with(new Accepted(snag.snag().id(), snag.snag().values(), "it breathes")));
        assertEquals(List.of(), snags(accepted));
        assertEquals(
                List.of(snag.snag()),
                Snags.byAcceptance(accepted, Snags.all(accepted, Timeline.of(accepted), Words.lexicon()))
                        .get(true));
        Song renamed = accepted.withSection(new SectionId("b"), each -> each.withName("Bridge"));
        assertEquals(List.of(), snags(renamed), "what it is called is no part of what it is");
        Song longer = accepted.withSection(section("b", "B", "D | D | D | D | C | C | C"));
        assertEquals(Kind.LENGTH_ODD, snags(longer).getFirst().kind());
    }

    @Test
    void aPlannedPartThatIsMissingOrNotPlayedIsFoundByAnyOfItsNames() {
        Song planned = CLEAN.withLesson(CLEAN.lesson().withPlanned(List.of("Verse", "Break")));
        assertTrue(mended(planned, Kind.PLANNED_PART_MISSING).sentence().endsWith("not there."));
        Song written = planned.withSection(
                section("solo", "Interlude", "C | G | C | G").withAliases(List.of("break")));
        assertTrue(only(written, Kind.PLANNED_PART_MISSING).sentence().endsWith("written but not played."));
        assertFalse(snags(ruled(written.withOrder(List.of(VERSE, new SectionId("solo"))), "Interlude: P")).stream()
                .anyMatch(snag -> snag.kind() == Kind.PLANNED_PART_MISSING));
    }

    @Test
    void theSameWordsForTwoRhythmsAndTwoNamesForOneAreFound() {
        Pattern said = CLEAN.patterns().getFirst().withLine("d-du----");
        said = said.withStory(said.story().withSaid("down, down up"));
        Pattern other = Pattern.empty(new PatternId("q"), "Q", FOUR).withLine("d---du--");
        other = other.withStory(other.story().withSaid("Down down  up"));
        Song words = CLEAN.withPattern(said).withPattern(other);
        assertEquals("Q", only(words, Kind.SAME_WORDS_OTHER_RHYTHM).where());
        Song names = ruled(
                CLEAN.withPattern(CLEAN.patterns().getFirst().copiedAs(new PatternId("r"), "R")), "Verse, bar 2: R");
        mended(names, Kind.SAME_RHYTHM_OTHER_NAME);
    }

    @Test
    void aLongStopWithoutACountGetsACue() {
        Song stopped = ruled(CLEAN, "Verse, bars 2-3: silence");
        Said snag = mended(stopped, Kind.STOP_WITHOUT_COUNT);
        assertTrue(snag.sentence().contains("for 8 beats"), snag.sentence());
        assertTrue(snags(ruled(CLEAN, "Verse, bar 2: silence")).isEmpty(), "one bar is counted without help");
    }

    @Test
    void aVersionThatAllowsFewerStrokesASecondIsKeptTo() {
        Song fast = CLEAN.withVersions(CLEAN.versions()
                .with(Version.of("First week").withMostStrokes(Optional.of(3)))
                .withShown(Optional.of("First week")));
        assertTrue(mended(fast, Kind.TOO_FAST_FOR_VERSION).sentence().contains("4.0 strokes a second"));
        assertEquals(List.of(), snags(fast.withVersions(fast.versions().withShown(Optional.empty()))));
    }

    @Test
    void aChangeThatTheStudentCannotMakeInTimeIsFoundWithTheTempoThatFits() {
        Said snag = only(CLEAN.withChangeCount(new ChangeCount("C", "G", 60)), Kind.CHANGE_TOO_QUICK);
        assertTrue(snag.sentence().contains("leaves 0.25 s") && snag.sentence().contains("up to 30"), snag.sentence());
        Song sparse = ruled(CLEAN.withChangeCount(new ChangeCount("C", "G", 130)), "Verse: only beats form");
        assertEquals(List.of(), snags(sparse));
    }

    @Test
    void aSecondGuitarMustFillTheBarsAndStartThemInTheChord() {
        Pattern riff =
                Pattern.empty(new PatternId("riff"), "Riff", FOUR).withBeats(3).withLine("1:1 - - - - -");
        Song riffed = CLEAN.withPattern(riff).withSection(VERSE, s -> s.withSecond(List.of(riff.id())));
        assertTrue(only(riffed, Kind.SECOND_PART_UNEVEN).sentence().contains("lasts 3 beats, the section 16 beats"));
        assertTrue(only(riffed, Kind.SECOND_PART_OFF_CHORD).sentence().contains("starts bars 1, 4 on a note"));
    }

    @Test
    void aSongThatIsNotAsLongAsItsRecordingTakesItsTempo() {
        Song recorded = CLEAN.withFacts(CLEAN.facts().withRecording(Optional.of(10.0)));
        Said snag = mended(recorded, Kind.NOT_AS_LONG_AS_RECORDING);
        assertEquals("Take 96.0 as the tempo", snag.fix());
        assertTrue(
                snags(CLEAN.withFacts(CLEAN.facts().withRecording(Optional.of(8.4))))
                        .isEmpty(),
                "half a bar is no snag");
    }

    @Test
    void aStrokeAgainstTheHandIsTurned() {
        Said snag = mended(song("4/4", "C: 1 bar", "d-(ut)u-udu"), Kind.AGAINST_THE_HAND);
        assertEquals("d-tu-udu", snag.mended().patterns().getFirst().line());
    }
}
