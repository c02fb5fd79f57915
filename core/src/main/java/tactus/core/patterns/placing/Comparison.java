package tactus.core.patterns.placing;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import tactus.core.ground.alignment.Alignment;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.pattern.PatternFrame;

/**
 * Two sayings of what should be the same pattern, stroke by stroke.
 *
 * @param differences where they differ; empty if they say the same
 * @param first how the first can be placed
 * @param second how the second can
 * @param verdict which can be played in these beats, and which is likelier
 */
public record Comparison(List<Statement> differences, Placing first, Placing second, Statement verdict) {

    public Comparison {
        Objects.requireNonNull(first);
        Objects.requireNonNull(second);
        Objects.requireNonNull(verdict);
        differences = List.copyOf(differences);
    }

    /** Compares both on the same beats. */
    public static Comparison of(Dictation first, Dictation second, PatternFrame frame) {
        Placing one = Placing.of(first, frame);
        Placing other = Placing.of(second, frame);
        return new Comparison(differences(first, second), one, other, verdict(one, other));
    }

    /** The fewest changes that turn one into the other. */
    private static List<Statement> differences(Dictation one, Dictation other) {
        // How many strokes "all downs" are is known only on a frame, so that nothing is claimed of them.
        if (Stream.of(one, other).anyMatch(said -> said.notes().filling().isPresent())) return List.of();
        var found = new ArrayList<Statement>();
        for (Alignment.Pair pair :
                Alignment.of(one.said(), other.said(), 1, (first, second) -> first.equals(second) ? 0 : 1)) {
            Optional<SpokenStroke> first = stroke(one, pair.left());
            Optional<SpokenStroke> second = stroke(other, pair.right());
            if (second.isEmpty()) {
                found.add(Statement.of(
                        "comparison.first-more",
                        first.orElseThrow(),
                        pair.left().getAsInt() + 1));
            } else if (first.isEmpty()) {
                found.add(Statement.of(
                        "comparison.second-more", second.get(), pair.right().getAsInt() + 1));
            } else if (!first.get().said().equals(second.get().said())) {
                found.add(Statement.of("comparison.other", pair.left().getAsInt() + 1, first.get(), second.get()));
            }
        }
        return found;
    }

    private static Optional<SpokenStroke> stroke(Dictation said, OptionalInt index) {
        return index.stream().mapToObj(said.strokes()::get).findFirst();
    }

    private static Statement verdict(Placing first, Placing second) {
        boolean one = first.count().signum() > 0;
        boolean other = second.count().signum() > 0;
        if (!one && !other) return Statement.of("comparison.neither");
        if (one != other) return Statement.of(one ? "comparison.only-first" : "comparison.only-second");
        double difference =
                first.best().getFirst().cost() - second.best().getFirst().cost();
        if (Math.abs(difference) < 0.01) return Statement.of("comparison.as-likely");
        return Statement.of(difference < 0 ? "comparison.first-likelier" : "comparison.second-likelier");
    }
}
