package tactus.core.music.stroke;

import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Length;

/**
 * How the hand keeps moving in a strummed pattern, whether it strikes or not. A pendulum at a rate of eighths goes down
 * on 1 2 3 4 and up on every "and"; it starts anew with a down at every bar line. In 6/8 that is strict alternation;
 * the school of six downs is {@link Mode#ALL_DOWN}.
 *
 * @param rate how long the hand takes from one crossing of the strings to the next, longer than nothing
 */
public record Hand(Mode mode, Length rate) {

    /** The ways of moving. */
    public enum Mode {
        /** Down on the strong slots, up on the weak ones. */
        PENDULUM,
        /** Every crossing that can strike is a down; the hand returns silently. */
        ALL_DOWN
    }

    /** @throws Refusal if {@code rate} is not positive */
    public Hand {
        Objects.requireNonNull(mode);
        if (!rate.isPositive()) throw new Refusal("hand.rate-positive", rate);
    }

    /** A hand that goes down and up in turn, crossing the strings every {@code rate} of a whole note. */
    public static Hand pendulum(Length rate) {
        return new Hand(Mode.PENDULUM, rate);
    }

    /** A hand that goes down at every {@code rate} of a whole note and comes back silently. */
    public static Hand allDown(Length rate) {
        return new Hand(Mode.ALL_DOWN, rate);
    }

    /** Which way the hand crosses the strings at {@code inBar} after the bar line; empty where it does not cross. */
    public Optional<Direction> at(Length inBar) {
        if (!inBar.isMultipleOf(rate)) return Optional.empty();
        boolean even = inBar.wholesOf(rate) % 2 == 0;
        return Optional.of(mode == Mode.ALL_DOWN || even ? Direction.DOWN : Direction.UP);
    }

    /** The direction a stroke takes at {@code inBar} when nobody says one: the hand's, or down where it is not crossing. */
    public Direction usual(Length inBar) {
        return at(inBar).orElse(Direction.DOWN);
    }
}
