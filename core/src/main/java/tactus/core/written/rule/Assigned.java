package tactus.core.written.rule;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import tactus.core.patterns.pattern.PatternId;

/**
 * What the rules come to at one place.
 *
 * @param what what is played; empty if no rule says
 * @param pattern the pattern that is played, or would be if nothing else were
 * @param fit the fit that a rule asks for
 * @param swell how loud, and the rule it is from
 * @param rule the rule that decides what is played
 */
public record Assigned(
        Optional<What> what,
        Optional<PatternId> pattern,
        FormChoice form,
        Optional<FitChoice> fit,
        Swell swell,
        Optional<Part> swellPart,
        Optional<Rule> rule) {

    public Assigned {
        Objects.requireNonNull(fit);
        Objects.requireNonNull(form);
        Objects.requireNonNull(pattern);
        Objects.requireNonNull(rule);
        Objects.requireNonNull(swell);
        Objects.requireNonNull(swellPart);
        Objects.requireNonNull(what);
    }

    /**
     * Asks {@code rules}, the most specific first, which all hold at the place. A form that a rule names together with a
     * pattern belongs to that pattern only; a form that stands alone belongs to whatever is played.
     */
    static Assigned by(List<Rule> rules) {
        Optional<Rule> winner = first(rules, rule -> rule.play().what().isPresent());
        Optional<Rule> pattern = first(rules, rule -> rule.pattern().isPresent());
        Optional<FormChoice> form = first(
                        rules,
                        rule -> rule.play().form().isPresent()
                                && (rule.play().what().isEmpty() || rule.equals(pattern.orElse(null))))
                .flatMap(rule -> rule.play().form());
        Optional<Rule> swell = first(rules, rule -> rule.play().dynamics().isPresent());
        return new Assigned(
                winner.flatMap(rule -> rule.play().what()),
                pattern.flatMap(Rule::pattern),
                form.orElse(FormChoice.FULL),
                first(rules, rule -> rule.play().fit().isPresent())
                        .flatMap(rule -> rule.play().fit()),
                swell.flatMap(rule -> rule.play().dynamics()).orElse(Swell.USUAL),
                swell.flatMap(rule -> rule.where().part()),
                winner);
    }

    private static Optional<Rule> first(List<Rule> rules, Predicate<Rule> test) {
        for (Rule rule : rules) if (test.test(rule)) return Optional.of(rule);
        return Optional.empty();
    }
}
