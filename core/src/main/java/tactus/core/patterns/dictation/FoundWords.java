package tactus.core.patterns.dictation;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** What words were found to mean; to be asked from any thread. */
final class FoundWords<T> {

    /** So many different words are kept; who types more of them begins anew. */
    private static final int MOST = 4_000;

    private final Map<String, Optional<T>> kept = new ConcurrentHashMap<>();

    /** What {@code finding} finds for {@code word}, looked for once. */
    Optional<T> of(String word, Function<String, Optional<T>> finding) {
        Optional<T> known = kept.get(word);
        if (known != null) return known;
        if (kept.size() > MOST) kept.clear();
        Optional<T> found = finding.apply(word);
        kept.put(word, found);
        return found;
    }
}
