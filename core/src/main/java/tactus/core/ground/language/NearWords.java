package tactus.core.ground.language;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words that look like one that is not known: a slip of the finger, or the nearest ones there are. */
public final class NearWords {

    /** Shorter words look too much alike for one letter to be a slip. */
    private static final int SHORTEST = 5;

    /** Nobody means a known word by a longer one, and comparing takes the product of the lengths. */
    private static final int LONGEST = 40;

    private final Set<String> known;

    /** @param known words in small letters */
    public NearWords(Collection<String> known) {
        this.known = Set.copyOf(known);
    }

    /** Whether {@code word}, in small letters, is one of them. */
    public boolean isKnown(String word) {
        return known.contains(word);
    }

    /**
     * The only word that {@code word} of five letters or more differs from in a single letter; empty if there is none. A
     * letter struck twice or two neighbours in turn are likelier than one that is missing or too many, and these than another
     * one (from memory); of several that are as likely none is taken.
     */
    public Optional<String> slip(String word) {
        if (word.length() < SHORTEST || word.length() > LONGEST || isKnown(word)) return Optional.empty();
        List<String> near = known.stream()
                .filter(each -> Math.abs(each.length() - word.length()) <= 1 && distance(each, word) == 1)
                .toList();
        int best = near.stream().mapToInt(each -> kind(word, each)).min().orElse(0);
        List<String> likeliest =
                near.stream().filter(each -> kind(word, each) == best).limit(2).toList();
        return likeliest.size() == 1 ? Optional.of(likeliest.getFirst()) : Optional.empty();
    }

    private static int kind(String typed, String meant) {
        if (typed.length() == meant.length()) return sorted(typed).equals(sorted(meant)) ? 0 : 2;
        if (typed.length() < meant.length()) return 1;
        int at = 0;
        while (at < meant.length() && typed.charAt(at) == meant.charAt(at)) at++;
        return at > 0 && typed.charAt(at) == typed.charAt(at - 1) ? 0 : 1;
    }

    private static String sorted(String word) {
        return word.chars().sorted().mapToObj(Character::toString).collect(Collectors.joining());
    }

    /** At most {@code most} words that look like {@code word}, the nearest first; none that differ in more than half of it. */
    public List<String> nearest(String word, int most) {
        if (word.length() > LONGEST) return List.of();
        int farthest = Math.max(1, word.length() / 2);
        return known.stream()
                .filter(each -> Math.abs(each.length() - word.length()) <= farthest)
                .flatMap(each -> near(each, distance(each, word), farthest))
                .sorted(Comparator.comparingInt(Near::distance).thenComparing(Near::word))
                .limit(most)
                .map(Near::word)
                .toList();
    }

    private static Stream<Near> near(String word, int distance, int farthest) {
        return distance <= farthest ? Stream.of(new Near(word, distance)) : Stream.empty();
    }

    private record Near(String word, int distance) {}

    /** Letters that are put in, left out or replaced, and neighbours in turn (Damerau 1964, each place changed once). */
    static int distance(String one, String other) {
        int[] before = new int[other.length() + 1];
        int[] last = new int[other.length() + 1];
        int[] next = new int[other.length() + 1];
        for (int j = 0; j <= other.length(); j++) last[j] = j;
        for (int i = 1; i <= one.length(); i++) {
            next[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int same = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
                next[j] = Math.min(Math.min(next[j - 1], last[j]) + 1, last[j - 1] + same);
                boolean turned = i > 1
                        && j > 1
                        && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1);
                if (turned) next[j] = Math.min(next[j], before[j - 2] + 1);
            }
            int[] oldest = before;
            before = last;
            last = next;
            next = oldest;
        }
        return last[other.length()];
    }
}
