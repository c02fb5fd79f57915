package tactus.core.written.rule;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * A song's rules in the order in which they win: the most specific one first, and of two that are alike the one that was
 * written later.
 */
public final class RuleBook {

    private final List<Rule> rules;

    /** @param written in the order in which they were written; alternatives are left out */
    public RuleBook(List<Rule> written) {
        var sorted = new ArrayList<>(written.reversed());
        sorted.removeIf(Rule::isAlternative);
        sorted.sort(
                Comparator.comparingInt((Rule rule) -> rule.where().weight()).reversed());
        rules = List.copyOf(sorted);
    }

    /** Every rule, the most specific first. */
    public List<Rule> rules() {
        return rules;
    }

    /** The indices of the rules that speak of the pass or a part of it. */
    public BitSet in(Situation situation) {
        var found = new BitSet(rules.size());
        for (int i = 0; i < rules.size(); i++) if (situation.isIn(rules.get(i).where())) found.set(i);
        return found;
    }

    /** The rules with these indices, the most specific first. */
    public List<Rule> at(BitSet indices) {
        return indices.stream().mapToObj(rules::get).toList();
    }

    /**
     * A rule that wins and those that it beats.
     *
     * @param ties those among the beaten that are just as specific and say otherwise
     */
    public record Verdict(Rule winner, List<Rule> beaten, List<Rule> ties) {

        public Verdict {
            Objects.requireNonNull(beaten);
            Objects.requireNonNull(ties);
            Objects.requireNonNull(winner);
        }
    }

    /**
     * Which of {@code candidates}, the most specific first, decides about one of the things a rule can say.
     *
     * @param says what a rule says about it
     */
    public static <T> Optional<Verdict> decide(List<Rule> candidates, Function<Play, Optional<T>> says) {
        List<Rule> saying = candidates.stream()
                .filter(rule -> says.apply(rule.play()).isPresent())
                .toList();
        if (saying.isEmpty()) return Optional.empty();
        Rule winner = saying.getFirst();
        List<Rule> beaten = saying.subList(1, saying.size());
        List<Rule> ties = IntStream.range(0, beaten.size())
                .mapToObj(beaten::get)
                .filter(rule -> rule.where().weight() == winner.where().weight())
                .filter(rule -> !says.apply(rule.play()).equals(says.apply(winner.play())))
                .toList();
        return Optional.of(new Verdict(winner, beaten, ties));
    }
}
