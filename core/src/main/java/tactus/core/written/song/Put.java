package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Puts things into lists in which each is known by a key. */
final class Put {

    private Put() {}

    /** {@code list} with {@code thing} in place of the one with its key, or at the end. */
    static <T, K> List<T> into(List<T> list, T thing, Function<T, K> key) {
        var changed = new ArrayList<>(list);
        for (int i = 0; i < changed.size(); i++) {
            if (key.apply(changed.get(i)).equals(key.apply(thing))) {
                changed.set(i, thing);
                return changed;
            }
        }
        changed.add(thing);
        return changed;
    }
}
