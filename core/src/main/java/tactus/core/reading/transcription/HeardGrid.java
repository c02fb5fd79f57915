package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.reading.transcription.HeardMusic.Bar;

/**
 * Puts what was played on slots: bar by bar the coarsest division on which all strokes lie within a 64th note; where the second
 * halves of beats come late throughout, they are swung.
 */
final class HeardGrid {

    private static final Length NEAR = Length.of(1, 64);
    private static final int FEWEST_SWUNG = 4;
    /** One that is swung lies this far in its beat, and straight ones less. */
    private static final double SWUNG_FROM = 0.57;

    private static final double SWUNG_TO = 0.72;
    private static final double LIGHT = 0.635;

    private final Feel feel;

    private HeardGrid(Feel feel) {
        this.feel = feel;
    }

    /**
     * Where the strokes of a bar belong.
     *
     * @param at from the start of the bar, one for each stroke
     * @param slot how long a slot is
     */
    record Slots(List<Length> at, Length slot) {

        boolean isDown(int stroke) {
            return at.get(stroke).wholesOf(slot) % 2 == 0;
        }
    }

    static HeardGrid of(List<Bar> bars, List<HeardStroke> strokes) {
        return new HeardGrid(feel(bars, strokes));
    }

    Feel feel() {
        return feel;
    }

    /** What comes a little in front of a bar line belongs to the bar behind it. */
    Length nearBarLine(Length at) {
        return at.plus(NEAR.dividedBy(2));
    }

    private static Feel feel(List<Bar> bars, List<HeardStroke> strokes) {
        var late = new ArrayList<Double>();
        int straight = 0;
        int bar = 0;
        for (HeardStroke stroke : strokes) {
            while (bar + 1 < bars.size()
                    && !stroke.at().isLessThan(bars.get(bar).end())) bar++;
            Meter meter = bars.get(bar).meter();
            if (meter.kind() != Meter.Kind.SIMPLE) continue;
            Length in = stroke.at().minus(bars.get(bar).start()).remainderOver(meter.unitLength());
            double place = in.dividedBy(meter.unitLength()).toDouble();
            if (place >= SWUNG_FROM && place <= SWUNG_TO) late.add(place);
            else if (place > 0.2 && place < SWUNG_FROM || place > SWUNG_TO && place < 0.85) straight++;
        }
        if (late.size() < FEWEST_SWUNG || late.size() < 5 * straight) return Feel.STRAIGHT;
        double mean = late.stream().mapToDouble(each -> each).average().orElseThrow();
        return mean < LIGHT ? Feel.LIGHT_SWING : Feel.TRIPLET_SWING;
    }

    Slots slots(Bar bar, List<HeardStroke> strokes) {
        List<Length> at = strokes.stream()
                .map(stroke -> straight(stroke.at().minus(bar.start()), bar.meter()))
                .toList();
        List<Division> divisions = Division.in(bar.meter());
        for (Division division : divisions) {
            Length slot = division.slotLength(bar.meter());
            if (at.stream().allMatch(each -> away(each, slot).isLessThan(NEAR))) return on(at, slot, bar);
        }
        Division finest = divisions.contains(Division.FOUR) ? Division.FOUR : divisions.getLast();
        return on(at, finest.slotLength(bar.meter()), bar);
    }

    /** Where it would lie if nothing were swung. */
    private Length straight(Length at, Meter meter) {
        if (feel.isStraight() || meter.kind() != Meter.Kind.SIMPLE) return at;
        Length beat = meter.unitLength();
        Length first = beat.times(Length.of(feel.longer(), feel.longer() + feel.shorter()));
        Length in = at.remainderOver(beat);
        Length start = at.minus(in);
        Length half = beat.dividedBy(2);
        if (in.plus(NEAR).isLessThan(first)) return start.plus(in.times(half.dividedBy(first)));
        return start.plus(half).plus(in.minus(first).times(half.dividedBy(beat.minus(first))));
    }

    private static Length away(Length at, Length slot) {
        Length early = at.minus(slot.times(nearest(at, slot)));
        return early.isLessThan(Length.ZERO) ? early.times(-1) : early;
    }

    private static long nearest(Length at, Length slot) {
        return Math.max(0, at.plus(slot.dividedBy(2)).wholesOf(slot));
    }

    private static Slots on(List<Length> at, Length slot, Bar bar) {
        Length last = bar.meter().length().minus(slot);
        return new Slots(
                at.stream()
                        .map(each -> slot.times(nearest(each, slot)).min(last))
                        .toList(),
                slot);
    }
}
