package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.music.pitch.Key;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/** What is changed while a version is shown is changed in it alone. */
class InVersionTest {

    private static final String WEEK = "First week";
    private static final SectionId CHORUS = new SectionId("chorus");
    private final Song full = full();
    private final Song week = shown(full);

    private static Song full() {
        Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        Song two = song.withSection(song.section(VERSE).orElseThrow().copiedAs(CHORUS, "Chorus"))
                .withPattern(Pattern.empty(
                                new PatternId("tin"), "Tin roof", song.facts().meter())
                        .withLine("d-d-d-d-"))
                .withOrder(List.of(VERSE, CHORUS, VERSE));
        return two.withVersions(new Versions(List.of(Version.of(WEEK), Version.of("Band")), Optional.empty()));
    }

    private static Song shown(Song song) {
        return song.withVersions(song.versions().withShown(Optional.of(WEEK)));
    }

    private static Song unshown(Song song) {
        return song.withVersions(song.versions().withShown(Optional.empty()));
    }

    private static Song line(Song song, String line) {
        return song.withPattern(song.pattern(PATTERN).orElseThrow().withLine(line));
    }

    private static Song other(Song song, int use, String sentence) {
        Use entry = song.uses().get(use);
        return song.withUse(entry.plus(Except.runs(Integer.parseInt(sentence))));
    }

    private static Rule said(Song song, String sentence) {
        return English.rule(song, sentence);
    }

    static Stream<UnaryOperator<Song>> edits() {
        return Stream.of(
                song -> line(song, "d---d---"),
                song -> song.withSection(
                        VERSE,
                        verse -> verse.withPasses(3).withSpans(verse.spans().reversed())),
                song -> song.withChord(new Chord("G", Voicing.parse("3-x-0-0-0-3"))),
                song -> song.withChord(new Chord("Em", Voicing.parse("0-2-2-0-0-0")))
                        .withSection(
                                CHORUS,
                                each -> each.withSpans(List.of(new tactus.core.written.harmony.Span(
                                        "Em", each.spans().getFirst().length())))),
                song -> song.withUses(List.of(Use.of(1, VERSE), Use.of(4, CHORUS), Use.of(2, CHORUS))),
                song -> other(song, 0, "2"),
                song -> song.withFacts(song.facts().withTempo(Tempo.of(70, Meter.of(4, 4)))),
                song -> song.withFacts(song.facts()
                        .withInstrument(song.facts().instrument().withCapo(3))
                        .withKey(song.facts().key().plus(3))),
                song -> song.withFacts(
                        song.facts().withInstrument(song.facts().instrument().withCapo(3))),
                song -> song.withPattern(
                        Pattern.empty(new PatternId("new"), "New", song.facts().meter())
                                .withLine("d")),
                song -> song.withSection(
                        song.section(VERSE).orElseThrow().copiedAs(new SectionId("bridge"), "Bridge")));
    }

    @ParameterizedTest
    @MethodSource("edits")
    void anEditIsSeenInTheVersionAndNowhereElse(UnaryOperator<Song> edit) {
        InVersion made = InVersion.of(week, edit);
        boolean isNew = made.written().patterns().size() > full.patterns().size()
                || made.written().sections().size() > full.sections().size();
        assertEquals(isNew ? Set.of(ForAll.NEW) : Set.of(), made.forAll());
        Song seen = made.written().asShown();
        Song wanted = edit.apply(week.asShown());
        assertEquals(wanted.facts(), seen.facts());
        assertEquals(wanted.materials(), seen.materials());
        assertEquals(wanted.arrangement(), seen.arrangement());
        Song rest = unshown(made.written()).asShown();
        assertEquals(full.uses(), rest.uses());
        assertEquals(full.facts(), rest.facts());
        full.patterns().forEach(each -> assertEquals(Optional.of(each), rest.pattern(each.id())));
        full.sections().forEach(each -> assertEquals(Optional.of(each), rest.section(each.id())));
        assertEquals(full.chords(), rest.chords());
    }

    @ParameterizedTest
    @MethodSource("edits")
    void anEditThatIsTakenBackLeavesNothing(UnaryOperator<Song> edit) {
        Song made = InVersion.of(week, edit).written();
        Song back = InVersion.of(
                        made,
                        song -> new Song(
                                week.facts(),
                                new Materials(
                                        week.chords(),
                                        song.patterns().stream()
                                                .map(each ->
                                                        week.pattern(each.id()).orElse(each))
                                                .toList()),
                                new Arrangement(
                                        song.sections().stream()
                                                .map(each ->
                                                        week.section(each.id()).orElse(each))
                                                .toList(),
                                        week.uses(),
                                        week.rules()),
                                song.versions(),
                                song.changeCounts(),
                                song.lesson()))
                .written();
        Version version = back.versions().named(WEEK).orElseThrow();
        assertEquals(List.of(), version.overlay().patterns());
        assertEquals(List.of(), version.overlay().sections());
        assertEquals(List.of(), version.overlay().uses());
        assertEquals(Optional.empty(), version.overlay().order());
        assertEquals(OtherFacts.NONE, version.facts());
    }

