package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import tactus.core.ground.statement.Statement;
import tactus.core.music.shape.FrettingHand;
import tactus.core.written.song.ChangeCount;

/**
 * Whether a student can play a version of a song, and otherwise what is missing and from which tempo on it fits.
 *
 * @param missing what it asks for beyond what the student has, the most wanting first
 * @param lack how much is missing in all: each demand over what there is, less one, added up; 0 within reach; ours
 * @param slower at which part of the song's tempo it fits, over 0 to 1; empty where no tempo helps
 */
public record WithinReach(Demand demand, List<Statement> missing, double lack, OptionalDouble slower) {

    /**
     * What a student has.
     *
     * @param counted changes as they were last counted
     * @param strokesPerSecond the most that were played cleanly, where that is known
     */
    public record Ability(FrettingHand hand, List<ChangeCount> counted, OptionalDouble strokesPerSecond) {

        public Ability {
            Objects.requireNonNull(hand);
            Objects.requireNonNull(strokesPerSecond);
            counted = List.copyOf(counted);
        }

        private Optional<ChangeCount> count(Demand.Change change) {
            return counted.stream()
                    .filter(each -> each.isBetween(change.from(), change.to()))
                    .findFirst();
        }
    }

    /** So much faster than what was played cleanly is tried without more ado; ours. */
    private static final double STRETCHED = 1.15;

    /** Who makes so many changes a minute makes them in time, however little a pattern leaves (common practice). */
    public static final int FAST_ENOUGH = 60;

    private record Lack(double times, boolean isOfTempo, Statement said) {}

    public WithinReach {
        Objects.requireNonNull(demand);
        Objects.requireNonNull(slower);
        missing = List.copyOf(missing);
    }

    /** Compares what is asked with what {@code ability} has. */
    public static WithinReach of(Demand demand, Ability ability) {
        var lacks = new ArrayList<Lack>();
        int span = ability.hand.span();
        if (demand.stretch() > span)
            lacks.add(new Lack(
                    demand.stretch() / span, false, Statement.of("reach.stretch", Math.round(demand.stretch()), (long)
                            span)));
        for (Demand.Change change : demand.changes()) lack(change, ability).ifPresent(lacks::add);
        ability.strokesPerSecond.ifPresent(played -> {
            double times = demand.strokesPerSecond() / (played * STRETCHED);
            if (times > 1)
                lacks.add(new Lack(
                        times, true, Statement.of("reach.strokes", tenths(demand.strokesPerSecond()), tenths(played))));
        });
        lacks.sort(Comparator.comparingDouble(Lack::times).reversed());
        double lack = lacks.stream().mapToDouble(each -> each.times - 1).sum();
        boolean tempoHelps = lacks.stream().allMatch(Lack::isOfTempo);
        double most = lacks.stream().mapToDouble(Lack::times).max().orElse(1);
        return new WithinReach(
                demand,
                lacks.stream().map(Lack::said).toList(),
                lack,
                tempoHelps ? OptionalDouble.of(1 / most) : OptionalDouble.empty());
    }

    private static Optional<Lack> lack(Demand.Change change, Ability ability) {
        Optional<ChangeCount> count = ability.count(change);
        double has = 60 / count.map(ChangeCount::seconds).orElse(change.seconds());
        double needed = Math.min(FAST_ENOUGH, change.perMinute());
        if (has >= needed) return Optional.empty();
        Statement said = count.isPresent()
                ? Statement.of("reach.change", change.from(), change.to(), Math.round(needed), (long)
                        count.get().perMinute())
                : Statement.of("reach.change-uncounted", change.from(), change.to(), Math.round(needed));
        return Optional.of(new Lack(needed / has, true, said));
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    public boolean isWithin() {
        return missing.isEmpty();
    }

    /** Those within reach first, then the nearest. */
    public static Comparator<WithinReach> nearest() {
        return Comparator.comparingDouble(WithinReach::lack);
    }
}
