package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.performance.ClickTrack;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Length;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Tempo, shapes, a second guitar and other ways, said by rules. */
class PlayedOtherwiseTest {

    /** Four bars of 4/4 at 120 in which every beat is struck. */
    private final Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 1 bar, D: 1 bar", "d-d-d-d-")
            .withVersions(song("4/4", "C: 1 bar", "d").versions().with(Version.of("First week")));

    private Song ruled(String... sentences) {
        return ruled(song, sentences);
    }

    private static Song ruled(Song song, String... sentences) {
        Song ruled = song;
        for (String sentence : sentences) {
            var rules = new ArrayList<>(ruled.rules());
            rules.add(English.rule(ruled, sentence));
            ruled = ruled.withRules(rules);
        }
        return ruled;
    }

    /** How long each bar lasts, in seconds. */
    private static List<Double> barSeconds(Song song) {
        Timeline timeline = Timeline.of(song);
        return timeline.bars().stream()
                .map(bar -> timeline.seconds(bar.end()) - timeline.seconds(bar.start()))
                .toList();
    }

    private static void assertBars(Song song, double... seconds) {
        List<Double> bars = barSeconds(song);
        for (int i = 0; i < seconds.length; i++) assertEquals(seconds[i], bars.get(i), 0.001, "bar " + (i + 1));
    }

    @Test
    void aSectionHasATempoOfItsOwn() {
        // Four beats at 60 a minute last four seconds, at 120 two (the meaning of beats a minute).
        assertBars(ruled("Verse: tempo 60"), 4, 4, 4, 4);
        assertBars(ruled("Verse, bars 2-3: tempo 240"), 2, 1, 1, 2);
        assertBars(ruled("Verse, on every G: tempo 60"), 2, 4, 2, 2);
    }

    @Test
    void aVersionHasATempoOfItsOwn() {
        Song slow = ruled("everywhere, in version First week: tempo 60");
        assertBars(slow, 2, 2, 2, 2);
        assertBars(slow.withVersions(slow.versions().withShown(Optional.of("First week"))), 4, 4, 4, 4);
    }

    @Test
    void slowingDownGoesEvenlyFromBeatToBeat() {
        Timeline timeline = Timeline.of(ruled("Verse, last bar: slowing to 60"));
        // Beats whose tempo falls in a straight line from 120 to 60: each at that of its middle.
        double[] tempi = {112.5, 97.5, 82.5, 67.5};
        double at = 6;
        for (int beat = 0; beat < 4; beat++) {
            Length start = Length.of(3).plus(Length.QUARTER.times(beat));
            assertEquals(at, timeline.seconds(start), 0.001, "beat " + beat);
            at += 60 / tempi[beat];
        }
        assertEquals(at, timeline.seconds(), 0.001);
    }

    @Test
    void slowingDownBeginsWithTheTempoThatIsThere() {
        double last = barSeconds(ruled("Verse: tempo 80", "Verse, last bar: slowing to 40"))
                .getLast();
        assertEquals(60 / 75.0 + 60 / 65.0 + 60 / 55.0 + 60 / 45.0, last, 0.002);
    }

    @Test
    void aPauseLastsAsManyBeatsAsThereAreAtTheTempoOfItsPlace() {
        // Five beats at 60 where there are four.
        assertBars(ruled("Verse: tempo 60", "Verse, last bar: pause of 1 beat"), 4, 4, 4, 5);
    }

    @Test
    void strokesFallWhereTheirBeatsAre() {
        Timeline timeline = Timeline.of(ruled("Verse, bars 1-2: tempo 90", "Verse, last 2 bars: gaining to 200"));
        timeline.strokes().forEach(stroke -> assertEquals(timeline.seconds(stroke.start()), stroke.seconds(), 1e-9));
        double position = timeline.tempoMap().position(timeline.seconds(Length.of(13, 4)));
        assertEquals(3.25, position, 1e-6);
    }