    @Test
    void aRuleSaidInAVersionIsARuleOfThatVersion() {
        Song once = InVersion.of(week, song -> song.withRule(said(song, "Verse: Tin roof")))
                .written();
        assertEquals(
                "Verse, in version First week: Tin roof",
                English.say(once, once.rules().getLast()));
        Song twice = InVersion.of(once, song -> song.withRule(said(song, "Verse: P")))
                .written();
        assertEquals(full.rules(), twice.rules(), "what the song says anyway is not said again");
        assertEquals(Optional.of(PATTERN), Assignment.of(twice, VERSE));
        assertEquals(
                Optional.of(new PatternId("tin")),
                Assignment.of(once, VERSE),
                "the version's pattern is what the section has while it is shown");
    }

    @Test
    void aRuleOfTheSongThatIsTakenOutInAVersionDoesNotHoldInItOnly() {
        Song stopped = shown(full.withRule(said(full, "Verse, last chord: stop and count")));
        Rule stop = stopped.rules().getLast();
        UnaryOperator<Song> out = song -> song.withRules(
                song.rules().stream().filter(rule -> !rule.equals(stop)).toList());
        Song made = InVersion.of(stopped, out).written();
        assertFalse(made.asShown().rules().contains(stop));
        assertTrue(unshown(made).asShown().rules().contains(stop));
        Song again = InVersion.of(made, song -> song.withRule(stop)).written();
        assertTrue(again.asShown().rules().contains(stop));
        assertEquals(
                List.of(), again.versions().named(WEEK).orElseThrow().overlay().dropped());
    }

    @Test
    void takingThePatternOfASectionAwayInAVersionLeavesTheSongItsOwn() {
        Song made = InVersion.of(week, song -> Assignment.assigned(song, Where.in(VERSE), Optional.empty()))
                .written();
        assertEquals(Optional.empty(), Assignment.of(made.asShown(), VERSE));
        assertEquals(Optional.of(PATTERN), Assignment.of(unshown(made), VERSE));
    }

    @Test
    void anEntryOfAVersionCanHaveARule() {
        Song longer = InVersion.of(
                        week,
                        song -> song.withUses(
                                Stream.concat(song.uses().stream(), Stream.of(Use.of(song.freshUseId(), VERSE)))
                                        .toList()))
                .written();
        Song ruled = InVersion.of(longer, song -> song.withRule(said(song, "last Verse: held strum")))
                .written();
        Song entry = InVersion.of(
                        ruled,
                        song -> song.withRule(new Rule(
                                Where.in(VERSE)
                                        .withUse(tactus.core.written.rule.UseChoice.entry(
                                                song.uses().getLast().id())),
                                Play.of(What.Event.SILENCE))))
                .written();
        assertEquals(4, entry.asShown().uses().size());
        assertEquals(3, unshown(entry).asShown().uses().size());
        assertEquals(4, entry.freshUseId() - 1, "no entry of the song takes the id of one of a version");
        Song without = entry.withVersions(entry.versions().with(Version.of(WEEK)));
        assertTrue(without.rules().stream()
                .noneMatch(rule -> rule.where().use().entry().isPresent()));
    }

    @Test
    void whatIsAddedToTheSongLaterIsInTheVersionToo() {
        Song made = InVersion.of(week, song -> line(song, "d---d---")).written();
        Song later = unshown(made)
                .withSection(VERSE, verse -> verse.withPasses(4))
                .withChord(new Chord("Am", Voicing.parse("x-0-2-2-1-0")));
        Song seen = shown(later).asShown();
        assertEquals(4, seen.section(VERSE).orElseThrow().passes());
        assertTrue(seen.chord("Am").isPresent());
        assertEquals("d---d---", seen.pattern(PATTERN).orElseThrow().line());
    }

