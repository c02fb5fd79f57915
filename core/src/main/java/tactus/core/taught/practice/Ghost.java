package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Where a stroke of a pattern really fell, over all of a take.
 *
 * @param bar which bar of the pattern, from 0
 * @param count of its slot
 * @param late how much later it came in the mean, in seconds, less than 0 for earlier; 0 where it never came
 * @param spread the standard deviation, in seconds
 * @param played how many times it came
 * @param missed how many times it did not
 */
public record Ghost(int bar, String count, double late, double spread, int played, int missed) {

    public Ghost {
        Objects.requireNonNull(count);
    }

    /**
     * One for each slot of a pattern of {@code bars} bars that went round in {@code take}.
     *
     * @param bars at least 1
     */
    public static List<Ghost> of(Take take, int bars) {
        if (take.strokes().isEmpty()) return List.of();
        int first = take.strokes().getFirst().due().bar();
        Map<Integer, Map<String, List<Take.Played>>> slots = new LinkedHashMap<>();
        for (Take.Played each : take.strokes())
            slots.computeIfAbsent(Math.floorMod(each.due().bar() - first, bars), _ -> new LinkedHashMap<>())
                    .computeIfAbsent(each.due().count(), _ -> new ArrayList<>())
                    .add(each);
        var ghosts = new ArrayList<Ghost>();
        slots.forEach((bar, counts) -> counts.forEach((count, all) -> ghosts.add(of(bar, count, all))));
        return List.copyOf(ghosts);
    }

    private static Ghost of(int bar, String count, List<Take.Played> all) {
        double[] late =
                all.stream().flatMapToDouble(each -> each.late().stream()).toArray();
        double sum = 0;
        for (double each : late) sum += each;
        double mean = late.length == 0 ? 0 : sum / late.length;
        double squares = 0;
        for (double each : late) squares += (each - mean) * (each - mean);
        double spread = late.length == 0 ? 0 : Math.sqrt(squares / late.length);
        return new Ghost(bar, count, mean, spread, late.length, all.size() - late.length);
    }
}
