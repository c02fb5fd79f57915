package tactus.core.laid.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import tactus.core.music.time.Length;

/** Things in the order of time, so that those between two places are found quickly. */
final class InTime<T> {

    private final List<T> all;
    private final Function<T, Length> at;

    /** @param at where each lies */
    InTime(List<T> all, Function<T, Length> at) {
        var sorted = new ArrayList<>(all);
        sorted.sort(Comparator.comparing(at));
        this.all = sorted;
        this.at = at;
    }

    /** Those from {@code start} on and before {@code end}. */
    List<T> within(Length start, Length end) {
        return all.subList(first(start), first(end));
    }

    private int first(Length place) {
        int low = 0;
        int high = all.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (at.apply(all.get(middle)).isLessThan(place)) low = middle + 1;
            else high = middle;
        }
        return low;
    }
}
