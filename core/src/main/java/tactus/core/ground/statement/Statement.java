package tactus.core.ground.statement;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Something that is said about a song, without words: {@code meter.upper} with the number that was asked for. A language
 * has a sentence for every code; the core never has.
 *
 * @param code small letters, with a full stop between the subject and what is said of it
 * @param values what the sentence speaks of, in its order: exact numbers, lengths, names, values of the domain, lists of
 *     these, other statements
 */
public record Statement(String code, List<Object> values) {

    public Statement {
        if (code.isBlank()) throw new IllegalArgumentException("a statement needs a code");
        values = List.copyOf(values);
    }

    /** Returns {@code code} with what its sentence speaks of. */
    public static Statement of(String code, Object... values) {
        return new Statement(code, List.of(values));
    }

    /** Returns code and values, for logs and tests. */
    @Override
    public String toString() {
        return values.isEmpty()
                ? code
                : values.stream().map(String::valueOf).collect(Collectors.joining(", ", code + " [", "]"));
    }
}
