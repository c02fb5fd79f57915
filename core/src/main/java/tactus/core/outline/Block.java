package tactus.core.outline;

import java.util.List;
import tactus.core.timeline.TimelineBar;

/**
 * Passes of a use that have the same bars and chords.
 *
 * @param bars those of the first of them
 * @param lanes what is played, each for the passes that play it
 * @param second what a second guitar plays, for the passes in which it does
 */
public record Block(List<TimelineBar> bars, List<Lane> lanes, List<Lane> second) {

    public Block {
        bars = List.copyOf(bars);
        lanes = List.copyOf(lanes);
        second = List.copyOf(second);
    }

    /** The passes that it is about, in order. */
    public List<Integer> passes() {
        return lanes.stream().flatMap(lane -> lane.passes().stream()).sorted().toList();
    }

    /** The first pass that plays these bars, from 1. */
    public int pass() {
        return bars.getFirst().pass();
    }
}
