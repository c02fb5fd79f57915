package tactus.core.timeline;

import java.util.List;
import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Stroke;
import tactus.core.time.Count;
import tactus.core.time.Length;

/**
 * A slot of a pattern as played; misses and rings are there too, so that the hand can be drawn.
 *
 * @param start where it stands
 * @param length how long its slot is, shorter where the chord changes within it
 * @param seconds when it sounds, at the song's tempo and with the pattern's feel
 * @param hand which way the hand crosses here; empty where it does not
 * @param isAgainst whether the stroke goes another way than the hand
 * @param strings what sounds, in the order in which the hand meets it; empty unless it is struck
 * @param slurred what the fretting hand sounds by itself: hammer-ons, pull-offs, slides
 * @param count how the slot is counted in its bar
 * @param loudness how loud the place is: 0 very soft, 3 medium, 5 very strong; see {@link tactus.core.rule.Swell#at}
 * @param bar the number of its bar, from 1
 * @param span the index of its span in the timeline, from 0
 * @param pattern whose stroke it is; empty where an event is played
 * @param slot the index of its slot in the form that is played, from 0
 */
public record TimelineStroke(
        Length start,
        Length length,
        double seconds,
        Stroke stroke,
        Optional<Direction> hand,
        boolean isAgainst,
        List<StruckString> strings,
        List<StruckString> slurred,
        Count count,
        double loudness,
        int bar,
        int span,
        Optional<PatternId> pattern,
        int slot) {

    public Length end() {
        return start.plus(length);
    }
}
