package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.words.WordedSong.PATTERN;
import static tactus.words.WordedSong.VERSE;
import static tactus.words.WordedSong.song;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;

class SnagWordsTest {

    private static List<Said> snags(Song song) {
        return Said.of(song);
    }

    private static Said only(Song song) {
        List<Said> snags = snags(song);
        assertEquals(1, snags.size(), snags.toString());
        return snags.getFirst();
    }

    @Test
    void aSongWhoseSumsComeOutHasNone() {
        assertTrue(snags(song("4/4 2/4 2/4", "C: 1 bar, G: 2 bars", "d-du-udu")).isEmpty());
    }

    @ParameterizedTest
    @CsvSource({
        "4/4 4/4, C: 1 bar; G: 3 beats, the chords last 7 beats; the 2 bars hold 8: 1 beat has no chord., 7, 8",
        "4/4 4/4, C: 1 bar; G: 6 beats, the chords last 10 beats; the 2 bars hold 8: 2 beats too many., 10, 8",
        "6/8, C: 3/2 beats, the chords last 1½ beats; the 1 bar holds 2: ½ beat has no chord., 3/2, 2"
    })
    void chordsThatDoNotFillTheirBarsAreCounted(
            String meters, String spans, String sentence, String chords, String bars) {
        Song song = song(meters, spans.replace("; ", ", "), "d");
        Said snag = snags(song).stream()
                .filter(found -> found.kind() == Kind.SPANS_DO_NOT_FILL_BARS)
                .findFirst()
                .orElseThrow();
        assertEquals(sentence.replace(';', ','), snag.sentence());
        assertEquals("beats of the chords " + chords + ", beats of the bars " + bars, snag.numbers());
    }

    @Test
    void aCutPatternIsShownAtItsBarWithTheSums() {
        Said snag = snags(song("4/4 4/4", "C: 1 bar, G: 1 beat, D: 3 beats", "d-du-udu"))
                .getFirst();
        assertEquals(Kind.PATTERN_CUT, snag.kind());
        assertEquals(SnagPlace.InUse.at(0, 1, 1), snag.place());
        assertEquals("Verse, bar 2", snag.where());
        assertEquals(
                "\"P\" is cut on G: the chord lasts 1 beat, a round 4 beats, so its last 3 beats are not played. "
                        + "(Once in the song.)",
                snag.sentence());
    }

    @Test
    void wholeRoundsBeforeTheCutAreSaid() {
        Said snag = only(song("4/4 2/4", "C: 2 bars", "d-du-udu"));
        assertTrue(
                snag.sentence()
                        .contains(
                                "lasts 6 beats, which is 1 round and 2 beats; of the next round the last 2 beats are"),
                snag.sentence());
    }

    @Test
    void aCutThatComesAgainIsOneSnag() {
        Song song = song("4/4", "C: 2 beats, G: 2 beats", "d-du-udu").withOrder(List.of(VERSE, VERSE, VERSE));
        assertEquals(1, snags(song).size());
        assertTrue(snags(song).getFirst().sentence().startsWith("\"P\" is cut on C, G:"));
        assertTrue(snags(song).getFirst().sentence().endsWith("(6 times in the song.)"));
    }

    @Test
    void aStrokeAgainstTheHandSaysWhichWayTheHandGoes() {
        Said snag = only(song("4/4", "C: 1 bar", "dd-u----"));
        assertEquals(new SnagPlace.InPattern(PATTERN, 1), snag.place());
        assertEquals("P, count 1&: the down stroke goes against the hand, which is going up there.", snag.toString());
    }

    @Test
    void aStrokeWhereTheHandDoesNotCrossSaysSo() {
        Song song = song("4/4", "C: 1 bar", "d-du----");
        var slow = song.pattern(PATTERN).orElseThrow();
        Song quarters = song.withPattern(slow.withHand(Hand.pendulum(Length.QUARTER)));
        List<Said> snags = snags(quarters);
        assertEquals("P, count 2", snags.get(0).where());
        assertTrue(snags.get(1).sentence().contains("does not cross the strings"), snags.toString());
    }

