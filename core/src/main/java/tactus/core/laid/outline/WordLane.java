package tactus.core.laid.outline;

import java.util.List;
import tactus.core.laid.timeline.Margin;
import tactus.core.music.time.Length;

/**
 * What is sung over the bars of a block.
 *
 * @param passes the passes that sing it
 * @param words from the start of the pass; those in front of it are below zero
 */
public record WordLane(List<Integer> passes, List<Margin.SungAt> words) {

    public WordLane {
        passes = List.copyOf(passes);
        words = List.copyOf(words);
    }

    /** The words between two places of the pass; the first bars have those in front of them. */
    public List<Margin.SungAt> between(Length from, Length to) {
        return words.stream()
                .filter(word ->
                        word.at().isLessThan(to) && (from.isZero() || !word.at().isLessThan(from)))
                .toList();
    }
}
