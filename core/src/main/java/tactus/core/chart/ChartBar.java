package tactus.core.chart;

import java.util.List;
import java.util.Objects;

/**
 * A bar of a chord text.
 *
 * @param chords in order, each with its beats; none where nothing is played
 * @param words what is sung over it; empty if nothing
 */
public record ChartBar(List<Beats> chords, String words) {

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
    }

    ChartBar withWords(String other) {
        return new ChartBar(chords, other);
    }

    boolean isPlayedLike(ChartBar other) {
        return chords.equals(other.chords);
    }
}
