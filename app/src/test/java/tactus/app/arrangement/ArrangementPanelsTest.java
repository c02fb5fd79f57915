package tactus.app.arrangement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.app.arrangement.assignment.ExceptsModel;
import tactus.app.arrangement.assignment.MarksModel;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.app.arrangement.assignment.Target;
import tactus.app.arrangement.comparison.CompareModel;
import tactus.app.arrangement.comparison.SumsModel;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.snag.Kind;
import tactus.core.ground.refusal.Outcome;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.What;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.core.written.song.Why;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.transport.Transport;
import tactus.words.SongWords;
import tactus.words.Words;

/** What the panels beside the bars do, without a window; what is wrong is said and nothing is taken. */
class ArrangementPanelsTest {

    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private final ArrangementParts parts = ArrangementParts.of(
            work,
            new PlayerModel(work, mock(Transport.class)),
            new Settings(new DataFolder(Path.of("target", "no-settings"))));
    private final ArrangementModel model = parts.arrangement();

    private String lastRule() {
        return new SongWords(work.song()).of(work.song().rules().getLast());
    }

    private Section section(String id) {
        return work.song().section(new SectionId(id)).orElseThrow();
    }

    private static void assertSays(String part, Outcome outcome) {
        String said = outcome.refusal().map(Words::why).orElse("nothing");
        assertTrue(said.contains(part), said);
    }

    @Test
    void theRulesOfTheChosenSectionComeFirst() {
        model.chooseUse(5);
        List<RulesModel.Sentence> sentences = parts.rules().sentences();
        assertEquals("Bridge: Driving eighths", sentences.getFirst().text());
        assertTrue(sentences.getFirst().isHere());
        assertFalse(sentences.getLast().isHere());
        assertEquals(work.song().rules().size(), sentences.size());
    }

    @Test
    void aRuleIsRewrittenInItsPlaceAndDeleted() {
        parts.rules().edit(2);
        assertEquals("Verse: Bass and brush", parts.rules().editedText());
        assertSays(
                "no place", parts.rules().take("Verse, now and then: Tin roof").outcome());
        assertEquals(OptionalInt.of(2), parts.rules().editedProperty().get(), "it stays open until it is right");
        assertEquals(Outcome.DONE, parts.rules().take("Verse: Tin roof, strong").outcome());
        assertEquals(
                "Verse: Tin roof, strong",
                new SongWords(work.song()).of(work.song().rules().get(2)));
        parts.rules().delete(2);
        assertEquals(
                "second Verse, last pass: Lantern march",
                new SongWords(work.song()).of(work.song().rules().get(2)));
    }

    @ParameterizedTest
    @CsvSource({
        "SECTION, Verse",
        "LAST_PASS, 'Verse, last pass'",
        "THIS_TIME, second Verse",
        "THIS_PASS, 'second Verse, pass 2'",
        "LAST_TIME, last Verse",
        "UNSUNG, 'Verse, where nobody sings'",
        "SONG, everywhere"
    })
    void aKeySpeaksOfThePlaceThatIsChosenForIt(Target target, String where) {
        model.choose(3, 2, 1);
        parts.rules().targetProperty().set(target);
        parts.rules().louder(-1);
        assertTrue(work.song().rules().stream()
                .filter(rule -> rule.play().dynamics().isPresent())
                .anyMatch(rule -> new SongWords(work.song()).of(rule.where()).equals(where)));
    }

    @ParameterizedTest
    @EnumSource(What.Event.class)
    void anEventIsToggledOnTheChosenChord(What.Event event) {
        Song before = work.song();
        model.choose(1, 1, 2);
        parts.rules().toggle(event);
        assertEquals("Verse, chord 3: " + Words.lexicon().word("event", event), lastRule());
        assertEquals(
                Optional.of(event), model.chosenSpan().orElseThrow().played().what());
        parts.rules().toggle(event);
        assertEquals(before, work.song());
    }

    @Test
    void aPatternIsPutOnOneChordOnly() {
        model.choose(1, 1, 2);
        parts.rules().assignToChord(3);
        parts.rules().assignToChord(99);
        assertEquals("Verse, chord 3: Tin roof", lastRule());
        assertEquals(
                Why.About.WHAT,
                parts.rules().why().orElseThrow().reasons().getFirst().about());
    }

    @Test
    void aSuggestionIsTakenAndNoLongerMade() {
        model.chooseUse(1);
        int count = parts.rules().suggestions().size();
        assertTrue(count > 0);
        parts.rules().take(parts.rules().suggestions().getFirst());
        assertEquals(count - 1, parts.rules().suggestions().size());
    }

