package tactus.core.laid.timeline;

import java.util.Objects;
import tactus.core.music.time.Count;
import tactus.core.music.time.Length;

/**
 * Where a slot is played in a song; in a pass it is a {@link PassSlot}.
 *
 * @param start where it stands
 * @param length how long it is, shorter where the chord changes within it
 * @param count how it is counted in its bar
 * @param bar the number of its bar, from 1
 * @param span the index of its chord, from 0
 */
public record SlotTime(Length start, Length length, Count count, int bar, int span) {

    public SlotTime {
        Objects.requireNonNull(start);
        Objects.requireNonNull(length);
        Objects.requireNonNull(count);
    }

    /** Where it is over. */
    public Length end() {
        return start.plus(length);
    }
}
