package tactus.core.counsel.capo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.TuningAdvice;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

class CapoPlanTest {

    /** A song of one bar a chord, every chord with its easiest shape. */
    static Song song(String key, String chords) {
        List<String> names = Arrays.asList(chords.split(" "));
        Song song = Song.empty("Song");
        song = song.withFacts(song.facts().withKey(Key.parse(key)));
        var search = new ShapeSearch(song.facts().tuning(), Neck.USUAL, FrettingHand.USUAL);
        for (String name : names) {
            song = song.withChord(new Chord(
                    name, search.first(ChordName.parse(name)).orElseThrow().voicing()));
        }
        var section = new Section(
                new SectionId("all"),
                "All",
                Collections.nCopies(names.size(), Meter.of(4, 4)),
                names.stream().map(name -> new Span(name, SpanLength.bars(1))).toList(),
                2);
        return song.withSection(section).withOrder(List.of(section.id()));
    }

    static CapoPlan plan(Song song) {
        return CapoPlan.of(song, Timeline.of(song), 648, FrettingHand.USUAL);
    }

    /** What a teacher would say (common practice): flat keys with a capo at 1 or 3, guitar keys without one. */
    @ParameterizedTest
    @CsvSource({
        "Ab, Ab Db Eb Fm, 1, G",
        "Bb, Bb Eb F Gm, 3, G",
        "G, G C D Em, 0, G",
        "F#, F# B C# D#m, 4, D",
        "Eb, Eb Ab Bb Cm, 1, D"
    })
    void theBestPlaceIsWhereTheShapesAreOpen(String key, String chords, int capo, String shapes) {
        CapoChoice best = plan(song(key, chords)).choices().stream()
                .filter(choice -> choice.tunedDown() == 0)
                .findFirst()
                .orElseThrow();
        assertEquals(capo + " " + shapes, best.capo() + " " + best.shapesKey());
        assertEquals(0, best.barres());
    }

    @Test
    void everyFretAndEveryLoweringIsCompared() {
        CapoPlan plan = plan(song("D", "D G A Bm"));
        assertEquals(60, plan.choices().size());
        for (CapoChoice choice : plan.choices()) {
            for (int i = 0; i < 4; i++) {
                int root = choice.chords().get(i).name().root().pitchClass();
                int sounding = Math.floorMod(root + choice.capo() - choice.tunedDown(), 12);
                assertEquals(List.of(2, 7, 9, 11).get(i), sounding);
            }
        }
        assertTrue(plan.at(0, 9).orElseThrow().isCramped());
        assertFalse(plan.at(0, 7).orElseThrow().isCramped());
    }

    @Test
    void aChordThatLastsLongerWeighsMore() {
        Song even = song("F", "F C");
        Section section = even.sections().getFirst();
        Song mostlyF = even.withSection(section.withBars(Collections.nCopies(8, Meter.of(4, 4)))
                .withSpans(List.of(new Span("F", SpanLength.bars(7)), new Span("C", SpanLength.bars(1)))));
        double evenCost = plan(even).at(0, 0).orElseThrow().shapeCost();
        double mostCost = plan(mostlyF).at(0, 0).orElseThrow().shapeCost();
        assertTrue(mostCost > evenCost, mostCost + " and " + evenCost);
    }

    @Test
    void takingAChoiceKeepsTheSound() {
        Song before = song("Ab", "Ab Db Eb Fm");
        Song after = CapoMove.apply(before, plan(before).choices().getFirst());
        assertEquals(1, after.facts().capo());
        assertEquals("Ab", after.facts().key().toString());
        assertEquals("G", after.facts().shapesKey().toString());
        assertEquals(
                List.of("G", "C", "D", "Em"),
                after.chords().stream().map(Chord::name).toList());
        assertEquals("G", after.sections().getFirst().spans().getFirst().chord());
        for (int i = 0; i < 4; i++) {
            assertEquals(
                    sound(before, i), sound(after, i), after.chords().get(i).name());
        }
    }

