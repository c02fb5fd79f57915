package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Situation;
import tactus.core.written.section.Stretch.Bounds;

/** Where on a pass another way is offered beside what is played. */
final class OtherWays {

    private OtherWays() {}

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
