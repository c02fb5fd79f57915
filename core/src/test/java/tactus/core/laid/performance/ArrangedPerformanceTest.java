package tactus.core.laid.performance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.Song;

/** What an arrangement does to the notes: loudness, events, a second guitar, what is counted in. At 120 a beat lasts half a second. */
class ArrangedPerformanceTest {

    private static final Song SONG = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-d-d-d-");

    private static Song ruled(Song song, String... sentences) {
        Song ruled = song;
        for (String sentence : sentences) ruled = ruled.withRule(English.rule(ruled, sentence));
        return ruled;
    }

    private static List<Note> notes(Song song) {
        return Performance.of(Timeline.of(song)).notes();
    }

    private static double loudest(Song song, double from, double to) {
        return notes(song).stream()
                .filter(note -> note.start() >= from - 1e-9 && note.start() < to)
                .mapToDouble(Note::velocity)
                .max()
                .orElse(0);
    }

    /** Of 24 decibels from the softest to the strongest; levels are 40 times the logarithm of a velocity (General MIDI Level 2). */
    @ParameterizedTest
    @CsvSource({"very soft, -14.4", "soft, -9.6", "rather soft, -4.8", "medium, 0", "strong, 4.8", "very strong, 9.6"})
    void eachStepIsAsMuchLouderAsTheLast(String level, double decibels) {
        double louder = loudest(ruled(SONG, "Verse: " + level), 0, 4) / loudest(SONG, 0, 4);
        assertEquals(decibels, 40 * Math.log10(louder), 1e-9);
    }

    @Test
    void aSwellGrowsFromStrokeToStrokeAndNeverBeyondTheLoudest() {
        Song swelling = ruled(SONG, "Verse: very soft to very strong");
        double before = 0;
        for (int beat = 0; beat < 8; beat++) {
            double now = loudest(swelling, beat * 0.5, beat * 0.5 + 0.4);
            assertTrue(now > before && now <= 1, "beat " + beat + ": " + now);
            before = now;
        }
    }

    @Test
    void aStopSilencesWhatSoundsAndAHeldStrumRingsOn() {
        Song stopped = ruled(SONG, "Verse, bar 1: stop and count");
        assertTrue(
                notes(stopped).stream().filter(note -> note.start() < 0.4).allMatch(note -> note.end() <= 0.5 + 1e-9));
        Song held = ruled(SONG, "Verse, bar 1: held strum");
        List<Note> first =
                notes(held).stream().filter(note -> note.start() < 1.9).toList();
        assertEquals(5, first.size());
        assertTrue(first.stream().allMatch(note -> note.end() >= 2.0 - 1e-9));
    }

    @Test
    void mutedStrokesAreDeadAndABarOfSilenceHasNone() {
        Song muted = ruled(SONG, "Verse, bar 1: muted strokes", "Verse, bar 2: silence");
        List<Note> notes = notes(muted);
        assertTrue(notes.stream().allMatch(Note::isDead));
        assertTrue(notes.stream().allMatch(note -> note.start() < 2));
        assertEquals(4 * 6, notes.size(), "every string, every beat");
    }

    @Test
    void aSecondGuitarSoundsBesideTheFirstAndDoesNotDampIt() {
        Pattern riff =
                Pattern.empty(new PatternId("riff"), "Riff", Meter.parse("4/4")).withLine("1:3 - 1:5 - - - - -");
        Song both = SONG.withPattern(riff).withSection(VERSE, section -> section.withSecond(List.of(riff.id())));
        assertEquals(notes(SONG), notes(both));
        List<Note> second = Performance.ofSecond(Timeline.of(both)).notes();
        assertEquals(
                List.of(67, 69, 67, 69),
                second.stream().map(note -> note.pitch().number()).toList());
        assertEquals(
                List.of(0.0, 0.5, 2.0, 2.5), second.stream().map(Note::start).toList());
        assertEquals(0.5, second.getFirst().end(), 1e-9, "its own string is struck again");
    }

    @Test
    void inFrontOfAPickUpABarAndWhatThePickUpLacksAreCounted() {
        Song led = SONG.withFacts(SONG.facts().withPickup(1));
        Timeline timeline = Timeline.of(led);
        var counted = ClickTrack.countIn(timeline, timeline.bars().getFirst());
        assertEquals(
                List.of(0.0, 0.5, 1.0, 1.5, 2.0, 2.5, 3.0),
                counted.clicks().stream().map(ClickTrack.Click::seconds).toList());
        assertEquals(3.5, ClickTrack.countInSeconds(timeline, timeline.bars().getFirst()), 1e-9);
        assertEquals(
                4,
                ClickTrack.countIn(timeline, timeline.bar(1).orElseThrow())
                        .clicks()
                        .size());
    }

    @Test
    void theMetronomeWaitsInAPause() {
        Timeline timeline = Timeline.of(ruled(SONG, "Verse, bar 1: pause of 2 beats"));
        List<Double> clicks = ClickTrack.of(timeline).clicks().stream()
                .map(ClickTrack.Click::seconds)
                .toList();
        assertEquals(List.of(0.0, 0.5, 1.0, 1.5, 3.0, 3.5, 4.0, 4.5), clicks);
    }
}
