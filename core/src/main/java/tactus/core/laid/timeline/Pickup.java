package tactus.core.laid.timeline;

import java.util.List;
import tactus.core.music.time.Meter;

/** The incomplete bar in front of a song. */
final class Pickup {

    private Pickup() {}

    /** A bar of the last {@code beats} felt beats of {@code whole}. */
    static Meter meter(Meter whole, int beats) {
        int inBar = whole.beats().size();
        if (inBar == whole.count()) return new Meter(groups(beats), whole.unit());
        return new Meter(whole.groups().subList(inBar - beats, inBar), whole.unit());
    }

    private static List<Integer> groups(int count) {
        return Meter.of(count, 4).groups();
    }
}
