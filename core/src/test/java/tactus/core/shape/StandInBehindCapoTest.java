package tactus.core.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.pitch.Tuning;
import tactus.core.search.ShapeCheck;
import tactus.core.search.ShapeSearch;
import tactus.core.search.StandIn;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.suggestion.EasierVersion;

/** A capo changes what a shape sounds as and never what it is called: nothing that the check of shapes rejects is ever offered. */
class StandInBehindCapoTest {

    private static final List<String> NAMES = List.of(
            "C", "D", "E", "F", "G", "A", "B", "Bb", "Eb", "F#", "Cm", "Dm", "Em", "Fm", "F#m", "Gm", "Am", "Bm", "G7",
            "B7", "C7", "F#m7", "Cmaj7", "Bm7", "Dsus4", "G/B", "D/F#");

    @ParameterizedTest
    @ValueSource(strings = {"E A D G B E", "D A D G B E", "D G C F A D", "D A D G A D", "D A D F# A D"})
    void whatStandsInForAShapeIsCalledAsThatIs(String open) {
        Tuning tuning = Tuning.parse(open);
        var check = new ShapeCheck(tuning);
        var wrong = new ArrayList<String>();
        for (int capo = 0; capo <= 7; capo++) {
            var neck = new Neck(648, capo);
            for (String text : NAMES) {
                ChordName name = ChordName.parse(text);
                Optional<Shape> first = new ShapeSearch(tuning, neck.withCapo(0), FrettingHand.USUAL)
                        .findBehind(neck, name, 1).stream().findFirst();
                if (first.isEmpty()) continue;
                Voicing held = first.get().voicing();
                Optional<Voicing> standIn = StandIn.of(name, held, tuning, neck, FrettingHand.USUAL)
                        .map(each -> each.shape().voicing());
                Optional<Voicing> small = StandIn.small(name, held, tuning, neck, FrettingHand.USUAL)
                        .map(Shape::voicing);
                for (Voicing offered : List.of(standIn.stream(), small.stream(), Optional.of(held).stream()).stream()
                        .flatMap(each -> each)
                        .toList()) {
                    if (!check.canStandIn(name, offered))
                        wrong.add(text + " at " + capo + ": " + offered + " for " + held);
                }
            }
        }
        assertEquals(List.of(), wrong);
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
