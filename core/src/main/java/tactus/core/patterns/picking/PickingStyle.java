package tactus.core.patterns.picking;

import java.util.Objects;
import java.util.Optional;

/**
 * How the picking hand works in a song, whatever the pattern.
 *
 * @param strike what strikes the strings, if that is said
 */
public record PickingStyle(FingerSchool school, Optional<Strike> strike) {

    /** Fingers follow the root; nothing is said of what strikes. */
    public static final PickingStyle USUAL = new PickingStyle(FingerSchool.FOLLOWING, Optional.empty());

    public PickingStyle {
        Objects.requireNonNull(school);
        Objects.requireNonNull(strike);
    }

    /** The same with the fingers on other strings. */
    public PickingStyle with(FingerSchool other) {
        return new PickingStyle(other, strike);
    }

    /** The same struck otherwise. */
    public PickingStyle withStrike(Optional<Strike> other) {
        return new PickingStyle(school, other);
    }
}
