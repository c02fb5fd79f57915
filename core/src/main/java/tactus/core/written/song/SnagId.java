package tactus.core.written.song;

import java.util.List;
import java.util.stream.Collectors;

/**
 * What a snag is known by: its kind and the ids of what it is about, never its words, so that it stays the same when
 * something is renamed.
 *
 * @param kind its code: {@code pattern-cut}
 * @param of ids and places, in an order of the kind's own
 */
public record SnagId(String kind, List<String> of) {

    public SnagId {
        if (kind.isBlank()) throw new IllegalArgumentException("a snag has a kind");
        of = List.copyOf(of);
    }

    @Override
    public String toString() {
        return of.stream().collect(Collectors.joining(" ", kind + " ", "")).strip();
    }
}
