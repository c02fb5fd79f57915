package tactus.core.dictation;

import java.util.ArrayList;
import java.util.List;
import tactus.core.pattern.PatternFrame;

/**
 * Two sayings of what should be the same pattern, stroke by stroke.
 *
 * @param differences where they differ, in sentences; empty if they say the same
 * @param first how the first can be placed
 * @param second how the second can
 * @param verdict which can be played in these beats, and which is likelier
 */
public record Comparison(List<String> differences, Placing first, Placing second, String verdict) {

    public Comparison {
        differences = List.copyOf(differences);
    }

    /** Compares both on the same beats. */
    public static Comparison of(Dictation first, Dictation second, PatternFrame frame) {
        Placing one = Placing.of(first, frame);
        Placing other = Placing.of(second, frame);
        return new Comparison(differences(words(first), words(second)), one, other, verdict(one, other));
    }

    private static List<String> words(Dictation said) {
        return said.strokes().stream().map(SpokenStroke::word).toList();
    }

    /** The fewest changes that turn one into the other (the edit distance of Levenshtein, 1966). */
    private static List<String> differences(List<String> first, List<String> second) {
        int[][] costs = costs(first, second);
        var found = new ArrayList<String>();
        int i = 0;
        int j = 0;
        while (i < first.size() || j < second.size()) {
            boolean both = i < first.size() && j < second.size();
            int change = both && first.get(i).equals(second.get(j)) ? 0 : 1;
            if (both && costs[i][j] == costs[i + 1][j + 1] + change) {
                if (change == 1) {
                    found.add("stroke " + (i + 1) + " is " + first.get(i) + " in the first, " + second.get(j)
                            + " in the second");
                }
                i++;
                j++;
            } else if (i < first.size() && costs[i][j] == costs[i + 1][j] + 1) {
                found.add("the first has one more: " + first.get(i) + " as stroke " + (i + 1));
                i++;
            } else {
                found.add("the second has one more: " + second.get(j) + " as stroke " + (j + 1));
                j++;
            }
        }
        return found;
    }

    /** How many changes it takes from each pair of places on. */
    private static int[][] costs(List<String> first, List<String> second) {
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

    private static String verdict(Placing first, Placing second) {
        boolean one = first.count().signum() > 0;
        boolean other = second.count().signum() > 0;
        if (!one && !other) return "Neither can be played in these beats as it is said.";
        if (one != other) return "Only the " + (one ? "first" : "second") + " can be played in these beats.";
        double difference =
                first.best().getFirst().cost() - second.best().getFirst().cost();
        if (Math.abs(difference) < 0.01) return "Both can be played, and one is as likely as the other.";
        return "Both can be played; the " + (difference < 0 ? "first" : "second")
                + " is likelier: its strokes lie more on the beats.";
    }
}
