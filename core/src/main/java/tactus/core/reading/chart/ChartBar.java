package tactus.core.reading.chart;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A bar of a chord text.
 *
 * @param chords in order, each with its beats; none where nothing is played
 * @param words what is sung over it; empty if nothing
 * @param pickup what is sung in front of it, where a line of words begins in it; absent elsewhere
 */
public record ChartBar(List<Beats> chords, String words, Optional<String> pickup) {

    /**
     * A chord for some felt beats.
     *
     * @param beats at least 1
     */
    public record Beats(String chord, int beats) {
        public Beats {
            Objects.requireNonNull(chord);
        }
    }

    public ChartBar {
        chords = List.copyOf(chords);
        Objects.requireNonNull(words);
        Objects.requireNonNull(pickup);
    }

    /** A bar over which nothing is sung. */
    ChartBar(List<Beats> chords) {
        this(chords, "", Optional.empty());
    }

    ChartBar withWords(String other, Optional<String> inFront) {
        return new ChartBar(chords, other, inFront);
    }

    boolean isPlayedLike(ChartBar other) {
        return chords.equals(other.chords);
    }
}
