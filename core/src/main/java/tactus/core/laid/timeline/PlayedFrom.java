package tactus.core.laid.timeline;

import java.util.Objects;
import java.util.Optional;
import tactus.core.patterns.pattern.PatternId;

/**
 * What a stroke comes from.
 *
 * @param pattern whose stroke it is; empty where an event is played
 * @param slot the index of its slot in the form that is played, from 0
 */
public record PlayedFrom(Optional<PatternId> pattern, int slot) {

    /** Nothing of a pattern. */
    static final PlayedFrom EVENT = new PlayedFrom(Optional.empty(), 0);

    public PlayedFrom {
        Objects.requireNonNull(pattern);
    }
}
