package tactus.core.laid.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;

/**
 * How long a song and its parts are.
 *
 * @param parts the entries of the running order
 * @param bars all of them, a pick-up not counted
 * @param beats felt beats of all bars, the pick-up included
 * @param seconds at the song's tempo, pauses included
 */
public record Sums(List<Part> parts, int bars, int beats, double seconds) {

    /**
     * One entry of the running order.
     *
     * @param use its index, from 0
     * @param rounds how often the section's pattern goes round in it; empty where none is assigned or the pattern is not
     *     played as a whole
     * @param shape the phrases of one pass
     */
    public record Part(
            int use, int passes, int bars, int beats, Optional<Length> rounds, double seconds, PhraseShape shape) {

        public Part {
            Objects.requireNonNull(rounds);
            Objects.requireNonNull(shape);
        }
    }

    public Sums {
        parts = List.copyOf(parts);
    }

    /** Adds up {@code timeline}, which was laid out from {@code song}. */
    public static Sums of(Song song, Timeline timeline) {
        var passes = new Passes(song);
        var parts = new ArrayList<Part>();
        int from = 0;
        List<TimelineBar> bars = timeline.bars();
        while (from < bars.size()) {
            int to = from;
            while (to < bars.size() && bars.get(to).use() == bars.get(from).use()) to++;
            parts.add(part(song, passes, timeline, bars.subList(from, to)));
            from = to;
        }
        int counted = (int) bars.stream().filter(bar -> bar.number() > 0).count();
        return new Sums(parts, counted, beats(bars), timeline.seconds());
    }

    private static Part part(Song song, Passes passes, Timeline timeline, List<TimelineBar> bars) {
        int use = bars.getFirst().use();
        Section section = passes.section(use, 1);
        Length length = bars.getLast().end().minus(bars.getFirst().start());
        double seconds =
                timeline.seconds(bars.getLast().end()) - bars.getFirst().seconds();
        Optional<Length> rounds = Assignment.of(song, section.id())
                .flatMap(song::pattern)
                .map(Pattern::length)
                .map(length::dividedBy);
        int counted = (int) bars.stream().filter(bar -> bar.number() > 0).count();
        return new Part(
                use,
                passes.count(use),
                counted,
                beats(bars),
                rounds,
                seconds,
                PhraseShape.of(section, Assignment.round(song, section)));
    }

    private static int beats(List<TimelineBar> bars) {
        return bars.stream().mapToInt(bar -> bar.meter().beats().size()).sum();
    }
}
