package tactus.core.laid.timeline;

import java.util.Objects;
import java.util.Optional;
import tactus.core.patterns.pattern.PatternId;

/**
 * What a stroke comes from.
 *
 * @param span the index of its chord in the song or in the pass, from 0
 * @param pattern whose stroke it is; empty where an event is played
 * @param slot the index of its slot in the form that is played, from 0
 */
public record PlayedFrom(int span, Optional<PatternId> pattern, int slot) {

    public PlayedFrom {
        Objects.requireNonNull(pattern);
    }

    PlayedFrom movedBy(int spans) {
        return new PlayedFrom(span + spans, pattern, slot);
    }
}
