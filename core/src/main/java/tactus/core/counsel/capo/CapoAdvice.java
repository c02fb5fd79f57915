package tactus.core.counsel.capo;

import java.util.Optional;
import tactus.core.ground.statement.Statement;

/** Says why a choice is recommended. */
public final class CapoAdvice {

    private CapoAdvice() {}

    /** The best of {@code plan} against what the song has now; empty if there is nothing to compare. */
    public static Optional<Statement> of(CapoPlan plan) {
        if (plan.choices().isEmpty()) return Optional.empty();
        CapoChoice best = plan.choices().getFirst();
        Optional<CapoChoice> now = plan.current();
        if (now.filter(best::equals).isPresent()) {
            return Optional.of(Statement.of("capo.best-as-is", place(best), what(best)));
        }
        return Optional.of(now.map(current -> Statement.of("capo.better", place(best), what(best), what(current)))
                .orElseGet(() -> Statement.of("capo.best", place(best), what(best))));
    }

    /** Capo 3 with shapes in G; no capo, strings one down, with shapes in E. */
    public static Statement place(CapoChoice choice) {
        String code = choice.tunedDown() == 0 ? "capo.at" : "capo.at-tuned-down";
        return Statement.of(code, choice.capo(), choice.shapesKey(), choice.tunedDown());
    }

    private static Statement what(CapoChoice choice) {
        return Statement.of("capo.what", choice.barres(), choice.stretch(), choice.ease());
    }
}
