package tactus.core.patterns.groove;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;

/** A groove that fits under any song: the common one of its meter, or kick, snare and hat on its felt beats (common practice). */
public final class PlainGroove {

    private PlainGroove() {}

    /** One bar for {@code meter}, a shuffle where pairs are swung. */
    public static Groove of(Meter meter, Feel feel) {
        if (!feel.isStraight() && meter.equals(CommonGroove.SHUFFLE.groove().meter()))
            return CommonGroove.SHUFFLE.groove();
        return Arrays.stream(CommonGroove.values())
                .map(CommonGroove::groove)
                .filter(groove -> groove.meter().equals(meter)
                        && groove.beats() == meter.beats().size())
                .findFirst()
                .orElseGet(() -> made(meter));
    }

    /** Kick on the first beat, snare on every second one, hat on all slots; an odd last beat has the snare as well. */
    private static Groove made(Meter meter) {
        int beats = meter.beats().size();
        Division division = Division.usualIn(meter);
        List<Set<Drum>> hits = new ArrayList<>();
        int beat = -1;
        for (Slot slot : Grid.of(meter, beats, division).slots()) {
            var drums = EnumSet.of(Drum.HAT);
            if (slot.inBeat() == 0) {
                beat++;
                drums.add(beat % 2 == 0 && (beat == 0 || beat < beats - 1) ? Drum.KICK : Drum.SNARE);
            }
            hits.add(drums);
        }
        return new Groove(meter, beats, division, hits);
    }
}
