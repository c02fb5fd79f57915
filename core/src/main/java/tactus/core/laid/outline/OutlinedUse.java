package tactus.core.laid.outline;

import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.written.section.SectionId;

/**
 * An entry of the running order on the page.
 *
 * @param use its index, from 0
 * @param sameAs the first entry that is played just so; empty if none is
 * @param like the first entry of the same section, where this one is another
 * @param other the bars that are played otherwise than in {@code like}, where it is not the same
 */
public record OutlinedUse(
        int use, SectionId section, List<Block> blocks, OptionalInt sameAs, OptionalInt like, List<TimelineBar> other) {

    public OutlinedUse {
        Objects.requireNonNull(section);
        Objects.requireNonNull(sameAs);
        Objects.requireNonNull(like);
        blocks = List.copyOf(blocks);
        other = List.copyOf(other);
    }

    /** Its first bar. */
    public TimelineBar first() {
        return blocks.getFirst().bars().getFirst();
    }

    /** The number of its last bar, all its passes counted. */
    public int lastNumber() {
        int bars = blocks.stream()
                .mapToInt(block -> block.bars().size() * block.passes().size())
                .sum();
        return first().number() + bars - 1;
    }

    /** How often it goes round. */
    public int times() {
        return blocks.stream().mapToInt(block -> block.passes().size()).sum();
    }
}
