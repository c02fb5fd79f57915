package tactus.core.ground.alignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.function.ToIntBiFunction;

/** Two lists put opposite each other as cheaply as can be: Wagner and Fischer, Journal of the ACM 21, 1974. */
public final class Alignment {

    /**
     * What stands opposite each other, by their indices from 0.
     *
     * @param left empty where only the right list has something
     * @param right empty where only the left list has something
     */
    public record Pair(OptionalInt left, OptionalInt right) {

        public Pair {
            Objects.requireNonNull(left);
            Objects.requireNonNull(right);
        }
    }

    private Alignment() {}

    /**
     * Aligns two lists; of ways that cost the same the one that pairs first, then the one that leaves the left one alone.
     *
     * @param alone what one costs that has nothing opposite
     * @param cost what two cost that stand opposite each other, 0 if they are the same
     */
    public static <L, R> List<Pair> of(List<L> left, List<R> right, int alone, ToIntBiFunction<L, R> cost) {
        int[][] costs = costs(left, right, alone, cost);
        var pairs = new ArrayList<Pair>();
        int i = 0;
        int j = 0;
        while (i < left.size() || j < right.size()) {
            boolean both = i < left.size()
                    && j < right.size()
                    && costs[i][j] == costs[i + 1][j + 1] + cost.applyAsInt(left.get(i), right.get(j));
            boolean onLeft = !both && i < left.size() && (j == right.size() || costs[i][j] == costs[i + 1][j] + alone);
            boolean onRight = !both && !onLeft;
            pairs.add(new Pair(
                    onRight ? OptionalInt.empty() : OptionalInt.of(i),
                    onLeft ? OptionalInt.empty() : OptionalInt.of(j)));
            if (!onRight) i++;
            if (!onLeft) j++;
        }
        return pairs;
    }

    /** What it costs from each pair of places on. */
    private static <L, R> int[][] costs(List<L> left, List<R> right, int alone, ToIntBiFunction<L, R> cost) {
        int[][] costs = new int[left.size() + 1][right.size() + 1];
        for (int i = left.size(); i >= 0; i--) {
            for (int j = right.size(); j >= 0; j--) {
                costs[i][j] = i == left.size() || j == right.size()
                        ? alone * (left.size() - i + right.size() - j)
                        : Math.min(
                                costs[i + 1][j + 1] + cost.applyAsInt(left.get(i), right.get(j)),
                                alone + Math.min(costs[i + 1][j], costs[i][j + 1]));
            }
        }
        return costs;
    }
}
