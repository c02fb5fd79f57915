package tactus.core.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import tactus.core.pattern.PatternFrame;
import tactus.core.statement.Statement;

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

    /** The fewest changes that turn one into the other (the edit distance of Levenshtein, 1966). */
    private static List<Statement> differences(Dictation one, Dictation other) {
        List<Dictation.Said> first = one.said();
        List<Dictation.Said> second = other.said();
        int[][] costs = costs(first, second);
        var found = new ArrayList<Statement>();
        int i = 0;
        int j = 0;
        while (i < first.size() || j < second.size()) {
            boolean both = i < first.size() && j < second.size();
            int change = both && first.get(i).equals(second.get(j)) ? 0 : 1;
            if (both && costs[i][j] == costs[i + 1][j + 1] + change) {
                if (change == 1) {
                    found.add(Statement.of(
                            "comparison.other",
                            i + 1,
                            one.strokes().get(i),
                            other.strokes().get(j)));
                }
                i++;
                j++;
            } else if (i < first.size() && costs[i][j] == costs[i + 1][j] + 1) {
                found.add(Statement.of("comparison.first-more", one.strokes().get(i), i + 1));
                i++;
            } else {
                found.add(Statement.of("comparison.second-more", other.strokes().get(j), j + 1));
                j++;
            }
        }
        return found;
    }

    /** How many changes it takes from each pair of places on. */
    private static int[][] costs(List<Dictation.Said> first, List<Dictation.Said> second) {
        int[][] costs = new int[first.size() + 1][second.size() + 1];
        for (int i = first.size(); i >= 0; i--) {
            for (int j = second.size(); j >= 0; j--) {
                if (i == first.size() || j == second.size()) {
                    costs[i][j] = first.size() - i + second.size() - j;
                } else {
                    int same = costs[i + 1][j + 1] + (first.get(i).equals(second.get(j)) ? 0 : 1);
                    costs[i][j] = Math.min(same, 1 + Math.min(costs[i + 1][j], costs[i][j + 1]));
                }
            }
        }
        return costs;
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