    @Test
    void exceptionsAreAddedListedTakenBackAndWrongOnesExplained() {
        model.chooseUse(1);
        ExceptsModel excepts = parts.excepts();
        assertSays("say which bars", excepts.add(" ", "", PassChoice.EVERY));
        assertSays("are no bars such as", excepts.add("the end", "F", PassChoice.EVERY));
        assertSays("is no chord", excepts.add("bar 1", "Hm", PassChoice.EVERY));
        assertSays("1 missing", excepts.add("bar 1", "C:3", PassChoice.EVERY));
        assertFalse(work.canUndoProperty().get());
        excepts.add("bar 8", "F G", PassChoice.LAST);
        excepts.add("", "C", PassChoice.EVERY);
        excepts.add("bar 1", "", PassChoice.of(1));
        excepts.run(3);
        assertEquals(
                List.of("last pass, bar 8: F G instead", "then C", "pass 1, bar 1 left out", "goes round 3 times"),
                excepts.sentences());
        assertEquals(
                (8 + 1 - 1) + (8 + 1) + (8 + 1),
                work.timeline().bars().stream().filter(bar -> bar.use() == 1).count());
        excepts.run(2);
        excepts.takeBack(0);
        assertEquals(List.of("then C", "pass 1, bar 1 left out"), excepts.sentences());
        assertSays("1 to 99 times", excepts.run(100));
    }