    @Test
    void whatBelongsToTheWholeSongIsChangedInAllVersionsAndSaysSo() {
        InVersion titled =
                InVersion.of(week, song -> song.withFacts(song.facts().withTitle("Another")));
        assertEquals(Set.of(ForAll.FACTS), titled.forAll());
        assertEquals("Another", unshown(titled.written()).facts().title());
        Song played = InVersion.of(week, song -> line(song, "d---d---")).written();
        InVersion deleted = InVersion.of(played, song -> song.withoutPattern(PATTERN));
        assertEquals(Set.of(ForAll.TAKEN_OUT), deleted.forAll());
        assertTrue(deleted.written().pattern(PATTERN).isEmpty());
        assertTrue(deleted.written().asShown().pattern(PATTERN).isEmpty());
        assertEquals(
                List.of(),
                deleted.written().versions().named(WEEK).orElseThrow().overlay().patterns());
        InVersion gone = InVersion.of(played, song -> song.withoutSection(CHORUS));
        assertEquals(Set.of(ForAll.TAKEN_OUT), gone.forAll());
        assertTrue(gone.written().asShown().section(CHORUS).isEmpty());
    }

    /** A tuning belongs to the song, and so do the shapes that are changed with it. */
    @Test
    void whatIsChangedTogetherWithTheTuningIsChangedInTheWholeSong() {
        InVersion retuned = InVersion.of(
                week,
                song -> song.withFacts(song.facts()
                                .withInstrument(song.facts()
                                        .instrument()
                                        .withTuning(tactus.core.music.pitch.Tuning.parse("D A D G B E"))))
                        .withChord(new Chord("D", Voicing.parse("0-0-0-2-3-2"))));
        assertTrue(retuned.forAll().contains(ForAll.FACTS));
        assertEquals(
                "000232",
                unshown(retuned.written()).chord("D").orElseThrow().voicing().toString());
        assertEquals(
                Overlay.NONE,
                retuned.written().versions().named(WEEK).orElseThrow().overlay());
    }

    @Test
    void theCapoMovesWithTheSameKeyOrUnderTheSameShapes() {
        Song shapes = InVersion.of(
                        week,
                        song -> song.withFacts(song.facts()
                                        .withInstrument(
                                                song.facts().instrument().withCapo(5)))
                                .withChordsRenamed(name -> name.equals("C") ? "G" : name.equals("G") ? "D" : "A")
                                .withChords(List.of(
                                        new Chord("G", Voicing.parse("3-2-0-0-0-3")),
                                        new Chord("D", Voicing.parse("x-x-0-2-3-2")))))
                .written();
        Song seen = shapes.asShown();
        assertEquals(Key.parse("C"), seen.facts().key());
        assertEquals(5, seen.facts().capo());
        assertEquals("G", seen.facts().shapesKey().toString());
        assertEquals("G", seen.section(VERSE).orElseThrow().spans().getFirst().chord());
        assertEquals(
                "C",
                unshown(shapes).section(VERSE).orElseThrow().spans().getFirst().chord());
    }

    @Test
    void aVersionThatIsPlainDoesNotKeepEveryPattern() {
        Song plain = week.withVersions(
                week.versions().with(week.versions().shownOne().orElseThrow().withPlain(true)));
        Song made = InVersion.of(plain, song -> song.withSection(VERSE, verse -> verse.withPasses(2)))
                .written();
        assertEquals(
                List.of(), made.versions().named(WEEK).orElseThrow().overlay().patterns());
    }

    @Test
    void withoutAVersionTheSongItselfIsChanged() {
        InVersion made = InVersion.of(full, song -> line(song, "d---d---"));
        assertEquals(line(full, "d---d---"), made.written());
        assertEquals(Set.of(), made.forAll());
    }

    /** The running order as a line was made of the song as it is shown, with what other versions hold: the full song had 44 bars. */
    @Test
    void anEditThatIsMadeOfTheSongAsItIsShownGoesIntoTheVersionAllTheSame() {
        Song other = InVersion.of(
                        unshown(full).withVersions(full.versions().withShown(Optional.of("Band"))),
                        song -> line(song, "d---d---"))
                .written();
        Song two = other.withVersions(other.versions().withShown(Optional.of(WEEK)));
        Song shorter = two.asShown().withUses(List.of(two.uses().getFirst()));
        InVersion made = InVersion.of(two, _ -> shorter);
        assertEquals(Set.of(), made.forAll());
        assertEquals(3, unshown(made.written()).asShown().uses().size());
        assertEquals(1, made.written().asShown().uses().size());
        assertEquals(
                other.versions().named("Band"),
                made.written().versions().named("Band"),
                "what another version holds stays");
    }

    @Test
    void whatBelongsToTheLessonIsForAllAndSaysSo() {
        InVersion hinted = InVersion.of(
                week,
                song -> song.withLesson(song.lesson().withHints(List.of(new Hint(new HintPlace.OfSong(), "slowly")))));
        assertEquals(Set.of(ForAll.LESSON), hinted.forAll());
    }
}
