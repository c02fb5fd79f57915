package tactus.app.setup.shape;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.shape.Effort;
import tactus.words.Words;

/** The parts of a shape's score in words. */
final class EffortText {

    private EffortText() {}

    /** {@code stretch 67 mm (-2)}: what each part is, how much, and the points of ease that it costs; then how full it sounds. */
    static List<String> of(Effort effort) {
        var said = new ArrayList<String>();
        for (Effort.Part part : effort.parts()) {
            if (part.kind().isOfSound()) continue;
            long points = Math.round(part.cost() * Effort.EASE_STEP);
            said.add(Words.of("effort." + part.kind(), part.amount(), points));
        }
        if (effort.fullness() < 100) said.add(Words.of("effort.fullness", effort.fullness()));
        return said;
    }
}