    /** The entry that becomes a section plays and sounds as it did. */
    @Test
    void aUseBecomesASectionOfItsOwnAndPlaysAsBefore() {
        model.chooseUse(3);
        Timeline before = work.timeline();
        parts.excepts().makeSection();
        assertEquals("verse-2", work.song().order().get(3).value());
        assertEquals(before.strokes().size(), work.timeline().strokes().size());
        for (int i = 0; i < before.strokes().size(); i++) {
            assertEquals(
                    before.strokes().get(i).strings(),
                    work.timeline().strokes().get(i).strings());
            assertEquals(
                    before.strokes().get(i).loudness(),
                    work.timeline().strokes().get(i).loudness());
        }
        work.undo();
        assertEquals(DemoSong.LANTERN_WALK.song(), work.song());
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "x.2 light", "3.2", "99 light", "3.40 light", "1.1 "})
    void aCueWithoutAPlaceOrWordsIsRefused(String text) {
        model.chooseUse(1);
        assertFalse(parts.marks().addCue(text).isDone());
        assertFalse(work.canUndoProperty().get());
    }

    @Test
    void voiceIsToggledForTheBarsOfAChordAndCuesComeAndGo() {
        model.choose(5, 1, 1);
        parts.marks().toggleVoice();
        assertEquals(List.of(Stretch.bars(3, 4)), section("bridge").voice());
        parts.marks().toggleVoice();
        assertEquals(List.of(), section("bridge").voice());
        parts.marks().addCue("2.3 hush");
        assertEquals(
                List.of("bar 1, beat 1: walk on", "bar 2, beat 3: hush"),
                parts.marks().cues());
        parts.marks().removeCue(0);
        assertEquals(List.of("bar 2, beat 3: hush"), parts.marks().cues());
    }

    @Test
    void aTagNeverLeadsBackToItsSection() {
        model.chooseUse(0);
        assertEquals(Outcome.DONE, parts.marks().takeTag(Optional.of(new SectionId("ending"))));
        model.chooseUse(7);
        assertFalse(parts.marks().possibleTags().contains(section("intro")));
        assertSays("its own tag", parts.marks().takeTag(Optional.of(new SectionId("intro"))));
        assertSays("its own tag", parts.marks().takeTag(Optional.of(new SectionId("ending"))));
        assertEquals(104, work.timeline().bars().size());
    }

    @Test
    void aSecondGuitarAndOtherNamesAreTakenByName() {
        model.chooseUse(1);
        assertEquals(Outcome.DONE, parts.marks().takeSecond("lantern bells, Tin roof"));
        assertEquals(
                List.of(new PatternId("lantern-bells"), new PatternId("tin-roof")),
                section("verse").second());
        assertEquals("Lantern bells, Tin roof", parts.marks().second());
        assertSays("no pattern called \"Bells\"", parts.marks().takeSecond("Bells"));
        assertEquals(Outcome.DONE, parts.marks().takeAliases("Stanza, Strophe"));
        assertTrue(section("verse").isCalled("strophe"));
    }

    @Test
    void aWalkIsWrittenOverTheLastBeatsOfTheChord() {
        model.choose(1, 1, 0);
        MarksModel.Walk walk = parts.marks().walk(3).orElseThrow();
        assertEquals("C to G", walk.from() + " to " + walk.to());
        parts.marks().take(walk);
        assertEquals("Verse, bars 2.2-2.4: Walk C to G", lastRule());
        assertEquals(
                Optional.of(new PatternId("walk-c-to-g")),
                work.timeline()
                        .spansIn(work.timeline().bar(10).orElseThrow())
                        .getLast()
                        .pattern());
    }

    @Test
    void aTempoIsTappedOrTakenFromTheRecording() {
        SumsModel sums = parts.sums();
        for (int tap = 0; tap < 5; tap++) sums.tap(100 + tap * 0.5);
        sums.takeTapped();
        assertEquals(120, work.song().facts().tempo().perMinute());
        assertSays("not a time", sums.takeRecording("long"));
        sums.takeRecording("4:22");
        assertTrue(sums.comparison().startsWith("-61."), sums.comparison());
        sums.takeTempo();
        assertEquals(92.1, work.song().facts().tempo().perMinute());
        sums.takeRecording("");
        assertEquals("", sums.comparison());
        assertEquals("outside the song", sums.place("9:59"));
        assertEquals("\"9:x\" is not a time such as 3:24", sums.place("9:x"));
        sums.takePlanned("Intro, Solo, ,");
        assertEquals("Intro, Solo", sums.planned());
    }

    @Test
    void aVersionSaysOnlyWhatItChanges() {
        VersionsModel versions = parts.versions();
        assertSays("always there", versions.add("Full"));
        assertSays("already", versions.add("first week"));
        assertSays("without : and ,", versions.add("a, b"));
        assertEquals(Outcome.DONE, versions.add("Quiet"));
        assertEquals(List.of(), versions.changes());
        versions.takePlain(true);
        versions.takeMostStrokes(Optional.of(4));
        versions.takeCapo(Optional.of(0));
        versions.takeCompany(Company.PIANO);
        assertEquals(
                List.of("Capo at 0", "Without finger moves", "With a piano", "At most 4 strokes a second"),
                versions.changes());
        assertSays("1 to 20 strokes", versions.takeMostStrokes(Optional.of(99)));
        assertTrue(work.snags().stream().anyMatch(snag -> snag.kind() == Kind.TOO_FAST_FOR_VERSION));
        versions.show("full");
        assertEquals(Company.ALONE, versions.company());
        versions.showNext();
        assertEquals("First week", versions.shown());
        versions.delete();
        assertEquals(List.of("full", "With the band", "Quiet"), versions.names());
        assertTrue(work.song().rules().stream()
                .noneMatch(rule -> rule.where().version().equals(Optional.of("First week"))));
    }

    @Test
    void harmonyIsSplitJoinedAndRepeatedWithItsRulesFollowing() {
        model.choose(1, 1, 1);
        parts.rules().toggle(What.Event.HELD);
        model.chooseSpan(0);
        parts.harmony().split();
        assertEquals("Verse, chord 3: held strum", lastRule());
        assertEquals("C | C | G_ | Am | F x2 | C | G", parts.line().line());
        parts.bars().repeatBar();
        assertEquals("Verse, chord 4: held strum", lastRule());
        model.chooseSpan(0);
        parts.harmony().join();
        assertEquals("Verse, chord 3: held strum", lastRule());
        model.chooseSpan(2);
        parts.harmony().removeSpan();
        assertFalse(lastRule().contains("held strum"), lastRule());
    }

    @Test
    void aChordIsCountedInEveryUnit() {
        model.choose(1, 1, 0);
        assertEquals("2 bars = 8 beats = 2 rounds", parts.harmony().inOtherUnits());
        parts.harmony().addBeats(-2);
        assertEquals("6 beats = 1½ rounds", parts.harmony().inOtherUnits());
        model.choose(3, 1, 0);
        assertEquals("", parts.harmony().inOtherUnits(), "this use has other bars");
    }

    @Test
    void whatIsComparedIsAnotherUseOfTheSection() {
        var compare = new CompareModel(work);
        assertEquals(
                List.of(
                        "Intro",
                        "first Verse",
                        "first Chorus",
                        "second Verse",
                        "second Chorus",
                        "Bridge",
                        "third Chorus",
                        "Ending"),
                compare.sides().stream().map(CompareModel.Side::name).toList());
        assertEquals(1, compare.other(3));
        assertEquals(1, compare.other(0));
        assertEquals(4, compare.other(5));
        var sides =
                compare.compare(compare.sides().get(1), compare.sides().get(3)).orElseThrow();
        assertEquals(1, sides.differences().size());
        String played = compare.played(compare.sides().get(1), compare.sides().get(3));
        assertTrue(played.contains("Lantern march") && played.contains("against"), played);
    }

    @Test
    void inAnEmptySongEveryPanelDoesNothingAndSaysSo() {
        work.begin(Song.empty("Empty"));
        parts.rules().toggle(What.Event.STOP);
        parts.rules().louder(1);
        parts.rules().assignToChord(1);
        parts.marks().toggleVoice();
        parts.excepts().makeSection();
        parts.excepts().add("bar 1", "C", PassChoice.EVERY);
        parts.harmony().split();
        parts.harmony().join();
        parts.bars().copyBar();
        parts.bars().pasteBar();
        assertEquals(Optional.empty(), parts.rules().why());
        assertEquals(Optional.empty(), parts.excepts().name());
        assertEquals(Optional.empty(), parts.marks().walk(2));
        assertEquals("", parts.line().line());
        assertEquals(0, parts.sums().sums().bars());
        assertFalse(work.canUndoProperty().get());
    }
}
