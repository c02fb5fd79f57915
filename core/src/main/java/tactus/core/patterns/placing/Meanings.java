package tactus.core.patterns.placing;

import java.math.BigInteger;
import java.util.Optional;
import java.util.function.Function;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.pattern.PatternFrame;

/** Places what can be meant in two ways: both ways, the one that fits better shown, and the question that settles it. */
final class Meanings {

    /** From so many strokes on, a bar that has room for them only with a quicker hand may be meant as two (from memory). */
    private static final int MANY = 9;

    private Meanings() {}

    static Placing of(Dictation dictation, Function<Dictation, Placing> place) {
        return dictation
                .other()
                .map(two -> better(two, of(two.first(), place), of(two.second(), place)))
                .orElseGet(() -> place.apply(dictation));
    }

    /** A reading that cannot be placed is none; otherwise the slower hand and fewer ways to place it are the better fit. */
    private static Placing better(Dictation.TwoReadings two, Placing first, Placing second) {
        if (!second.isPossible()) return first;
        if (!first.isPossible()) return second;
        return (fitsBetter(second, first) ? second : first)
                .asking(new Question.OfMeaning(two.asked(), Optional.of(two.doubt()), first, second));
    }

    private static boolean fitsBetter(Placing one, Placing other) {
        int slots =
                Integer.compare(one.frame().grid().size(), other.frame().grid().size());
        boolean plain = one.count().equals(BigInteger.ONE) && !other.count().equals(BigInteger.ONE);
        return slots < 0 || slots == 0 && plain;
    }

    /** Asks whether many strokes in one bar are meant as two bars. */
    static Placing inBars(Placing inOne) {
        PatternFrame frame = inOne.frame();
        int beats = frame.meter().beats().size();
        if (!inOne.isPossible()
                || inOne.dictation().strokes().size() < MANY
                || frame.beats() != beats
                || 2 * beats > PatternFrame.mostBeats(frame.meter())) return inOne;
        var slower = PatternFrame.usualHands(frame.meter()).getFirst();
        if (slower.equals(frame.hand())) return inOne;
        PatternFrame two = PatternFrame.of(frame.meter(), 2 * beats, slower);
        if (!Placing.isPossible(inOne.dictation(), new HandSlots(two), inOne.given())) return inOne;
        Placing inTwo = Placing.of(inOne.dictation(), two, inOne.given());
        return inOne.asking(new Question.OfMeaning(
                Statement.of(
                        "question.bars",
                        inOne.dictation().strokes().size(),
                        frame.hand().rate(),
                        slower.rate()),
                Optional.empty(),
                inOne,
                inTwo));
    }

    /** Asks whether strokes that all go down, for which the hand has to be quicker, are meant for one that goes down only. */
    static Placing allDown(Placing found, Hand slower) {
        Dictation said = found.dictation();
        boolean downs = said.strokes().stream()
                .map(SpokenStroke::direction)
                .allMatch(way -> way.filter(Direction.DOWN::equals).isPresent());
        if (!downs || found.isPossible() && slower.equals(found.frame().hand())) return found;
        PatternFrame frame = found.frame();
        Placing down = Placing.unmended(
                said, PatternFrame.of(frame.meter(), frame.beats(), Hand.allDown(slower.rate())), found.given());
        if (!down.isPossible()) return found;
        if (!found.isPossible()) return down;
        return found.asking(new Question.OfMeaning(
                Statement.of("question.all-down", said.strokes().size(), slower.rate()),
                Optional.empty(),
                found,
                down));
    }
}
