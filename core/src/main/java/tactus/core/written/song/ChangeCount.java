package tactus.core.written.song;

import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.Chord;

/**
 * How many clean changes between two chords the student makes in a minute, to and fro.
 *
 * @param from the name of one chord
 * @param to the name of the other
 * @param perMinute from {@value #FEWEST} to {@value #MOST}
 */
public record ChangeCount(String from, String to, int perMinute) {

    public static final int FEWEST = 1;
    public static final int MOST = 200;

    /** @throws Refusal if the count is outside its range or the chords are the same */
    public ChangeCount {
        from = Chord.checkedName(from);
        to = Chord.checkedName(to);
        if (from.equals(to)) throw new Refusal("change-count.goes-another", from);
        if (perMinute < FEWEST || perMinute > MOST) {
            throw new Refusal("change-count.changes-minute", perMinute);
        }
    }

    /** Whether it counts the change between {@code one} and {@code other}, either way. */
    public boolean isBetween(String one, String other) {
        return from.equals(one) && to.equals(other) || from.equals(other) && to.equals(one);
    }

    /** How long one change takes, in seconds. */
    public double seconds() {
        return 60.0 / perMinute;
    }
}
