package tactus.core.laid.timeline;

import java.util.Optional;
import tactus.core.music.time.Length;

/**
 * Where a pass begins in a song.
 *
 * @param at how much of the song lies in front
 * @param bar the number of its first bar, from 1
 * @param span how many chords lie in front
 * @param held by how much pauses have held the song up so far
 * @param before the chord that sounds in front of it
 */
record SongPosition(Length at, int bar, int span, Length held, Optional<Lead> before) {

    /**
     * A chord that is sounding when a pass begins.
     *
     * @param start where that began
     * @param strings what it sounds
     */
    record Lead(String chord, Length start, Strings strings) {}
}
