package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;

/**
 * A word that says nothing of a pattern.
 *
 * @param index where in the text it stands
 * @param word as it was typed
 * @param nearest the words that look most like it and say something; none if nothing does
 * @param isPicked whether all that was said before it is plucked
 */
public record Unread(int index, String word, List<String> nearest, boolean isPicked) {

    public Unread {
        Objects.requireNonNull(word);
        nearest = List.copyOf(nearest);
    }

    /** What there is to say of it. */
    public Statement told() {
        String kind = isPicked ? "dictation-reader.pluck-write" : "dictation-reader.stroke-write";
        return nearest.isEmpty() ? Statement.of(kind, word) : Statement.of("dictation-reader.near", word, nearest);
    }

    /** The same where the rest was understood. */
    public Statement leftOut() {
        return nearest.isEmpty()
                ? Statement.of("dictation-reader.left-out", word)
                : Statement.of("dictation-reader.left-out-near", word, nearest);
    }
}
