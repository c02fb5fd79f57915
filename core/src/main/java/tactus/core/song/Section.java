package tactus.core.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.time.BarLines;
import tactus.core.time.Meter;

/**
 * A part of a song: bars, the chords over them, and what is played.
 *
 * @param name what a person reads, 1 to 60 characters
 * @param bars the meter of each bar, 1 to 10,000 of them
 * @param spans the chords in order, from the first bar on; they may leave bars empty or spill over, which is a snag
 * @param passes how often the section goes round each time it is used, 1 to 99
 * @param pattern what is played; nothing if empty
 * @param lastPassPattern what is played instead on the last of several passes
 */
public record Section(
        SectionId id,
        String name,
        List<Meter> bars,
        List<Span> spans,
        int passes,
        Optional<PatternId> pattern,
        Optional<PatternId> lastPassPattern) {

    public static final int MOST_BARS = 10_000;
    public static final int MOST_PASSES = 99;

    /** @throws IllegalArgumentException if the name, the bars or the passes are outside their range */
    public Section {
        Objects.requireNonNull(id);
        Objects.requireNonNull(pattern);
        Objects.requireNonNull(lastPassPattern);
        name = name.strip();
        bars = List.copyOf(bars);
        spans = List.copyOf(spans);
        if (name.isEmpty() || name.length() > 60) {
            throw new IllegalArgumentException("a section's name has 1 to 60 characters, this one " + name.length());
        }
        if (bars.isEmpty() || bars.size() > MOST_BARS) {
            throw new IllegalArgumentException("a section has 1 to 10,000 bars, not " + bars.size());
        }
        if (passes < 1 || passes > MOST_PASSES) {
            throw new IllegalArgumentException("a section goes round 1 to 99 times, not " + passes);
        }
    }

    public BarLines barLines() {
        return new BarLines(bars);
    }

    /** What is played on {@code pass}, from 1. */
    public Optional<PatternId> patternOn(int pass) {
        return pass == passes && passes > 1 ? lastPassPattern.or(() -> pattern) : pattern;
    }

    public Section withName(String other) {
        return new Section(id, other, bars, spans, passes, pattern, lastPassPattern);
    }

    public Section withBars(List<Meter> others) {
        return new Section(id, name, others, spans, passes, pattern, lastPassPattern);
    }

    public Section withSpans(List<Span> others) {
        return new Section(id, name, bars, others, passes, pattern, lastPassPattern);
    }

    /** Puts {@code span} at {@code index} in place of the one that is there. */
    public Section withSpan(int index, Span span) {
        var others = new ArrayList<>(spans);
        others.set(index, span);
        return withSpans(others);
    }

    public Section withPasses(int other) {
        return new Section(id, name, bars, spans, other, pattern, lastPassPattern);
    }

    public Section withPattern(Optional<PatternId> other) {
        return new Section(id, name, bars, spans, passes, other, lastPassPattern);
    }

    public Section withLastPassPattern(Optional<PatternId> other) {
        return new Section(id, name, bars, spans, passes, pattern, other);
    }

    /** Returns the same section under another id and name. */
    public Section copiedAs(SectionId otherId, String otherName) {
        return new Section(otherId, otherName, bars, spans, passes, pattern, lastPassPattern);
    }

    /** Answers whether {@code wanted} is assigned here. */
    public boolean uses(PatternId wanted) {
        return pattern.filter(wanted::equals).isPresent()
                || lastPassPattern.filter(wanted::equals).isPresent();
    }

    /** Returns the section without any assignment of {@code unwanted}. */
    public Section withoutPattern(PatternId unwanted) {
        return withPattern(pattern.filter(id -> !id.equals(unwanted)))
                .withLastPassPattern(lastPassPattern.filter(id -> !id.equals(unwanted)));
    }
}
