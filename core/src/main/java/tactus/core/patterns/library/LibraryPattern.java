package tactus.core.patterns.library;

import java.util.Objects;
import java.util.Set;
import tactus.core.patterns.pattern.Pattern;

/**
 * A pattern of the library. Its id is the code that a language has a name for.
 *
 * @param feels codes of what it suits: {@code waltz}, {@code ballad}
 */
public record LibraryPattern(Pattern pattern, Level level, Set<String> feels) {

    public LibraryPattern {
        Objects.requireNonNull(level);
        Objects.requireNonNull(pattern);
        feels = Set.copyOf(feels);
    }
}