    private static Song withC(String shape, String fingers) {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        var c = new Chord("C", Voicing.parse(shape));
        return song.withChord(fingers.isEmpty() ? c : c.withFingering(Optional.of(Fingering.parse(fingers))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x32000||SHAPE_NOT_ITS_NAME|Chord C: x32000 is not C: string 2 open sounds B; its notes are C E G. The nearest right shape is x32010.",
                "x32010|x3(21)010|SHAPE_NOT_PLAYABLE|Chord C: finger 1 and finger 2 are both on string 4, fret 2: leave one of them out.",
                "x3x0xx||SHAPE_NOT_ITS_NAME|Chord C: x3x0xx is not C: E is missing",
                "0003||SHAPE_NOT_PLAYABLE|Chord C: its shape 0003 is for 4 strings, the tuning has 6, so it is silent."
            })
    void aShapeThatDoesNotFitIsASnagAtItsChord(String shape, String fingers, Kind kind, String sentence) {
        List<Said> snags = snags(withC(shape, fingers == null ? "" : fingers));
        Said first =
                snags.stream().filter(snag -> snag.kind() == kind).findFirst().orElseThrow();
        assertEquals(new SnagPlace.InChord("C"), first.place());
        assertTrue(first.toString().startsWith(sentence), first.toString());
    }

    @Test
    void aNameThatCannotBeReadIsASnagWithTheNearestNames() {
        Song song = song("4/4 4/4", "C: 1 bar, Cmja7: 1 bar", "d-du-udu")
                .withChord(new Chord("Cmja7", Voicing.parse("x32000")));
        assertEquals(Kind.NAME_UNREADABLE, only(song).kind());
        assertTrue(
                only(song).sentence().contains("nearest names are Cmaj7"),
                only(song).sentence());
    }

    @Test
    void aTightStringAndACapoTooHighAreSnagsOfTheFacts() {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Song tight = song.withFacts(song.facts()
                .withInstrument(Instrument.USUAL
                        .withTuning(Tuning.parse("E2 A2 E3 G3 B3 E4"))
                        .withCapo(8)));
        List<Said> snags = snags(tight).stream()
                .filter(snag -> snag.place() instanceof SnagPlace.InFacts)
                .toList();
        assertEquals(
                List.of(Kind.STRING_TOO_TIGHT, Kind.CAPO_TOO_HIGH),
                snags.stream().map(Said::kind).toList());
        assertEquals(
                "Tuning: string 4 is tuned 2 semitones up, which tightens it by 26 % (Mersenne): it may break. Keep the face"
                        + " away from it. Tune to D G D F A D and put the capo at 10 instead: it sounds the same.",
                snags.getFirst().toString());
    }

    @Test
    void aFingerOnADeadStringOrOffTheChordIsASnagOnceForEachChord() {
        Song song = song("4/4 4/4", "C: 1 bar, D: 1 bar", "6-3-6-3-");
        List<String> found = Said.of(song).stream()
                .filter(snag -> snag.kind() == Kind.DEAD_STRING || snag.kind() == Kind.NOTE_OFF_CHORD)
                .map(Said::toString)
                .toList();
        assertEquals(
                List.of(
                        "P, count 1: on C the shape x32010 leaves string 6 out: the finger meets a dead string.",
                        "P, count 1: on D the shape xx0232 leaves string 6 out: the finger meets a dead string."),
                found);
    }

    /** A change of loudness is written where it is, also in the middle of a chord that is held. */
    @Test
    void loudnessIsWrittenWhereItChanges() {
        Song song = song("4/4 4/4 4/4", "C: 3 bars", "d-du-udu").withOrder(List.of(VERSE, VERSE));
        Song said = WordedSong.ruled(song, "Verse: soft", "Verse, bars 2.3-2: strong", "second Verse: soft to strong");
        Timeline timeline = Timeline.of(said);
        assertEquals(
                List.of("p", "f", "p", "p to f", "f", "p to f"),
                timeline.bars().stream()
                        .map(bar -> BarNote.of(new SongWords(said), timeline, bar))
                        .toList());
    }
}
