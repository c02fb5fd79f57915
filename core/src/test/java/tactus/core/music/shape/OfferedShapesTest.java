package tactus.core.music.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.counsel.suggestion.EasierVersion;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeCheck;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.search.StandIn;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;
import tactus.core.written.song.Version;

/** A capo changes what a shape sounds as and never what it is called: nothing that the check of shapes rejects is ever offered. */
class OfferedShapesTest {

    private static final List<String> NAMES = List.of(
            "C", "D", "E", "F", "G", "A", "B", "Bb", "Eb", "F#", "Cm", "Dm", "Em", "Fm", "F#m", "Gm", "Am", "Bm", "G7",
            "B7", "C7", "F#m7", "Cmaj7", "Bm7", "Dsus4", "G/B", "D/F#", "Bdim");

    @ParameterizedTest
    @ValueSource(strings = {"E A D G B E", "D A D G B E", "D G C F A D", "D A D G A D", "D A D F# A D"})
    void whatIsOfferedIsCalledRightlyAndAHandCanHoldItWhereTheCapoIs(String open) {
        Tuning tuning = Tuning.parse(open);
        var check = new ShapeCheck(tuning);
        var wrong = new ArrayList<String>();
        for (int capo = 0; capo <= 7; capo++) {
            var neck = new Neck(648, capo);
            for (String text : NAMES) {
                ChordName name = ChordName.parse(text);
                List<Voicing> found = new ShapeSearch(tuning, neck.withCapo(0), FrettingHand.USUAL)
                        .findBehind(neck, name, capo % 3 == 0 ? 12 : 1).stream()
                                .map(Shape::voicing)
                                .toList();
                if (found.isEmpty()) continue;
                Voicing held = found.getFirst();
                Optional<Voicing> standIn = StandIn.of(name, held, tuning, neck, FrettingHand.USUAL)
                        .map(each -> each.shape().voicing());
                Optional<Voicing> small = StandIn.small(name, held, tuning, neck, FrettingHand.USUAL)
                        .map(Shape::voicing);
                Stream.of(standIn.stream(), small.stream(), found.stream())
                        .flatMap(each -> each)
                        .filter(offered -> !check.canStandIn(name, offered)
                                || !check.grip(offered).isEmpty()
                                || !neck.reaches(offered))
                        .forEach(offered -> wrong.add(text + " at " + neck.capo() + ": " + offered + " for " + held));
            }
        }
        assertEquals(List.of(), wrong);
    }

    /** B7 as x21202 is nobody's a fret higher, nor is G as 320033: those chords get their usual shape there. */
    @ParameterizedTest
    @CsvSource({
        "B7, x21202",
        "G, 320033",
        "G, 320003",
        "D/F#, 200232",
        "C, x32010",
        "C, x32310",
        "E, 022100",
        "Am, x02210",
        "Dm, xx0231",
        "F, 133211",
        "Bm, x24432",
        "A7, x02020"
    })
    void aChordOfARaisedPartIsHeldInAShapeThatAHandCanHoldAndThatSoundsIt(String chord, String shape) {
        for (int up = -2; up <= 5; up++) {
            for (int capo : List.of(0, 3)) {
                if (up == 0) continue;
                Song song = SongFixture.song("4/4", chord + ": 1 bar", "d-d-d-d-")
                        .withChord(new Chord(chord, Voicing.parse(shape)));
                Song raised = song.withFacts(song.facts()
                                .withInstrument(song.facts().instrument().withCapo(capo)))
                        .withRule(new Rule(Where.EVERYWHERE, Play.OPEN.with(new Raise(up, Raise.Way.SHAPES))));
                Timeline timeline = Timeline.of(raised);
                var frets = new ArrayList<>(Collections.nCopies(6, Voicing.NOT_PLAYED));
                for (StruckString struck : timeline.strokes().getFirst().strings())
                    frets.set(
                            6 - struck.string(),
                            struck.pitch().number()
                                    - capo
                                    - Tuning.STANDARD.string(struck.string()).number());
                var held = new Voicing(frets);
                String what = timeline.spans().getFirst().chord() + " as " + held + ", up " + up + ", capo " + capo;
                assertTrue(
                        Grip.of(held, Neck.USUAL.withCapo(capo), FrettingHand.USUAL)
                                .isPresent(),
                        what);
                ChordName name =
                        Chord.meaning(timeline.spans().getFirst().chord()).orElseThrow();
                assertTrue(new ShapeCheck(Tuning.STANDARD).isCalledRightly(name, held), what);
            }
        }
    }

    /** D became x x 2 0 1 0, the shape of C, and Bm x 2 1 1 0 x. */
    @Test
    void anEasierVersionBehindACapoHoldsTheSameChordsAsWithoutOne() {
        Song song = Song.empty("Capo")
                .withChord(new Chord("D", Voicing.parse("xx0232")))
                .withChord(new Chord("Bm", Voicing.parse("x24432")))
                .withChord(new Chord("F", Voicing.parse("133211")));
        for (int capo = 0; capo <= 7; capo++) {
            Song behind = song.withFacts(
                    song.facts().withInstrument(song.facts().instrument().withCapo(capo)));
            Version easier = EasierVersion.of(behind, "easy", new Neck(648, capo), FrettingHand.USUAL)
                    .song()
                    .versions()
                    .named("easy")
                    .orElseThrow();
            for (Chord standIn : easier.standIns())
                assertEquals(
                        true,
                        new ShapeCheck(Tuning.STANDARD)
                                .canStandIn(standIn.meaning().orElseThrow(), standIn.voicing()),
                        standIn + " at " + capo);
            assertEquals(
                    true,
                    easier.standIns().stream().noneMatch(each -> each.name().equals("D")),
                    "an open D needs nothing easier");
        }
    }
}
