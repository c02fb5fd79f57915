package tactus.core.outline;

import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import tactus.core.section.SectionId;
import tactus.core.timeline.TimelineBar;

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

    /** Its first bar; a pick-up in front of the song is none. */
    public TimelineBar first() {
        return blocks.getFirst().bars().stream()
                .filter(bar -> bar.number() > 0)
                .findFirst()
                .orElse(blocks.getFirst().bars().getFirst());
    }
}
