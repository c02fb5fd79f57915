package tactus.sound.score;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.performance.HeardBars;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.Parts;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.ConcertPitch;
import tactus.sound.SoundFixture;

class ScoreTest {

    private final Timeline timeline = SoundFixture.twoBars("x32010", "d-d-----");

    private static List<Long> frames(Score score, Score.Kind kind) {
        return frames(score, kind, Optional.of(kind == Score.Kind.PLUCK ? MixVoice.GUITAR : MixVoice.CLICK));
    }

    private static List<Long> frames(Score score, Score.Kind kind, Optional<MixVoice> voice) {
        return IntStream.range(0, score.events())
                .filter(event -> score.kind(event) == kind && score.voice(event).equals(voice))
                .mapToObj(score::frame)
                .toList();
    }

    private Score score(double from, double to, double speed, boolean countsIn) {
        return Score.of(timeline, new Playback(from, to, false, speed, countsIn));
    }

    @Test
    void everyStringOfAStrumHasItsOwnFrame() {
        List<Long> plucks = frames(score(0, 4, 1, false), Score.Kind.PLUCK);
        assertEquals(20, plucks.size());
        assertEquals(0L, plucks.get(0));
        assertEquals(Math.round(0.008 * 44_100), plucks.get(1));
        assertEquals(22_050L, plucks.get(5));
    }

    /** 82.41 Hz at A4 = 440 (the usual table of equal temperament); 415 lowers it in proportion. */
    @Test
    void theConcertPitchOfTheGuitarIsHeard() {
        var low = new Timeline(
                timeline.tempoMap(),
                new ConcertPitch(415),
                timeline.bars(),
                timeline.spans(),
                timeline.parts(),
                timeline.length(),
                timeline.margin());
        var playback = new Playback(0, 4, false, 1, false);
        float usual = Score.of(timeline, playback).hertz(0);
        assertEquals(usual * 415 / 440, Score.of(low, playback).hertz(0), 0.01);
    }

    /** Two guitars can strike the same string at the same time; each has its own. */
    @Test
    void aSecondGuitarHasStringsOfItsOwn() {
        var both = new Timeline(
                timeline.tempoMap(),
                timeline.concert(),
                timeline.bars(),
                timeline.spans(),
                new Parts(timeline.strokes(), timeline.strokes()),
                timeline.length(),
                timeline.margin());
        var score = Score.of(both, new Playback(0, 4, false, 1, false));
        List<Integer> strings = IntStream.range(0, score.events())
                .filter(event -> score.kind(event) == Score.Kind.PLUCK)
                .mapToObj(score::number)
                .distinct()
                .sorted()
                .toList();
        assertEquals(List.of(1, 2, 3, 4, 5, 13, 14, 15, 16, 17, 24 + 5), strings, "and the bass has its own");
        assertEquals(20, frames(score, Score.Kind.PLUCK).size());
        assertEquals(
                20,
                frames(score, Score.Kind.PLUCK, Optional.of(MixVoice.SECOND)).size());
    }

    @Test
    void halfTheSpeedTakesTwiceTheFrames() {
        List<Long> plucks = frames(score(0, 4, 0.5, false), Score.Kind.PLUCK);
        assertEquals(44_100L, plucks.get(5));
        assertEquals(8 * 44_100L, score(0, 4, 0.5, false).end());
    }

    @Test
    void aCountInComesInFrontAndMovesEverything() {
        Score score = score(0, 4, 1, true);
        assertEquals(2 * 44_100L, score.start());
        assertEquals(List.of(0L), frames(score, Score.Kind.STRONG_CLICK, Optional.empty()));
        assertEquals(List.of(22_050L, 44_100L, 66_150L), frames(score, Score.Kind.CLICK, Optional.empty()));
        assertEquals(score.start(), frames(score, Score.Kind.PLUCK).getFirst());
        assertEquals(-2.0, score.seconds(0), 1e-9);
    }

