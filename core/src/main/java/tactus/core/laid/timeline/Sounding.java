package tactus.core.laid.timeline;

import java.util.Collections;
import java.util.List;
import tactus.core.patterns.pattern.FingerMove;

/**
 * What is heard at a slot.
 *
 * @param strings what is struck, in the order in which the hand meets it; empty unless something is
 * @param moves what the fretting hand does there, silently too
 * @param slurred what the fretting hand sounds by itself: hammer-ons, pull-offs, slides
 * @param loudness how loud the place is: 0 very soft, 3 medium, 5 very strong; see {@link tactus.core.written.rule.Swell#at}
 */
public record Sounding(
        List<StruckString> strings, List<FingerMove> moves, List<StruckString> slurred, double loudness) {
    public Sounding {
        strings = Collections.unmodifiableList(strings);
        moves = Collections.unmodifiableList(moves);
        slurred = Collections.unmodifiableList(slurred);
    }
}
