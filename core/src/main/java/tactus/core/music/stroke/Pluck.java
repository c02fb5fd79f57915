package tactus.core.music.stroke;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * Fingers pluck strings: one, or a pinch of several at once.
 *
 * @param picks one to six, all different
 */
public record Pluck(List<Pick> picks, Touch touch, Force force) implements Stroke {

    /** The most strings that are plucked at once. */
    public static final int MOST = 6;

    /** @throws Refusal if there are no picks, more than six, or the same twice */
    public Pluck {
        picks = List.copyOf(picks);
        Objects.requireNonNull(touch);
        Objects.requireNonNull(force);
        if (picks.isEmpty() || picks.size() > MOST || picks.stream().distinct().count() < picks.size()) {
            throw new Refusal("pluck.hand-plucks", picks.size());
        }
    }

    /** Returns an unaccented pluck. */
    public static Pluck of(Pick... picks) {
        return new Pluck(List.of(picks), Touch.PLAIN, Force.PLAIN);
    }

    /** Whether several strings are plucked at once. */
    public boolean isPinch() {
        return picks.size() > 1;
    }

    /** The same stroke on other strings. */
    public Pluck withPicks(List<Pick> others) {
        return new Pluck(others, touch, force);
    }

    @Override
    public Pluck withTouch(Touch other) {
        return new Pluck(picks, other, force);
    }

    @Override
    public Pluck withForce(Force other) {
        return new Pluck(picks, touch, other);
    }
}
