package tactus.core.laid.timeline;

import tactus.core.music.time.Count;
import tactus.core.music.time.Length;

/**
 * Where a slot is played in a pass.
 *
 * @param start where it stands, counted from the start of the pass
 * @param length how long it is, shorter where the chord changes within it
 * @param count how it is counted in its bar
 * @param bar the index of its bar, from 0
 * @param span the index of its chord among those of the pass, from 0
 */
record PassSlot(Length start, Length length, Count count, int bar, int span) {

    /** Where it is in a song in which the pass begins at {@code pass}. */
    SlotTime in(SongPosition pass) {
        return new SlotTime(pass.at().plus(start), length, count, pass.bar() + bar, pass.span() + span);
    }
}
