package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.ShapeChange;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;

/**
 * A change between two chords, either way, as a song has it.
 *
 * @param times how often it comes
 * @param seconds how long one takes: as the student has counted, or estimated from the movement
 * @param isCounted whether the student has counted it
 * @param gap the least time between the last stroke on one chord and the first on the other, in seconds at the song's tempo
 * @param bar the number of the bar in which that is, the one of the new chord
 */
public record ChangeWork(String from, String to, int times, double seconds, boolean isCounted, double gap, int bar) {

    public ChangeWork {
        Objects.requireNonNull(from);
        Objects.requireNonNull(to);
    }

    /** Movement times how often it comes, by which changes are ordered. */
    public double work() {
        return seconds * times;
    }

    /**
     * The fastest tempo at which the change fits: the gap is as many beats long at every tempo.
     *
     * @param tempo the song's, in beats a minute
     */
    public double fitsAt(double tempo) {
        return tempo * gap / seconds;
    }

    private record Pair(String one, String other) {

        static Pair of(String from, String to) {
            return from.compareTo(to) <= 0 ? new Pair(from, to) : new Pair(to, from);
        }
    }

    /** A place where chords change. */
    private record At(String from, String to, double gap, int bar) {}

    /** Every change of {@code song} between two shapes that a hand can hold, the most work first. */
    public static List<ChangeWork> of(Song song, Timeline timeline, Neck neck, FrettingHand hand) {
        Map<Pair, List<At>> places = new LinkedHashMap<>();
        TimelineStroke before = null;
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) continue;
            if (before != null && before.span() != stroke.span()) {
                TimelineSpan last = timeline.spans().get(before.span());
                TimelineSpan next = timeline.spans().get(stroke.span());
                if (!last.chord().equals(next.chord()))
                    places.computeIfAbsent(Pair.of(last.chord(), next.chord()), _ -> new ArrayList<>())
                            .add(new At(last.chord(), next.chord(), stroke.seconds() - before.seconds(), stroke.bar()));
            }
            before = stroke;
        }
        return places.values().stream()
                .flatMap(each -> of(song, each, neck, hand).stream())
                .sorted(Comparator.comparingDouble(ChangeWork::work).reversed())
                .toList();
    }

    private static Optional<ChangeWork> of(Song song, List<At> places, Neck neck, FrettingHand hand) {
        At tightest = places.stream().min(Comparator.comparingDouble(At::gap)).orElseThrow();
        Optional<Grip> from = grip(song, tightest.from, neck, hand);
        Optional<Grip> to = grip(song, tightest.to, neck, hand);
        if (from.isEmpty() || to.isEmpty()) return Optional.empty();
        Optional<ChangeCount> counted = song.changeCount(tightest.from, tightest.to);
        double seconds = counted.map(ChangeCount::seconds)
                .orElseGet(() -> ShapeChange.between(from.get(), to.get(), neck).seconds());
        return Optional.of(new ChangeWork(
                tightest.from, tightest.to, places.size(), seconds, counted.isPresent(), tightest.gap, tightest.bar));
    }

    private static Optional<Grip> grip(Song song, String name, Neck neck, FrettingHand hand) {
        return song.chord(name)
                .filter(chord -> chord.fits(song.facts().tuning()))
                .flatMap(chord -> chord.gripOfAnyHand(neck, hand));
    }
}
