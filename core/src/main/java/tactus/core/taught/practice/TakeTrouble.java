package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import tactus.core.taught.practice.Take.Played;

/**
 * Where a take goes wrong most: a count, or a change.
 *
 * @param kind what is wrong there
 * @param where the count, {@code 2&}, or the chords, {@code C – F}
 * @param milliseconds how late or early, less than 0 for early; 0 where strokes are missed
 * @param times how often
 * @param of how often it comes
 */
public record TakeTrouble(Kind kind, String where, int milliseconds, int times, int of) {

    /** What is wrong. */
    public enum Kind {
        COUNT_EARLY,
        COUNT_LATE,
        COUNT_MISSED,
        CHANGE_LATE,
        CHANGE_MISSED
    }

    /** From here on one hears it; in seconds (common practice: 30 to 50 ms). */
    private static final double HEARD = 0.03;

    /** A change is late from here on, in seconds. */
    private static final double LATE = 0.06;

    private static final int OFTEN = 2;

    public TakeTrouble {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(where);
    }

    private record Found(TakeTrouble trouble, double weight) {}

    static Optional<TakeTrouble> of(Take take) {
        var found = new ArrayList<Found>();
        ToDoubleFunction<Played> away = take.away();
        double mean = take.strokes().stream()
                .filter(each -> each.late().isPresent())
                .mapToDouble(away)
                .average()
                .orElse(0);
        grouped(
                        take,
                        each -> each.due()
                                .before()
                                .map(before -> before + " – " + each.due().chord()))
                .forEach((where, all) -> addChange(where, all, away, mean, found));
        grouped(take, each -> Optional.of(each.due().count()))
                .forEach((where, all) -> addCount(where, all, away, mean, found));
        return found.stream().max(Comparator.comparingDouble(Found::weight)).map(Found::trouble);
    }

    private static Map<String, List<Played>> grouped(Take take, Function<Played, Optional<String>> by) {
        Map<String, List<Played>> groups = new LinkedHashMap<>();
        for (Played each : take.strokes())
            by.apply(each)
                    .ifPresent(key ->
                            groups.computeIfAbsent(key, _ -> new ArrayList<>()).add(each));
        return groups;
    }

    private static void addChange(
            String where, List<Played> all, ToDoubleFunction<Played> away, double mean, List<Found> found) {
        long missed = all.stream().filter(each -> each.late().isEmpty()).count();
        List<Played> late = all.stream()
                .filter(each -> each.late().isPresent() && away.applyAsDouble(each) - mean > LATE)
                .toList();
        if (late.size() >= OFTEN) {
            double by = late.stream().mapToDouble(away).average().orElse(0);
            add(found, Kind.CHANGE_LATE, where, by, late.size(), all.size(), 1.5 * late.size() * by);
        }
        if (missed >= OFTEN) add(found, Kind.CHANGE_MISSED, where, 0, (int) missed, all.size(), 1.5 * missed * 0.1);
    }

    private static void addCount(
            String where, List<Played> all, ToDoubleFunction<Played> away, double mean, List<Found> found) {
        List<Played> played =
                all.stream().filter(each -> each.late().isPresent()).toList();
        int missed = all.size() - played.size();
        if (missed >= OFTEN && 4 * missed >= all.size())
            add(found, Kind.COUNT_MISSED, where, 0, missed, all.size(), missed * 0.1);
        if (played.size() < OFTEN) return;
        double by = played.stream().mapToDouble(away).average().orElse(0);
        if (Math.abs(by) < HEARD || Math.abs(by - mean) < HEARD / 2) return;
        add(
                found,
                by < 0 ? Kind.COUNT_EARLY : Kind.COUNT_LATE,
                where,
                by,
                played.size(),
                all.size(),
                played.size() * Math.abs(by - mean));
    }

    private static void add(List<Found> found, Kind kind, String where, double by, int times, int of, double weight) {
        found.add(new Found(new TakeTrouble(kind, where, (int) Math.round(1000 * by), times, of), weight));
    }
}
