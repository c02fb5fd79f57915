package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.patterns.pattern.PatternId;

/**
 * What a second guitar does there.
 *
 * @param pattern what it plays; empty if it rests
 */
public record SecondGuitar(Optional<PatternId> pattern) {

    public static final SecondGuitar RESTS = new SecondGuitar(Optional.empty());

    public SecondGuitar {
        Objects.requireNonNull(pattern);
    }

    /** It plays {@code pattern}. */
    public static SecondGuitar plays(PatternId pattern) {
        return new SecondGuitar(Optional.of(pattern));
    }
}
