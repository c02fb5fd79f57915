package tactus.core.timeline;

import tactus.core.time.Length;

/**
 * How a pattern fills a span: it starts with the chord, goes round as often as it fits whole, and what is left over is
 * cut.
 *
 * @param span how long the chord is held
 * @param round how long one round of the pattern is
 */
public record Fit(Length span, Length round) {

    /** How often the pattern goes round whole. */
    public long rounds() {
        return span.wholesOf(round);
    }

    /** How much of a last round is played before the chord ends; nothing if the rounds come out even. */
    public Length rest() {
        return span.remainderOver(round);
    }

    /** How much of the last round is not played; nothing if the rounds come out even. */
    public Length missing() {
        return isCut() ? round.minus(rest()) : Length.ZERO;
    }

    public boolean isCut() {
        return !rest().isZero();
    }
}