    @Test
    void aSectionIsCountedInAtItsOwnTempo() {
        Timeline timeline = Timeline.of(ruled("Verse, bars 3-4: tempo 60"));
        assertEquals(2, ClickTrack.countInSeconds(timeline, timeline.bar(1).orElseThrow()), 0.001);
        assertEquals(4, ClickTrack.countInSeconds(timeline, timeline.bar(3).orElseThrow()), 0.001);
        ClickTrack counted = ClickTrack.countIn(timeline, timeline.bar(3).orElseThrow());
        assertEquals(
                List.of(0.0, 1.0, 2.0, 3.0),
                counted.clicks().stream()
                        .map(click -> (double) Math.round(click.seconds() * 1000) / 1000)
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Verse: tempo 19", "Verse: tempo 401", "Verse: slowing to 0", "Verse: shape up"})
    void whatCannotBeIsRefusedWithItsPlace(String sentence) {
        var wrong = assertThrows(NotationException.class, () -> English.rule(song, sentence));
        assertTrue(wrong.index() >= 7, sentence);
    }

    private static final Voicing UP = Voicing.parse("x-x-10-11-10-x");

    private Song withShapes() {
        return song.withChord(new Chord("D@up", UP)).withChord(new Chord("C@up", Voicing.parse("8-10-10-9-8-8")));
    }

    private static String chords(Song song) {
        return Timeline.of(song).spans().stream().map(TimelineSpan::chord).collect(Collectors.joining(" "));
    }

    @Test
    void oneOfSeveralShapesIsChosenByRule() {
        assertEquals("C@up G C@up D@up", chords(ruled(withShapes(), "Verse: shape up")));
        assertEquals("C G C D@up", chords(ruled(withShapes(), "Verse, on every D: shape up")));
        assertEquals("C@up G C D@up", chords(ruled(withShapes(), "Verse: shape up", "Verse, bar 3: usual shapes")));
        Song sounding = ruled(withShapes(), "Verse, on every D: shape up");
        // x x 10 11 10 x over the standard tuning (common practice): C4 on string 4, F#4 on string 3 and A4 on string
        // 2.
        assertEquals(
                List.of("A4", "C4", "F#4"),
                Timeline.of(sounding).strokesIn(4).getFirst().strings().stream()
                        .map(struck -> struck.pitch().toString())
                        .sorted()
                        .toList());
    }

    @Test
    void aShapeHoldsForOneUseOrOneVersionOnly() {
        Song twice = withShapes().withOrder(List.of(VERSE, VERSE));
        assertEquals("C G C D C G C D@up", chords(ruled(twice, "second Verse, on the last D: shape up")));
        Song week = ruled(withShapes(), "Verse, in version First week: shape up");
        assertEquals("C G C D", chords(week));
        assertEquals(
                "C@up G C@up D@up", chords(week.withVersions(week.versions().withShown(Optional.of("First week")))));
    }

    private Song withFigure() {
        return song.withPattern(
                Pattern.empty(new PatternId("figure"), "Figure", song.facts().meter())
                        .withLine("d-------"));
    }

    /** The bars in which a second guitar plays. */
    private static List<Integer> second(Song song) {
        return Timeline.of(song).parts().second().stream()
                .filter(stroke -> !stroke.strings().isEmpty())
                .map(TimelineStroke::bar)
                .toList();
    }

    @Test
    void aSecondGuitarComesInWhereARuleSays() {
        Song twice = withFigure().withOrder(List.of(VERSE, VERSE));
        assertEquals(List.of(5, 6, 7, 8), second(ruled(twice, "second Verse: second guitar plays Figure")));
        assertEquals(List.of(3, 4, 7, 8), second(ruled(twice, "Verse, second half: second guitar plays Figure")));
        Song always = twice.withSection(VERSE, verse -> verse.withSecond(List.of(new PatternId("figure"))));
        assertEquals(List.of(1, 2, 4, 5, 6, 7, 8), second(ruled(always, "first Verse, bar 3: second guitar rests")));
        Song alone = ruled(always, "Verse, bars 1-2: silence");
        assertEquals(8, second(alone).size());
        assertTrue(Timeline.of(alone).strokesIn(1).stream()
                .allMatch(stroke -> stroke.strings().isEmpty()));
    }

    @Test
    void aPatternThatIsDeletedIsPlayedByNoSecondGuitar() {
        Song ruled = ruled(withFigure(), "Verse: second guitar plays Figure");
        assertEquals(List.of(), second(ruled.withoutPattern(new PatternId("figure"))));
    }

    @Test
    void anotherWayIsOfferedAndNotPlayed() {
        Song offered = ruled("Verse, last bar: or held strum");
        assertEquals(Timeline.of(song).strokes(), Timeline.of(offered).strokes());
        List<Margin.OfferAt> offers = Timeline.of(offered).margin().offers();
        assertEquals(
                List.of(Length.of(3)), offers.stream().map(Margin.OfferAt::at).toList());
    }

    @Test
    void theOtherWayIsPlayedAndTheOneThatWasIsOffered() {
        Song both = ruled("Verse, last bar: silence", "Verse, last bar: or held strum");
        Song exchanged = Assignment.exchanged(both, both.rules().size() - 1);
        assertEquals(
                List.of("Verse, last bar: or silence", "Verse, last bar: held strum"),
                exchanged.rules().stream()
                        .map(rule -> English.say(exchanged, rule))
                        .skip(exchanged.rules().size() - 2L)
                        .toList());
        assertEquals(
                Timeline.of(ruled("Verse, last bar: held strum")).strokes(),
                Timeline.of(exchanged).strokes());
    }

    @Test
    void aUseWithAnotherTempoIsNotTheSame() {
        Song twice = song.withUses(List.of(Use.of(1, VERSE), Use.of(2, VERSE)));
        assertTrue(Outline.of(Timeline.of(twice)).uses().getLast().sameAs().isPresent());
        for (String other : List.of("second Verse: tempo 90", "second Verse, last bar: or held strum")) {
            Song ruled = ruled(twice, other);
            var last = Outline.of(Timeline.of(ruled)).uses().getLast();
            assertTrue(last.sameAs().isEmpty(), other);
        }
    }

    @Test
    void aPatternCalledLikeTheWordsIsStillThatPattern() {
        Song named = song.withPattern(Pattern.empty(
                        new PatternId("or"), "Or else", song.facts().meter()))
                .withSection(song.section(VERSE).orElseThrow().copiedAs(new SectionId("b"), "Bridge"));
        assertEquals("Bridge: Or else", English.say(named, English.rule(named, "Bridge: Or else")));
    }

    @Test
    void aRoundGoesOnWhereOnlyItsFormChanges() {
        Song half = ruled(song("4/4", "C: 1 bar", "d-du-udu"), "Verse, bars 1.3-1.4: only beats form");
        Timeline timeline = Timeline.of(half);
        assertEquals(
                List.of(0, 2, 3, 6),
                timeline.strokes().stream()
                        .filter(stroke -> !stroke.strings().isEmpty())
                        .map(stroke -> (int) stroke.start().wholesOf(Length.EIGHTH))
                        .toList());
        assertTrue(timeline.spans().stream()
                .noneMatch(span -> span.fit().filter(Fit::isCut).isPresent()));
    }

    /** A pattern of two bars, down all through the first and up all through the second, over a section of three bars. */
    private static Song twoBars(List<SectionId> order) {
        Song three = song("4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar", "d-d-d-d-");
        Song two = three.withSection(three.section(VERSE).orElseThrow().copiedAs(new SectionId("b"), "Bridge"))
                .withOrder(order);
        Pattern long2 = Pattern.empty(new PatternId("two"), "Two", two.facts().meter())
                .withBeats(8)
                .withLine("d---d-d--u-u---u");
        return ruled(two.withPattern(long2), "Verse: Two", "Bridge: Two");
    }

    private static String ways(Song song) {
        Timeline timeline = Timeline.of(song);
        return timeline.bars().stream()
                .map(bar -> timeline.strokesIn(bar.number()).stream()
                        .filter(stroke -> !stroke.strings().isEmpty())
                        .map(stroke ->
                                stroke.stroke().way().orElseThrow().name().substring(0, 1))
                        .distinct()
                        .collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
    }

    @Test
    void aPatternOfTwoBarsGoesOnOverAChangeOfSection() {
        Song song = twoBars(List.of(VERSE, new SectionId("b"), VERSE));
        assertEquals("D U D U D U D U D", ways(song));
        assertEquals(
                1,
                Timeline.of(song).spans().stream()
                        .filter(span -> span.fit().filter(Fit::isCut).isPresent())
                        .count(),
                "it is cut only where the song ends");
        Song begun = ruled(song, "Bridge: cut");
        assertEquals("D U D D D D D U D", ways(begun), "a rule for the fit lets every chord begin anew");
    }

    @Test
    void whereTheNextSectionPlaysSomethingElseItIsCut() {
        Song song = ruled(twoBars(List.of(VERSE, new SectionId("b"), VERSE)), "Bridge: P");
        assertEquals("D U D D D D D U D", ways(song));
        assertEquals(
                2,
                Timeline.of(song).spans().stream()
                        .filter(span -> span.fit().filter(Fit::isCut).isPresent())
                        .count());
    }
}
