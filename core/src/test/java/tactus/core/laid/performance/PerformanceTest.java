package tactus.core.laid.performance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

class PerformanceTest {

    private static List<Note> notes(String spans, String line) {
        return Performance.of(Timeline.of(song("4/4", spans, line))).notes();
    }

    @Test
    void aDownStrokeRunsFromTheLowestStringToTheHighest() {
        List<Note> notes = notes("G: 1 bar", "d");
        assertEquals(List.of(6, 5, 4, 3, 2, 1), notes.stream().map(Note::string).toList());
        for (int i = 1; i < 6; i++)
            assertTrue(notes.get(i).start() > notes.get(i - 1).start());
        assertTrue(notes.getLast().start() < 0.06, "six strings take at most 60 ms");
    }

    @Test
    void anUpStrokeRunsTheOtherWay() {
        assertEquals(
                List.of(1, 2, 3, 4, 5),
                notes("C: 1 bar", "-u").stream().map(Note::string).toList());
    }

    @Test
    void aNoteEndsWhenItsStringIsStruckAgain() {
        List<Note> notes = notes("C: 1 bar", "t-t-----");
        assertEquals(6, notes.size());
        assertEquals(notes.get(3).start(), notes.get(0).end(), 1e-9);
        assertEquals(3, notes.get(3).string());
    }

    @Test
    void bassStringsRingOnWhileTheTrebleIsStruck() {
        Note bass = notes("G: 1 bar", "b-t-t-t-").getFirst();
        assertEquals(2.0 + Performance.LAST_RING, bass.end(), 1e-9);
    }

    @Test
    void aStopSilencesEverything() {
        assertTrue(notes("G: 1 bar", "d---s---").stream().allMatch(note -> note.end() == 1.0));
    }

    @Test
    void aMuteSilencesAndKnocksOnEveryString() {
        List<Note> notes = notes("D: 1 bar", "d---x---");
        assertEquals(6, notes.stream().filter(Note::isDead).count());
        assertTrue(notes.stream().filter(note -> !note.isDead()).allMatch(note -> note.end() == 1.0));
        assertTrue(notes.stream().filter(Note::isDead).allMatch(note -> note.end() - note.start() < 0.1));
    }

    @Test
    void stringsThatTheNextChordHoldsElsewhereStopWhenItIsStruck() {
        List<Note> notes = notes("C: 2 beats, G: 2 beats", "b---");
        Note fifth =
                notes.stream().filter(note -> note.string() == 5).findFirst().orElseThrow();
        assertEquals(1.0, fifth.end(), 0.02);
    }

    @Test
    void accentsAreLouderAndUpStrokesLighter() {
        double plain = first("d");
        assertTrue(first("D") > plain + 0.1);
        assertTrue(first("-u") < plain);
        assertTrue(notes("G: 1 bar", "Dudu").stream().allMatch(note -> note.velocity() > 0 && note.velocity() <= 1));
    }

    private static double first(String line) {
        return notes("G: 1 bar", line).getFirst().velocity();
    }

    @Test
    void notesAreInOrder() {
        List<Note> notes = notes("C: 2 beats, G: 2 beats", "dudu");
        assertEquals(
                notes.stream().sorted(Comparator.comparingDouble(Note::start)).toList(), notes);
    }

    @Test
    void theMetronomeClicksOnFeltBeats() {
        var clicks =
                ClickTrack.of(Timeline.of(song("6/8 6/8", "C: 2 bars", "d"))).clicks();
        assertEquals(
                List.of(0.0, 0.5, 1.0, 1.5),
                clicks.stream().map(ClickTrack.Click::seconds).toList());
        assertEquals(
                List.of(true, false, true, false),
                clicks.stream().map(ClickTrack.Click::startsBar).toList());
    }

    @Test
    void aPalmMutedStrokeIsShortAndASweptOneSlow() {
        assertTrue(notes("C: 1 bar", "d_").stream().allMatch(note -> note.end() - note.start() < 0.2));
        List<Note> swept = notes("C: 1 bar", "d~");
        assertTrue(swept.getLast().start() - swept.getFirst().start() > 0.15, "each string is heard by itself");
    }

    @Test
    void softIsSofterAndAccentedLouderThanPlain() {
        double soft = notes("C: 1 bar", "d'").getFirst().velocity();
        double plain = notes("C: 1 bar", "d").getFirst().velocity();
        double accented = notes("C: 1 bar", "D").getFirst().velocity();
        assertTrue(0 < soft && soft < plain && plain < accented && accented <= 1);
    }

    @Test
    void aPinchSoundsTogetherAndOnlyItsStrings() {
        List<Note> notes = notes("C: 1 bar", "(5 1)");
        assertEquals(List.of(1, 5), notes.stream().map(Note::string).sorted().toList());
        assertTrue(Math.abs(notes.get(0).start() - notes.get(1).start()) < 0.005);
    }

    @Test
    void aDeadStringIsNotHeard() {
        assertEquals(List.of(), notes("C: 1 bar", "6"));
        assertEquals(1, notes("C: 1 bar", "6:0").size(), "a figure has its own frets");
    }

    @Test
    void aHammerOnGoesOnFromTheStruckNoteMoreSoftly() {
        Song song = song("4/4", "C: 1 bar", "2");
        Pattern pattern = song.pattern(SongFixture.PATTERN).orElseThrow();
        song = song.withPattern(pattern.withMoves(1, List.of(FingerMove.parse("2h3"))));
        List<Note> notes = Performance.of(Timeline.of(song)).notes();
        assertEquals(
                List.of(60, 62),
                notes.stream().map(note -> note.pitch().number()).toList());
        assertEquals(notes.get(1).start(), notes.get(0).end(), 1e-9);
        assertEquals(0.25, notes.get(1).start(), 1e-9);
        assertTrue(notes.get(1).velocity() < notes.get(0).velocity());
    }

    @Test
    void aMovedFingerIsHeardWithTheNextStrokeAndGoesBackWhenItIsSaid() {
        Song song = song("4/4", "C: 1 bar", "2-2-2-2-");
        Pattern pattern = song.pattern(SongFixture.PATTERN)
                .orElseThrow()
                .withMoves(2, List.of(FingerMove.parse("2.3")))
                .withMoves(6, List.of(FingerMove.parse("2.-")));
        List<Note> notes =
                Performance.of(Timeline.of(song.withPattern(pattern))).notes();
        assertEquals(
                List.of(60, 62, 62, 60),
                notes.stream().map(note -> note.pitch().number()).toList());
    }
}
