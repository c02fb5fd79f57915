package tactus.core.taught.practice;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.BarRange;
import tactus.core.music.time.Length;

/**
 * One step of a ladder.
 *
 * @param what is practised: {@code C – F alone}
 * @param bars the song bars in which it is looped
 * @param loop how long one round is, in felt beats; as long as it is in the song
 * @param from the tempo to begin with, in felt beats a minute
 * @param to the tempo to reach, not less than {@code from}
 * @param rounds how many clean ones in a row make it done
 * @param minutes what it is worth on the first day, in whole minutes
 * @param why it is there, with its numbers
 */
public record LadderStep(
        Kind kind,
        Statement what,
        BarRange bars,
        Length loop,
        int from,
        int to,
        int rounds,
        int minutes,
        Statement why) {

    /** What kind of work a step is, in the order in which they come. */
    public enum Kind {
        /** The hand on damped strings. */
        DAMPED,
        /** The thumb of a figure alone. */
        THUMB,
        /** A cell of a pattern. */
        CELL,
        /** A figure on open strings. */
        OPEN_STRINGS,
        /** A pattern on one chord. */
        ONE_CHORD,
        /** The finger of a figure that changes its string. */
        FINGER,
        /** One change alone. */
        CHANGE,
        /** The changes of a section in order. */
        CHANGES,
        SECTION,
        SONG
    }

    /** @throws IllegalArgumentException if a number is outside its range */
    public LadderStep {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(what);
        Objects.requireNonNull(bars);
        Objects.requireNonNull(loop);
        Objects.requireNonNull(why);
        if (from < 1 || to < from) throw new IllegalArgumentException("no tempo from " + from + " to " + to);
        if (rounds < 1 || minutes < 1) throw new IllegalArgumentException("a step takes rounds and minutes");
    }

    /** @throws IllegalArgumentException if {@code other} is less than {@link #from} */
    LadderStep withTo(int other) {
        return new LadderStep(kind, what, bars, loop, from, other, rounds, minutes, why);
    }
}
