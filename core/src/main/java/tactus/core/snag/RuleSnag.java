package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.rule.Rule;
import tactus.core.section.SectionId;

/** A snag of the rules. */
public sealed interface RuleSnag extends Snag {

    /**
     * No rule says what is played on some chords.
     *
     * @param place the first of them
     * @param chord its name
     * @param count how many there are in the song
     */
    record NothingSaid(SectionId section, SnagPlace.InUse place, String chord, long count, Optional<Fix> fix)
            implements RuleSnag {

        public NothingSaid {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(fix);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.BAR_WITHOUT_PATTERN;
        }

        @Override
        public List<Object> about() {
            return List.of(section);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("chords", count);
        }
    }

    /**
     * Two rules speak of the same place.
     *
     * @param index that of the later one, which holds
     */
    record Contradiction(int index, Rule winner, Rule beaten) implements RuleSnag {

        public Contradiction {
            Objects.requireNonNull(beaten);
            Objects.requireNonNull(winner);
        }

        @Override
        public Kind kind() {
            return Kind.RULES_CONTRADICT;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InRules(index);
        }

        @Override
        public List<Object> about() {
            return List.of(RuleCode.of(winner.where()), RuleCode.of(winner.play()), RuleCode.of(beaten.play()));
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new RuleFix.DeleteRule(beaten, true));
        }
    }

    /** A rule speaks of a place that is not in the song. */
    record NeverHolds(int index, Rule rule) implements RuleSnag {

        public NeverHolds {
            Objects.requireNonNull(rule);
        }

        @Override
        public Kind kind() {
            return Kind.RULE_NEVER_HOLDS;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InRules(index);
        }

        @Override
        public List<Object> about() {
            return List.of(RuleCode.of(rule.where()), RuleCode.of(rule.play()));
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new RuleFix.DeleteRule(rule, false));
        }
    }
}
