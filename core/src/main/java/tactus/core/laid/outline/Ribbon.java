package tactus.core.laid.outline;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.What;

/**
 * What is played from one place to another without a change.
 *
 * @param from where it begins, from the start of the pass
 * @param to where it ends
 * @param what what the rules say; empty where none does
 * @param pattern the pattern whose strokes are there
 * @param cuts where a round is cut off, from the start of the pass
 */
public record Ribbon(
        Length from, Length to, Optional<What> what, Optional<PatternId> pattern, FormChoice form, List<Length> cuts) {

    public Ribbon {
        Objects.requireNonNull(from);
        Objects.requireNonNull(to);
        Objects.requireNonNull(what);
        Objects.requireNonNull(pattern);
        Objects.requireNonNull(form);
        cuts = List.copyOf(cuts);
    }

    Ribbon begunAt(Length other) {
        return new Ribbon(other, to, what, pattern, form, cuts);
    }

    /** Whether {@code next} is more of the same; what is struck once is struck anew on the next chord. */
    boolean goesOnAs(Ribbon next) {
        boolean isStruckOnce = what.filter(each -> each == What.Event.HELD || each == What.Event.STOP)
                .isPresent();
        return !isStruckOnce
                && what.equals(next.what)
                && pattern.equals(next.pattern)
                && form.equals(next.form)
                && to.equals(next.from);
    }
}
