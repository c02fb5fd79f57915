package tactus.core.counsel.capo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;

/**
 * Which chords a song uses, and how much.
 *
 * @param names the chords that can be read, by the names of their shapes, in the order of their first use; chords that are
 *     never played come last
 * @param shares for each of them the part of the song that it lasts; together 1
 * @param changes how often each pair of them follows on each other, either way
 */
public record ChordUse(List<ChordName> names, List<Double> shares, Map<Pair, Integer> changes) {

    /**
     * Two chords by their places in the list.
     *
     * @param first the smaller one
     */
    public record Pair(int first, int second) {

        static Pair of(int one, int other) {
            return new Pair(Math.min(one, other), Math.max(one, other));
        }
    }

    public ChordUse {
        names = List.copyOf(names);
        shares = List.copyOf(shares);
        changes = Map.copyOf(changes);
    }

    /** The chords of {@code song} as {@code timeline} plays them; if it plays nothing yet, all alike. */
    public static ChordUse of(Song song, Timeline timeline) {
        Map<String, Double> lengths = new LinkedHashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            if (Chord.meaning(span.chord()).isEmpty()) continue;
            lengths.merge(span.chord(), span.end().minus(span.start()).toDouble(), Double::sum);
        }
        boolean plays = !lengths.isEmpty();
        song.chords().stream()
                .filter(chord -> chord.meaning().isPresent())
                .forEach(chord -> lengths.putIfAbsent(chord.name(), plays ? 0.0 : 1.0));
        List<String> written = List.copyOf(lengths.keySet());
        double all = lengths.values().stream().mapToDouble(Double::doubleValue).sum();
        return new ChordUse(
                written.stream().map(Chord::meaning).map(Optional::orElseThrow).toList(),
                lengths.values().stream().map(length -> length / all).toList(),
                changes(timeline, written));
    }

    private static Map<Pair, Integer> changes(Timeline timeline, List<String> written) {
        Map<Pair, Integer> changes = new LinkedHashMap<>();
        var order = new ArrayList<Integer>();
        for (TimelineSpan span : timeline.spans()) {
            int index = written.indexOf(span.chord());
            if (index >= 0) order.add(index);
        }
        for (int i = 1; i < order.size(); i++) {
            if (order.get(i).equals(order.get(i - 1))) continue;
            changes.merge(Pair.of(order.get(i - 1), order.get(i)), 1, Integer::sum);
        }
        return changes;
    }
}
