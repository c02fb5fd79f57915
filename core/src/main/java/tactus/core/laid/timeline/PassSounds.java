package tactus.core.laid.timeline;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Count;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;

/** How slots are counted, struck and how loud they are on one pass; what a slot strikes on a chord is worked out once. */
final class PassSounds {

    private final BarLines bars;
    private final Strings strings;
    private final Loudness loudness;

    PassSounds(PassFrame frame, Loudness loudness) {
        bars = frame.bars();
        strings = frame.strings();
        this.loudness = loudness;
    }

    double loudness(Length at) {
        return loudness.at(at);
    }

    /** How the slot is counted in the bar it falls in, which need not be where the pattern was written. */
    Count count(Slot slot, Meter meter, int bar, Length inBar) {
        boolean asWritten = inBar.equals(slot.inBar()) && bars.meter(bar).equals(meter);
        return asWritten ? slot.count() : Counting.at(bars.meter(bar), slot.length(), inBar);
    }

    /** What each slot strikes on a chord, as far as it has been worked out. */
    List<List<StruckString>> known(Forms.Moving moving, String chord) {
        return strings.known(moving.pattern(), chord, moving.slots().size());
    }

    /** What {@code slot} strikes on a chord while the fretting hand keeps to the shape. */
    List<StruckString> struck(Forms.Moving moving, String chord, int slot) {
        List<List<StruckString>> found = known(moving, chord);
        if (found.get(slot) == null) {
            Optional<Pattern> pattern = Optional.of(moving.pattern());
            Motion motion = moving.motions().get(slot);
            found.set(slot, strings.struck(chord, motion.stroke(), pattern.map(Pattern::id), Map.of()));
        }
        return found.get(slot);
    }
}
