package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.BarRange;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.song.Song;

/** The steps of a ladder while it is made: each begins slowly and ends at the tempo of the song. */
final class LadderSteps {

    /** Where one begins, of the tempo of the song; from memory. */
    private static final double SLOW = 0.6;

    private static final int SLOWEST = 30;

    private final int target;
    private final List<LadderStep> steps = new ArrayList<>();

    LadderSteps(Song song) {
        target = Math.max(1, (int) Math.round(song.facts().tempo().perMinute()));
    }

    /**
     * What goes round.
     *
     * @param bars where it stands in the song
     * @param beats how long it is, in felt beats
     * @param from the tempo at which it begins, in felt beats a minute
     */
    record Loop(BarRange bars, Length beats, int from) {}

    Loop slowly(BarRange bars, Length beats) {
        return new Loop(bars, beats, slow());
    }

    int slow() {
        return Math.min(target, Math.max(SLOWEST, (int) Math.round(target * SLOW)));
    }

    /** The tempo at which a step is done, in felt beats a minute. */
    int target() {
        return target;
    }

    void add(LadderStep.Kind kind, Loop loop, int minutes, Statement what, Statement why) {
        steps.add(new LadderStep(
                kind, what, loop.bars, loop.beats, Math.min(loop.from, target), target, Ladder.CLEAN, minutes, why));
    }

    List<LadderStep> all() {
        return steps;
    }

    /** {@code length} in felt beats of {@code meter}. */
    static Length beats(Length length, Meter meter) {
        return length.dividedBy(meter.shortestBeat());
    }
}