    private static HashSet<Integer> sound(Song song, int chord) {
        var sounding = new HashSet<Integer>();
        for (int pitchClass : song.chords().get(chord).meaning().orElseThrow().pitchClasses()) {
            sounding.add(Math.floorMod(pitchClass + song.facts().instrument().transposition(), 12));
        }
        return sounding;
    }

    @Test
    void takingAChoiceAndTheOldOneAgainGivesTheSameNames() {
        Song before = song("D", "D G A7 F#m");
        CapoPlan plan = plan(before);
        Song moved = CapoMove.apply(before, plan.at(2, 4).orElseThrow());
        Song back = CapoMove.apply(moved, plan(moved).at(0, 0).orElseThrow());
        assertEquals(before.facts(), back.facts());
        assertEquals(before.sections(), back.sections());
    }

    @Test
    void loweringInsteadOfTighteningKeepsEveryShapeAndItsSound() {
        Song song = song("E", "E A");
        Song openE = song.withFacts(
                        song.facts().withInstrument(Instrument.USUAL.withTuning(Tuning.parse("E B E G# B E"))))
                .withChords(List.of(new Chord("E", Voicing.parse("000000")), new Chord("A", Voicing.parse("555555"))));
        Song openD = CapoMove.lowered(
                openE, TuningAdvice.of(openE.facts().tuning(), 0, 11).orElseThrow());
        assertEquals("D A D F# A D", openD.facts().tuning().notes());
        assertEquals(2, openD.facts().capo());
        assertEquals("E", openD.facts().key().toString());
        assertEquals(List.of("D", "G"), openD.chords().stream().map(Chord::name).toList());
        assertEquals(
                openE.chords().stream().map(Chord::voicing).toList(),
                openD.chords().stream().map(Chord::voicing).toList());
        assertEquals(sound(openE, 1), sound(openD, 1));
    }

    @Test
    void theAdviceComparesTheBestWithNow() {
        assertEquals(
                "capo.better [capo.at [1, G, 0], capo.what [0, 63, 75], capo.what [4, 97, 43]]",
                CapoAdvice.of(plan(song("Ab", "Ab Db Eb Fm"))).orElseThrow().toString());
        assertTrue(CapoAdvice.of(plan(song("G", "G C D Em")))
                .orElseThrow()
                .toString()
                .startsWith("capo.best-as-is [capo.at [0, G, 0]"));
        assertTrue(CapoAdvice.of(plan(Song.empty("Nothing"))).isEmpty());
    }

    /** A flat with E shapes is capo 4 (common practice). */
    @Test
    void theSumIsAnsweredTheOtherWayRound() {
        List<CapoSums.Setting> settings = CapoSums.settings(Key.parse("Ab"), Key.parse("E"));
        assertEquals(new CapoSums.Setting(0, 4), settings.getFirst());
        assertEquals(5, settings.size());
        assertEquals(
                new CapoSums.Setting(1, 0),
                CapoSums.settings(Key.parse("Eb"), Key.parse("E")).getFirst());
        assertEquals("F", CapoSums.onLoweredGuitar(Key.parse("G"), 2).toString());
        assertEquals(
                "C",
                CapoSums.withoutCapo(Key.parse("D"), Instrument.USUAL.withCapo(2))
                        .toString());
    }

    @Test
    void aKeyChangeHasThreeAnswers() {
        Song song = song("G", "G C D Em");
        KeyChange change = KeyChange.of(song, plan(song), 2);
        assertEquals(
                List.of(KeyChange.Kind.MOVE_CAPO, KeyChange.Kind.OTHER_SHAPES, KeyChange.Kind.LEAVE_OUT),
                change.answers().stream().map(KeyChange.Answer::kind).toList());
        assertEquals(
                "key-change.capo [2, A]", change.answers().getFirst().sentence().toString());
        assertTrue(change.answers().get(1).sentence().toString().startsWith("key-change.shapes [A, A"));
        assertFalse(KeyChange.of(song, plan(song), -1).answers().getFirst().possible());
        assertThrows(IllegalArgumentException.class, () -> KeyChange.of(song, plan(song), 0));
    }
}