    @Test
    void playingFromTheSecondBarLeavesTheFirstOut() {
        Score score = score(2, 4, 1, false);
        assertEquals(10, frames(score, Score.Kind.PLUCK).size());
        assertEquals(0L, frames(score, Score.Kind.PLUCK).getFirst());
        assertEquals(1, frames(score, Score.Kind.STRONG_CLICK).size());
        assertEquals(2.0, score.seconds(0), 1e-9);
        assertEquals(0, score.frameAt(2.0));
    }

    @Test
    void eventsAreInOrderAndADampedStringIsDampedBeforeItIsPluckedAgain() {
        Score score = score(0, 4, 1, true);
        for (int event = 1; event < score.events(); event++) {
            assertTrue(score.frame(event - 1) <= score.frame(event));
        }
        Score loop = score(0, 4, 1, false);
        long again = frames(loop, Score.Kind.PLUCK).get(5);
        List<Score.Kind> there = IntStream.range(loop.eventAt(again), loop.eventAt(again + 1))
                .filter(event -> loop.voice(event).equals(Optional.of(MixVoice.GUITAR)))
                .mapToObj(loop::kind)
                .toList();
        assertEquals(List.of(Score.Kind.DAMP, Score.Kind.PLUCK), there);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.24, 1.51, -1, Double.NaN})
    void aSpeedOutsideAQuarterToOneAndAHalfIsRefused(double speed) {
        assertThrows(IllegalArgumentException.class, () -> score(0, 4, speed, false));
    }

    @Test
    void aPartThatEndsBeforeItStartsIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> score(2, 2, 1, false));
    }

    private Score loop(boolean breath, Optional<HeardBars> heard, double from, double to) {
        return Score.of(timeline, new Playback(from, to, true, 1, false, breath, heard));
    }

    /** Two bars of four beats: a third one is counted before they come again, with nothing that rings in it. */
    @Test
    void aBarToBreatheIsCountedBeforeEachFurtherRound() {
        double bar = timeline.bars().get(1).seconds();
        Score plain = loop(false, Optional.empty(), 0, 2 * bar);
        Score breathing = loop(true, Optional.empty(), 0, 2 * bar);
        long frames = Math.round(bar * Score.RATE);
        assertEquals(plain.end() + frames, breathing.end(), 1);
        List<Long> counted = Stream.of(Score.Kind.CLICK, Score.Kind.STRONG_CLICK)
                .flatMap(kind -> frames(breathing, kind, Optional.empty()).stream())
                .toList();
        assertEquals(4, counted.size());
        assertTrue(counted.stream().allMatch(frame -> frame >= plain.end() - 1));
        assertTrue(frames(breathing, Score.Kind.PLUCK).stream().allMatch(frame -> frame < plain.end()));
        assertTrue(
                frames(breathing, Score.Kind.DAMP, Optional.of(MixVoice.GUITAR)).contains(plain.end()),
                "what rings is damped");
        assertEquals(-bar, breathing.seconds(plain.end()), 1e-3, "one breathes in front of the next round");
        assertEquals(0, breathing.seconds(breathing.end()), 1e-3);
    }

    @ParameterizedTest(name = "{0} heard of a loop of {1}")
    @CsvSource({"1, 2, 1, HS", "1, 1, 2, HS", "2, 1, 4, HHSS", "2, 2, 2, HHSS", "4, 2, 4, HHHHSSSS"})
    void barsAreHeardAndSilentInTurnAlsoAcrossRounds(int bars, int length, int rounds, String heard) {
        double bar = timeline.bars().get(1).seconds();
        Score score = loop(false, Optional.of(new HeardBars(bars)), 0, length * bar);
        assertEquals(Math.round(rounds * length * bar * Score.RATE), score.end(), 2);
        List<Long> plucked = frames(score, Score.Kind.PLUCK);
        for (int i = 0; i < heard.length(); i++) {
            long from = Math.round(i * bar * Score.RATE) - 2;
            long to = Math.round((i + 1) * bar * Score.RATE) - 2;
            boolean sounds = plucked.stream().anyMatch(frame -> frame >= from && frame < to);
            assertEquals(heard.charAt(i) == 'H', sounds, "bar " + i);
        }
    }
}
