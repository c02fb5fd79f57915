package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.picture.Passage;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** What rules, exceptions, events and versions come to, in the song laid out. */
class ArrangedTimelineTest {

    private static Song ruled(Song song, String... sentences) {
        Song ruled = song;
        for (String sentence : sentences) ruled = ruled.withRule(English.rule(ruled, sentence));
        return ruled;
    }

    /** Every slot of the song bar by bar: d and u struck, x dead, s a stop, = a ring, - a miss. */
    private static String strokes(Song song) {
        Timeline timeline = Timeline.of(song);
        return timeline.bars().stream()
                .map(bar -> timeline.strokesIn(bar.number()).stream()
                        .map(ArrangedTimelineTest::sign)
                        .collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
    }

    private static String sign(TimelineStroke stroke) {
        return switch (stroke.stroke()) {
            case Strum strum -> strum.direction() == Direction.DOWN ? "d" : "u";
            case Mute _ -> "x";
            case Stop _ -> "s";
            case Ring _ -> "=";
            case Miss _ -> "-";
            case Pluck _ -> "p";
        };
    }

    private static final Song TWO_CHORDS = song("4/4 4/4", "C: 1 bar, G: 2 beats, D: 2 beats", "d-du-udu");

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Verse: P; d-du-udu d-dud-du",
                "Verse, chords that share a bar: only beats form; d-du-udu d-d-d-d-",
                "Verse, chords that share a bar: short to fit; d-du-udu d-dud-du",
                "Verse, chords that share a bar: carry through; d-du-udu d-du-udu",
                "Verse, chords that share a bar: whole rounds; d-du-udu d=d=",
                "Verse, last chord: silence; d-du-udu d-dus-",
                "Verse, last chord: stop and count; d-du-udu d-duds",
                "Verse, bar 2: held strum; d-du-udu d=d=",
                "Verse, bar 1: stop and count; ds-- d-dud-du",
                "Verse, bar 1: muted strokes; x-xx-xxx d-dud-du",
                "Verse, second half: only beats form; d-du-udu d-d-d-d-",
                "Verse, bar 1.3-1: held strum; d-dud= d-dud-du",
                "Verse, chord 1: busier form; dudududu d-dud-du",
                "everywhere: half time form; d-du d-d-",
                "everywhere: only downs form; d-d---d- d-d-d-d-"
            })
    void aRuleChangesExactlyWhatItSpeaksOf(String sentence, String strokes) {
        assertEquals(strokes, strokes(ruled(TWO_CHORDS, sentence)));
    }

    @Test
    void aWrittenShortFormIsTakenWhereAPatternIsLongerThanItsChordAndADerivedOneIsNot() {
        assertTrue(Timeline.of(TWO_CHORDS).spans().getLast().fit().orElseThrow().isCutUnasked());
        Pattern brief = Pattern.empty(new PatternId("brief"), "Brief", Meter.parse("4/4"))
                .withBeats(2)
                .withLine("dudu")
                .withForm(Optional.of(new Form(PATTERN, Form.Derivation.SHORT_FIRST_HALF, true)));
        Song written = TWO_CHORDS.withPattern(brief);
        assertEquals("d-du-udu dudududu", strokes(written));
        assertFalse(Timeline.of(written).spans().getLast().fit().orElseThrow().isCut());
    }

    @Test
    void aRoundThatIsCarriedThroughGoesOnWhereItWasAndStartsAnewInTheNextPass() {
        Song song = song("4/4 4/4", "C: 3 beats, G: 3 beats, D: 2 beats", "d-du-udu");
        assertEquals("d-du-udu d-du-udu", strokes(ruled(song, "Verse: carry through")));
        List<TimelineSpan> spans =
                Timeline.of(ruled(song, "Verse: carry through")).spans();
        assertEquals(Length.of(3, 4), spans.get(1).fit().orElseThrow().offset());
        assertEquals("d-du-ud- du-udud-".length(), strokes(song).length());
    }

    @Test
    void aRuleThatOnlySaysHowLoudDoesNotStartThePatternAnew() {
        Song song = song("4/4 4/4", "C: 2 bars", "d-du-ududududud-");
        assertEquals("d-du-udu dududud-", strokes(song));
        Song loud = ruled(song, "Verse, bar 1.3-2: strong", "Verse, bar 2: soft to strong");
        assertEquals("d-du-udu dududud-", strokes(loud));
        assertEquals(
                "3.0 3.0 3.0 3.0 4.0 4.0 4.0 4.0 1.0 1.375",
                Timeline.of(loud).strokes().stream()
                        .limit(10)
                        .map(stroke -> Double.toString(stroke.loudness()))
                        .collect(Collectors.joining(" ")));
    }

    @Test
    void whereNobodySingsIsFoundToTheBeat() {
        Song sung = TWO_CHORDS.withSection(VERSE, section -> section.withVoice(List.of(English.stretch("1.1-1.2"))));
        assertEquals("d-du--d- d-d-d-d-", strokes(ruled(sung, "Verse, where nobody sings: only beats form")));
        assertEquals(
                Length.of(1, 2), Timeline.of(sung).margin().sung().getFirst().to());
    }

    @Test
    void theSameExceptChangesOneUseOnly() {
        var bar = new Except.Bars(List.of(Meter.parse("2/4")), List.of(new Span("D", SpanLength.bars(1))));
        Song twice = TWO_CHORDS.withOrder(List.of(VERSE, VERSE));
        Use second = twice.uses()
                .get(1)
                .plus(Except.always(new Except.ExtraBars(bar)))
                .plus(Except.runs(2));
        Timeline timeline = Timeline.of(twice.withUse(second));
        assertEquals(8, timeline.bars().size());
        assertEquals("2/4", timeline.bars().getLast().meter().toString());
        assertEquals(
                Timeline.of(twice),
                Timeline.of(twice.withUse(second).withUse(second.minus(1).minus(0))));
    }

    @Test
    void aTagFollowsTheLastPassOnly() {
        var turn = TWO_CHORDS.section(VERSE).orElseThrow().copiedAs(new SectionId("turn"), "Turn");
        Song tagged = TWO_CHORDS
                .withSection(turn)
                .withSection(VERSE, section -> section.withPasses(2).withTag(Optional.of(turn.id())));
        assertEquals(6, Timeline.of(tagged).bars().size());
        assertEquals(
                4,
                Timeline.of(tagged).bars().stream()
                        .filter(bar -> bar.pass() == 2)
                        .count());
    }

    @Test
    void aKeyChangeIsMetByTheCapoOrByBarredShapesAndSoundsTheSame() {
        Song song = song("4/4", "C: 1 bar", "d");
        int low = lowest(song);
        assertEquals(low + 2, lowest(ruled(song, "Verse: up 2 with the capo")));
        assertEquals(low, lowest(ruled(song, "Verse: up 2 but left out")));
        Timeline shapes = Timeline.of(ruled(song, "Verse: up 3 with other shapes"));
        assertEquals("Eb", shapes.spans().getFirst().chord());
        assertEquals(low + 3, lowest(ruled(song, "Verse: up 3 with other shapes")));
        assertEquals(
                "D",
                Timeline.of(ruled(song, "Verse: up 2 with other shapes"))
                        .spans()
                        .getFirst()
                        .chord());
    }

    private static int lowest(Song song) {
        return Timeline.of(song)
                .strokes()
                .getFirst()
                .strings()
                .getFirst()
                .pitch()
                .number();
    }

    @Test
    void aPauseHoldsTheLastBeatAndEverythingBehindItComesLater() {
        Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        Timeline timeline = Timeline.of(ruled(song, "Verse, bar 1: pause of 2 beats"));
        assertEquals(2.0, Timeline.of(song).bars().getLast().seconds(), 1e-9);
        assertEquals(3.0, timeline.bars().getLast().seconds(), 1e-9);
        assertEquals(5.0, timeline.seconds(), 1e-9);
        assertEquals(1.5, timeline.seconds(Length.of(3, 4)), 1e-9, "the beat that is held starts in time");
        assertEquals(2.25, timeline.seconds(Length.of(7, 8)), 1e-9, "its middle comes late by half");
        for (double at : new double[] {0, 0.3, 1.5, 2.2, 3, 4.9}) {
            assertEquals(at, timeline.tempoMap().tempo().secondsInWhole() * played(timeline, at), 1e-6);
        }
    }

    private static double played(Timeline timeline, double seconds) {
        double position = timeline.tempoMap().position(seconds);
        return timeline.tempoMap()
                .played(Length.of(Math.round(position * 1e9), 1_000_000_000))
                .toDouble();
    }

    @Test
    void aSongsPickUpIsABarInFrontWithoutANumber() {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Song led = song.withFacts(song.facts().withPickup(1));
        Pattern led1 = led.patterns().getFirst();
        led = led.withPattern(led1.withFrame(led1.frame().withPickup(1)).withLine("dud-du-udu"));
        Timeline timeline = Timeline.of(led);
        assertEquals(0, timeline.bars().getFirst().number());
        assertEquals("1/4", timeline.bars().getFirst().meter().toString());
        assertEquals(Length.of(1, 4), timeline.bar(1).orElseThrow().start());
        assertEquals("du d-du-udu", strokes(led));
        assertEquals("4", timeline.strokes().getFirst().count().toString());
        assertFalse(timeline.strokes().getFirst().strings().isEmpty());
        var drawn =
                Passage.of(timeline, timeline.bars().getFirst(), 6).countedIn(CountSchool.NUMBERS, Meter.parse("4/4"));
        assertEquals("4 &", drawn.slots().stream().map(slot -> slot.spoken()).collect(Collectors.joining(" ")));
    }

    @ParameterizedTest
    @CsvSource({"0, 4, -1/4, 1", "1, 1, 0, 1", "2, 3, 3/2, 2"})
    void aCueStandsAtItsBeatAlsoInFrontOfBarOne(int bar, int beat, String at, int shown) {
        Song song = TWO_CHORDS.withSection(
                VERSE, section -> section.withCues(List.of(new Cue(bar, beat, PassChoice.EVERY, "now"))));
        assertEquals(
                List.of(new TimelineCue(Length.parse(at), shown, "now")),
                Timeline.of(song).margin().cues());
    }

    @Test
    void aSecondGuitarGoesRoundOverTheSameBars() {
        Pattern riff = Pattern.empty(new PatternId("riff"), "Riff", Meter.parse("4/4"))
                .withBeats(2)
                .withLine("1:3 - 1:2 -");
        Song song = TWO_CHORDS.withPattern(riff).withSection(VERSE, section -> section.withSecond(List.of(riff.id())));
        List<TimelineStroke> second = Timeline.of(song).parts().second();
        assertEquals(16, second.size());
        assertEquals(
                List.of(0, 0, 1, 2),
                List.of(
                        second.get(0).span(),
                        second.get(4).span(),
                        second.get(8).span(),
                        second.get(12).span()));
    }

    @Test
    void aVersionPlaysItsOwnRulesShapesAndCapo() {
        Song song = ruled(
                TWO_CHORDS.withVersions(
                        TWO_CHORDS.versions().with(Version.of("First week").with(Aspect.CAPO, Optional.of(3)))),
                "Verse, in version First week: only beats form");
        assertEquals("d-du-udu d-dud-du", strokes(song));
        Song shown = song.withVersions(song.versions().withShown(Optional.of("First week")));
        assertEquals("d-d---d- d-d-d-d-", strokes(shown));
        assertEquals(lowest(song) + 3, lowest(shown));
        assertEquals("Eb", shown.asShown().facts().key().toString());
    }

    @Test
    void roundsAreCountedInThePatternOfTheSection() {
        Song song = song("4/4 4/4 4/4", "C: 1 round, G: 2 rounds", "d-du-udu");
        assertEquals(Length.of(3), Timeline.of(song).spans().getLast().end());
        assertEquals(Length.WHOLE, Timeline.of(song).spans().getFirst().end());
    }
}
