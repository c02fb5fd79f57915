package tactus.core.written.section;

import java.util.List;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;

/**
 * Bars and the chords over them.
 *
 * @param bars the meter of each bar, 1 to 10,000 of them
 * @param spans the chords in order, from the first bar on; they may leave bars empty or spill over, which is a snag
 * @param loops bars that are written once and go round
 */
public record Harmony(List<Meter> bars, List<Span> spans, List<Loop> loops) {

    /** @throws Refusal if there are no bars or too many */
    public Harmony {
        bars = List.copyOf(bars);
        spans = List.copyOf(spans);
        loops = List.copyOf(loops);
        if (bars.isEmpty() || bars.size() > Section.MOST_BARS) {
            throw new Refusal("section.bars", bars.size());
        }
    }

    /** Bars that are written out. */
    public Harmony(List<Meter> bars, List<Span> spans) {
        this(bars, spans, List.of());
    }
}
