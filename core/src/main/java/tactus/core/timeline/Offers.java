package tactus.core.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.rule.Part;
import tactus.core.rule.PassPlan;
import tactus.core.rule.Piece;
import tactus.core.rule.Rule;
import tactus.core.rule.Situation;
import tactus.core.section.Stretch.Bounds;
import tactus.core.time.Length;

/** Where on a pass another way is offered beside what is played. */
final class Offers {

    private Offers() {}

    /** The places of those of {@code alternatives} that speak of the pass, from its start. */
    static List<Margin.OfferAt> in(List<Rule> alternatives, Situation situation, LaidPass pass) {
        var offers = new ArrayList<Margin.OfferAt>();
        for (Rule rule : alternatives) {
            if (!situation.isIn(rule.where())) continue;
            starts(rule, pass).forEach(at -> offers.add(new Margin.OfferAt(at, rule)));
        }
        return offers;
    }

    private static List<Length> starts(Rule rule, LaidPass pass) {
        Optional<Part> part = rule.where().part();
        if (part.isEmpty()) return List.of(Length.ZERO);
        Optional<Bounds> bounds = PassPlan.bounds(part.get(), pass.frame().numbered());
        if (bounds.isPresent()) return List.of(bounds.get().from());
        var starts = new ArrayList<Length>();
        boolean before = false;
        for (Piece piece : pass.frame().plan().pieces()) {
            boolean here = !PassPlan.holding(List.of(rule), pass.frame().numbered(), piece)
                    .isEmpty();
            if (here && !before) starts.add(piece.start());
            before = here;
        }
        return starts;
    }
}
