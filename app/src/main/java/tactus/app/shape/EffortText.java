package tactus.app.shape;

import tactus.core.shape.Effort;
import tactus.words.Words;

/** The parts of a shape's score in words. */
final class EffortText {

    private EffortText() {}

    /** {@code stretch 67 mm (-2)}: what it is, how much, and the points it costs. */
    static String of(Effort.Part part) {
        return Words.of("effort." + part.kind(), part.amount(), Math.round(part.cost() * 1.5));
    }
}
