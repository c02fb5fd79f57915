package tactus.core.written.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * A value with everything it was before and everything that was undone. Values share their unchanged parts, so keeping
 * whole ones is cheap and exact.
 *
 * @param past oldest first
 * @param present what counts now
 * @param future what was undone, the next to be redone first
 */
public record History<T>(List<T> past, T present, List<T> future) {

    private static final int MOST = 1_000;

    public History {
        past = List.copyOf(past);
        Objects.requireNonNull(present);
        future = List.copyOf(future);
    }

    /** A history that begins with {@code present}. */
    public static <T> History<T> of(T present) {
        return new History<>(List.of(), present, List.of());
    }

    /** Makes {@code next} the present; nothing happens if it is what counts already. The oldest of 1,000 are let go. */
    public History<T> plus(T next) {
        if (next.equals(present)) return this;
        var kept = past.size() < MOST ? past : past.subList(1, MOST);
        return new History<>(append(kept, present), next, List.of());
    }

    /** Makes {@code next} the present without keeping what it replaces, for changes that belong to the last one. */
    public History<T> amended(T next) {
        return new History<>(past, next, List.of());
    }

    /** Whether there is something before the present. */
    public boolean canUndo() {
        return !past.isEmpty();
    }

    /** Whether something was undone that can be brought back. */
    public boolean canRedo() {
        return !future.isEmpty();
    }

    /** Goes one step back; stays where there is none. */
    public History<T> undone() {
        if (!canUndo()) return this;
        return new History<>(past.subList(0, past.size() - 1), past.getLast(), prepend(present, future));
    }

    /** Goes one step forward again; stays where there is none. */
    public History<T> redone() {
        if (!canRedo()) return this;
        return new History<>(append(past, present), future.getFirst(), future.subList(1, future.size()));
    }

    private static <T> List<T> append(List<T> list, T last) {
        var longer = new ArrayList<T>(list);
        longer.add(last);
        return longer;
    }

    private static <T> List<T> prepend(T first, List<T> list) {
        var longer = new ArrayList<T>(list.size() + 1);
        longer.add(first);
        longer.addAll(list);
        return longer;
    }
}
