package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.patterns.pattern.Pattern;

/**
 * What a saying is understood by.
 *
 * @param lexicon the words of its language
 * @param manner what is known of how its teacher speaks
 * @param shown the pattern that is looked at, which {@code the same} means
 * @param patterns those that can be called by their names
 */
public record Speech(Lexicon lexicon, Manner manner, Optional<Pattern> shown, List<Pattern> patterns) {

    public Speech {
        Objects.requireNonNull(lexicon);
        Objects.requireNonNull(manner);
        Objects.requireNonNull(shown);
        patterns = List.copyOf(patterns);
    }

    /** A saying by anybody, of nothing that is there. */
    public static Speech of(Lexicon lexicon) {
        return new Speech(lexicon, Manner.UNKNOWN, Optional.empty(), List.of());
    }
}
