package tactus.core.laid.timeline;

import java.util.Objects;
import tactus.core.music.time.Length;

/**
 * How a pattern fills a span: it starts with the chord, goes round as often as it fits whole, and what is left over is
 * cut, unless a rule says otherwise.
 *
 * @param span how long the chord is held
 * @param round how long one round of the pattern is
 * @param offset how much of a round that began on the chord before goes on here
 * @param way what happens to the rest
 */
public record Fit(Length span, Length round, Length offset, Way way) {

    public Fit {
        Objects.requireNonNull(offset);
        Objects.requireNonNull(round);
        Objects.requireNonNull(span);
        Objects.requireNonNull(way);
    }

    /** What happens to what is left of the chord behind the whole rounds. */
    public enum Way {
        /** The next round is cut. */
        CUT,
        /** The next round ends early, but whole: at the end of one of the pattern's cells. */
        ENDS_WITH_CELL,
        /** The next round is cut, and that is meant. */
        CUT_AS_MEANT,
        /** The round goes on over the next chord. */
        CARRIED,
        /** Nothing is struck, and the last sound rings. */
        RINGS
    }

    /** A fit from the start of a round, cut at the end of its span. */
    public Fit(Length span, Length round) {
        this(span, round, Length.ZERO, Way.CUT);
    }

    /** The same with another end. */
    Fit going(Way other) {
        return new Fit(span, round, offset, other);
    }

    private Length whole() {
        return span.plus(offset);
    }

    /** How often the pattern goes round whole, one that began before included. */
    public long rounds() {
        return whole().wholesOf(round);
    }

    /** How much of a last round is left; nothing if the rounds come out even. */
    public Length rest() {
        return whole().remainderOver(round);
    }

    /** How much of the last round is not played before the chord ends; nothing if the rounds come out even. */
    public Length missing() {
        return rest().isZero() ? Length.ZERO : round.minus(rest());
    }

    /** Whether the last round is cut. */
    public boolean isCut() {
        return (way == Way.CUT || way == Way.CUT_AS_MEANT) && !rest().isZero();
    }

    /** Whether the last round is cut and nobody has said that it shall be. */
    public boolean isCutUnasked() {
        return way == Way.CUT && isCut();
    }
}
