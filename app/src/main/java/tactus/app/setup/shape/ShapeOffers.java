package tactus.app.setup.shape;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.written.harmony.Chord;

/**
 * What is offered for a chord.
 *
 * @param shapes the usual shape of its name, then others, what one finger holds on the high strings too, the easiest first
 * @param standIn an easier one, if there is one
 */
public record ShapeOffers(List<Shape> shapes, Optional<StandIn> standIn) {

    static final ShapeOffers NONE = new ShapeOffers(List.of(), Optional.empty());

    private static final int OFFERED = 12;

    /** What the offers depend on. */
    record Question(Chord chord, Tuning tuning, Neck neck, FrettingHand hand) {}

    /** Those that ask less of the hand than what is held now; all where the hand cannot hold that. */
    List<Shape> easier(Chord held, Neck neck, FrettingHand hand) {
        double cost = Grip.of(held.voicing(), neck, hand)
                .map(grip -> grip.effort(neck, hand).handCost())
                .orElse(Double.MAX_VALUE);
        return shapes.stream().filter(shape -> shape.effort().handCost() < cost).toList();
    }

    /** Shapes are searched for as they are called, and judged where the capo is. This takes a while. */
    static ShapeOffers to(Question question) {
        Chord chord = question.chord;
        Optional<ChordName> name = chord.meaning().filter(_ -> chord.fits(question.tuning));
        if (name.isEmpty()) return NONE;
        Neck open = question.neck.withCapo(0);
        List<Shape> found =
                new ShapeSearch(question.tuning, open, question.hand).findBehind(question.neck, name.get(), OFFERED);
        Stream<Shape> high = found.stream()
                .flatMap(shape ->
                        StandIn.underOneFinger(name.get(), shape.voicing(), question.tuning, open, question.hand)
                                .stream())
                .map(shape -> shape.at(question.neck, question.hand));
        Stream<Shape> others = Stream.concat(found.stream().skip(1), high)
                .filter(shape -> !shape.voicing().equals(found.getFirst().voicing()))
                .collect(Collectors.toMap(Shape::voicing, Function.identity(), (first, _) -> first, LinkedHashMap::new))
                .values()
                .stream()
                .sorted(Comparator.comparingInt(Shape::ease).reversed());
        List<Shape> shapes =
                Stream.concat(found.stream().limit(1), others).limit(OFFERED).toList();
        Optional<StandIn> standIn = StandIn.of(name.get(), chord.voicing(), question.tuning, open, question.hand)
                .map(each -> new StandIn(each.shape().at(question.neck, question.hand), each.givenUp()));
        return new ShapeOffers(shapes, standIn);
    }
}
