package tactus.core.written.harmony;

import tactus.core.ground.refusal.Refusal;

/**
 * Bars that were written once and go round: {@code [C | D] x4}. It says how the bars are written; where they no longer go
 * round, they are written out.
 *
 * @param from the first of its bars, from 0
 * @param bars how many are written, from 1
 * @param times how often they go round, from 2
 */
public record Loop(int from, int bars, int times) {

    /** @throws Refusal if a number is outside its range */
    public Loop {
        if (from < 0 || bars < 1 || times < 2) throw new Refusal("harmony.loop", from + 1, bars, times);
    }

    /** The same so many bars later, or earlier if negative; the first bar at the earliest. */
    public Loop movedBy(int by) {
        return new Loop(Math.max(0, from + by), bars, times);
    }
}
