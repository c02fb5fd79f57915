package tactus.core.laid.outline;

import java.util.List;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;

/**
 * Passes of a use that have the same bars and chords.
 *
 * @param bars those of the first of them
 * @param lanes what is played, each for the passes that play it
 * @param second what a second guitar plays, for the passes in which it does
 * @param words what is sung, each for the passes that sing it
 */
public record Block(List<TimelineBar> bars, List<Lane> lanes, List<Lane> second, List<WordLane> words) {

    public Block {
        bars = List.copyOf(bars);
        lanes = List.copyOf(lanes);
        second = List.copyOf(second);
        words = List.copyOf(words);
    }

    /** The passes that it is about, in order. */
    public List<Integer> passes() {
        return lanes.stream().flatMap(lane -> lane.passes().stream()).sorted().toList();
    }

    /** The first pass that plays these bars, from 1. */
    public int pass() {
        return bars.getFirst().pass();
    }

    /**
     * Whether it has to be said which passes play or sing something, since not all of them do, or some have one guitar more.
     *
     * @param isSecond whether it is a second guitar's
     */
    public boolean tells(List<Integer> passes, boolean isSecond) {
        int all = passes().size();
        return passes.size() < all || isSecond && all > 1;
    }

    /** The bars that stand at the place of {@code bar} in each of its passes, in order; a pick-up stands once. */
    public List<TimelineBar> alike(Timeline timeline, TimelineBar bar) {
        if (bar.isPickup()) return List.of(bar);
        return passes().stream()
                .flatMap(pass -> timeline.bar(bar.number() + (pass - bar.pass()) * bars.size()).stream()
                        .filter(other -> other.use() == bar.use() && other.pass() == pass)
                        .findFirst()
                        .or(() -> timeline.barsOf(bar.use(), pass).stream()
                                .filter(other -> other.inSection().equals(bar.inSection()))
                                .findFirst())
                        .stream())
                .filter(other -> other.inSection().equals(bar.inSection()))
                .toList();
    }
}
