package tactus.core.music.search;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Effort;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;

/**
 * Finds how a chord can be held: every combination of frets that one hand reaches and that sounds the chord with its bass
 * lowest, ranked by effort. Nothing is looked up, so it works in any tuning.
 */
public final class ShapeSearch {

    private final Tuning tuning;
    private final Neck neck;
    private final FrettingHand hand;

    /** @param neck with the capo that the frets are counted from */
    public ShapeSearch(Tuning tuning, Neck neck, FrettingHand hand) {
        this.tuning = tuning;
        this.neck = neck;
        this.hand = hand;
    }

    /**
     * Returns shapes that sound {@code name}: first the one that most teachers draw, then the others, the easiest first.
     * Among them, if there are more than three and a
     * hand can hold them, are one with every note of the name, one with what may be there besides, and one that holds
     * every string and so can be moved along the neck.
     *
     * @param most how many at most, from 1
     */
    public List<Shape> find(ChordName name, int most) {
        var tones = ChordTones.of(name);
        List<Candidate> candidates = new FretCombinations(tuning, neck, hand, tones, !isReentrant()).all();
        if (candidates.isEmpty()) candidates = new FretCombinations(tuning, neck, hand, tones, false).all();
        return taughtFirst(taught(name, tones), best(candidates, tones, most), most);
    }

    private Optional<Shape> taught(ChordName name, ChordTones tones) {
        return new TaughtShapes(tuning, neck, hand)
                .of(name)
                .flatMap(candidate -> rank(candidate, tones))
                .map(Ranking.Ranked::shape);
    }

    /** What is chosen for its ease and its sound together stands in the order of its ease. */
    private static List<Shape> taughtFirst(Optional<Shape> taught, List<Shape> others, int most) {
        Stream<Shape> beside = others.stream()
                .filter(shape -> taught.filter(first -> first.voicing().equals(shape.voicing()))
                        .isEmpty())
                .limit(most - taught.stream().count())
                .sorted(Comparator.comparingDouble(shape -> shape.effort().handCost()));
        return Stream.concat(taught.stream(), beside).toList();
    }

    /** Returns the first shape for {@code name}: the one that most teachers draw, otherwise the easiest. */
    public Optional<Shape> first(ChordName name) {
        var tones = ChordTones.of(name);
        Optional<Shape> taught = taught(name, tones);
        return taught.isPresent() ? taught : find(name, 1).stream().findFirst();
    }

    /**
     * Returns shapes as {@link #find} does, but judged, and ordered by their ease behind the first, behind the capo of
     * {@code where}: a shape keeps its name there, and its frets lie closer.
     */
    public List<Shape> findBehind(Neck where, ChordName name, int most) {
        List<Shape> found = find(name, most).stream()
                .filter(shape -> where.reaches(shape.voicing()))
                .map(shape -> shape.at(where, hand))
                .toList();
        Optional<Shape> taught = taught(name, ChordTones.of(name)).map(shape -> shape.at(where, hand));
        return taughtFirst(taught, found, most);
    }

    /** Whether the lowest string is not the one that lies lowest, so that a bass means nothing. */
    private boolean isReentrant() {
        List<Pitch> open = tuning.open();
        return open.stream().anyMatch(pitch -> pitch.compareTo(open.getFirst()) < 0);
    }

    private List<Shape> best(List<Candidate> candidates, ChordTones tones, int most) {
        candidates.sort(Comparator.comparingDouble(Candidate::bound));
        var all = new Ranking(most, _ -> true);
        var whole = new Ranking(1, candidate -> tones.isWhole(candidate.mask()));
        var stacked = new Ranking(1, candidate -> tones.isFull(candidate.mask()));
        var movable = new Ranking(1, Candidate::holdsEveryString);
        for (Candidate candidate : candidates) {
            var wanting = Stream.of(all, whole, stacked, movable)
                    .filter(ranking -> ranking.wants(candidate))
                    .toList();
            if (wanting.isEmpty()) continue;
            rank(candidate, tones).ifPresent(found -> wanting.forEach(ranking -> ranking.add(found)));
        }
        return most > 3 ? all.shapesWith(whole, stacked, movable) : all.shapesWith();
    }

    /** A shape with a string between that nobody keeps quiet is none to be offered. */
    private Optional<Ranking.Ranked> rank(Candidate candidate, ChordTones tones) {
        Optional<Grip> quiet = Grip.of(candidate.voicing(), neck, hand)
                .filter(grip -> grip.unquiet().isEmpty());
        return quiet.map(grip -> {
            int mask = candidate.mask();
            Effort effort = grip.effort(neck, hand).withIncomplete(tones.incomplete(mask), tones.cost(mask));
            return new Ranking.Ranked(new Shape(grip, effort, tones.missing(mask)), effort.cost(), mask);
        });
    }
}
