package tactus.core.laid.timeline;

import java.util.Objects;
import tactus.core.music.time.Count;
import tactus.core.music.time.Length;

/**
 * Where a slot is played.
 *
 * @param start where it stands
 * @param length how long it is, shorter where the chord changes within it
 * @param count how it is counted in its bar
 * @param bar its bar: its number in a song, from 1; in a pass its index, from 0
 */
public record SlotTime(Length start, Length length, Count count, int bar) {

    public SlotTime {
        Objects.requireNonNull(start);
        Objects.requireNonNull(length);
        Objects.requireNonNull(count);
    }

    /** Where it is over. */
    public Length end() {
        return start.plus(length);
    }

    SlotTime movedBy(Length by, int bars) {
        return new SlotTime(start.plus(by), length, count, bar + bars);
    }
}
