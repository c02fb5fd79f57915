package tactus.core.music.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import tactus.core.music.shape.Shape;

/** The best shapes found so far. */
final class Ranking {

    /**
     * A shape with what it costs and the pitch classes it sounds.
     *
     * @param mask the pitch classes, bit by bit
     */
    record Ranked(Shape shape, double cost, int mask) {}

    private final int most;
    private final Predicate<Candidate> fits;
    private final List<Ranked> ranked = new ArrayList<>();

    /**
     * @param most how many are kept
     * @param fits which shapes are taken
     */
    Ranking(int most, Predicate<Candidate> fits) {
        this.most = most;
        this.fits = fits;
    }

    /** Whether {@code candidate} may still be among the best. */
    boolean wants(Candidate candidate) {
        boolean beaten =
                ranked.size() >= most && candidate.bound() >= ranked.getLast().cost();
        return !beaten && fits.test(candidate);
    }

    /** Puts {@code found} in its place, unless a better one plays the same and more; takes out what it makes needless. */
    void add(Ranked found) {
        int at = 0;
        while (at < ranked.size() && ranked.get(at).cost() <= found.cost()) {
            if (isPartOf(found, ranked.get(at))) return;
            at++;
        }
        ranked.subList(at, ranked.size()).removeIf(worse -> isPartOf(worse, found));
        ranked.add(at, found);
        if (ranked.size() > most) ranked.removeLast();
    }

    private static boolean isPartOf(Ranked part, Ranked whole) {
        return part.shape().voicing().isPartOf(whole.shape().voicing()) && (part.mask() & ~whole.mask()) == 0;
    }

    /** The best shapes in order, the best of each of {@code others} always among them. */
    List<Shape> shapesWith(Ranking... others) {
        Set<Ranked> wanted = new LinkedHashSet<>();
        for (Ranking other : others) wanted.addAll(other.ranked);
        var chosen = new ArrayList<>(wanted);
        ranked.stream()
                .filter(each -> !wanted.contains(each))
                .limit(Math.max(0, most - wanted.size()))
                .forEach(chosen::add);
        chosen.sort(Comparator.comparingDouble(Ranked::cost));
        return chosen.stream().map(Ranked::shape).toList();
    }
}
