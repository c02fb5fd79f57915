package tactus.core.taught.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.performance.PatternAlone;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Meter;
import tactus.core.music.time.SongSeconds;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** A bar of 4/4 with a down on every beat, at 60 a minute: strokes at 0, 1, 2 and 3 seconds. */
class RoundTest {

    private static final Meter FOUR = Meter.of(4, 4);

    private static Heard.Bars bars(String line) {
        Song song = Song.empty("March");
        Song slow = song.withFacts(song.facts().withTempo(Tempo.of(60, FOUR)));
        Pattern pattern = Pattern.empty(new PatternId("march"), "March", FOUR).withLine(line);
        return new Heard.Bars(PatternAlone.of(slow, pattern), new BarRange(1, 1));
    }

    private static final Heard.Bars BEATS = bars("d-d-d-d-");

    private static Tap tap(double seconds) {
        return new Tap(seconds, Optional.of(Direction.DOWN));
    }

    private static Round played(Round round, double... seconds) {
        for (double at : seconds) round.tap(tap(at));
        return round;
    }

    @Test
    void aStrokeIsJudgedWhenItComesByWhatItWasPlayedFor() {
        var round = new Round(BEATS, 1, false);
        Round.Judged judged = played(round, 0.01).tap(tap(1.04)).orElseThrow();
        assertEquals(1, judged.last().orElseThrow().due().seconds());
        assertEquals(0.04, judged.last().orElseThrow().late().orElseThrow(), 1e-9);
        assertEquals(4, judged.due().size());
        assertEquals(0, judged.take().missed());
    }

    @Test
    void aRoundOfWhichNothingWasPlayedIsNoneAndNotClean() {
        Round.Over over = new Round(BEATS, 1, false).over();
        assertTrue(over.take().isEmpty());
        assertFalse(over.isClean());
    }

    @Test
    void cleanIsWhatComesOnTheClickAndNotWhatIsHalfABeatOff() {
        assertTrue(played(new Round(BEATS, 1, false), 0, 1, 2, 3).over().isClean());
        assertFalse(
                played(new Round(BEATS, 1, false), 0.5, 1.5, 2.5, 3.5).over().isClean());
        assertFalse(played(new Round(BEATS, 1, false), 0, 1).over().isClean(), "half of it was not played");
    }

    @Test
    void aStrokeJustBeforeTheEndIsTheNextRoundsAsThatHasIt() {
        var round = played(new Round(BEATS, 1, false), 0, 1, 2, 3);
        assertTrue(round.tap(tap(3.96)).isEmpty());
        Round.Over over = round.over();
        assertEquals(List.of(), over.take().orElseThrow().extra());
        assertEquals(-0.04, over.early().getFirst().seconds(), 1e-9);
    }

    /** Behind a bar to breathe it comes eight seconds after the start of this round: too early for anything. */
    @Test
    void behindABarToBreatheTheNextRoundBeginsABarLater() {
        assertEquals(4, new Round(BEATS, 1, false).next(), 1e-9);
        assertEquals(8, new Round(BEATS, 1, true).next(), 1e-9);
        assertEquals(16, new Round(BEATS, 0.5, true).next(), 1e-9);
    }

    /** The last stroke that is due and comes late is this round's, however near the end is. */
    @Test
    void aLateStrokeNearTheEndStaysWithTheRound() {
        Heard.Bars late = bars("d-d-d--d");
        var round = played(new Round(late, 1, false), 0, 1, 2);
        assertEquals(
                3.5,
                round.tap(tap(3.6)).orElseThrow().last().orElseThrow().due().seconds());
        assertEquals(List.of(), round.over().early());
        assertEquals(0, round.over().take().orElseThrow().missed());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.8, 1, 1.25})
    void atAnotherTempoEverythingIsDueAsItIsPlayed(double share) {
        var round = new Round(BEATS, share, false);
        assertEquals(4 / share, round.to(), 1e-9);
        assertTrue(played(round, 0, 1 / share, 2 / share, 3 / share).over().isClean());
    }

    /** Bars 2 and 3 of six go round: four seconds each at 60. */
    @Test
    void bothEndsOfARoundLieWithinTheSong() {
        Song song = SongFixture.song("4/4 4/4 4/4 4/4 4/4 4/4", "C: 6 bars", "d-d-d-d-");
        Song slow = song.withFacts(song.facts().withTempo(Tempo.of(60, FOUR)));
        var round = new Round(new Heard.Bars(Timeline.of(slow), new BarRange(2, 3)), 1, false);
        assertEquals(4, round.from(), 1e-9);
        assertEquals(12, round.to(), 1e-9);
        assertEquals(8, round.next(), 1e-9);
        assertEquals(8, round.due().size());
        played(round, 4, 5, 6, 7, 8, 9, 10, 11, 11.96);
        assertEquals(3.96, round.over().early().getFirst().seconds(), 1e-9, "the next one's first, before it begins");
        assertTrue(round.over().isClean());
    }

    @Test
    void barsThatBecameOtherAreJudgedWithWhatWasPlayedOfThem() {
        var round = played(new Round(BEATS, 1, false), 0, 1, 2, 3).with(bars("d-d-----"));
        assertEquals(2, round.over().take().orElseThrow().extra().size());
        assertEquals(0, round.over().take().orElseThrow().missed());
    }

    @Test
    void secondsOfTheSongAndSecondsAsTheyArePlayedAreNotTheSame() {
        var half = new PlayedTempo(new SongSeconds(2), 0.5);
        assertEquals(4, half.played(new SongSeconds(4)));
        assertEquals(-2, half.played(new SongSeconds(1)), "before bar 1");
        assertThrows(IllegalArgumentException.class, () -> new PlayedTempo(new SongSeconds(0), 0));
        assertThrows(IllegalArgumentException.class, () -> new SongSeconds(Double.NaN));
    }
}
