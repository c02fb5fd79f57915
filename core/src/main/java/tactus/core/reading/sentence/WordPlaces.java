package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/** Where the words of a bar stand: on its beats, on half beats or units where they are more, or on halves of those. */
final class WordPlaces {

    /** What stands for a place without a word. */
    static final String NOTHING = ".";

    private WordPlaces() {}

    /** The places of a bar, from its start, on which {@code words} words stand. */
    static List<Length> of(Meter meter, int words, String line) {
        for (List<Length> grid : grids(meter)) if (words <= grid.size()) return grid;
        throw crowded(line, words, grids(meter).getLast().size());
    }

    static NotationException crowded(String line, int words, int room) {
        return new NotationException("words.crowded", line, 0, words, room);
    }

    /** The places that words can stand on, the fewest first. */
    static List<List<Length>> grids(Meter meter) {
        List<Length> beats = new ArrayList<>();
        Length at = Length.ZERO;
        for (Length beat : meter.beats()) {
            beats.add(at);
            at = at.plus(beat);
        }
        boolean simple = meter.kind() == Meter.Kind.SIMPLE;
        int second = simple ? 2 * beats.size() : meter.count();
        return List.of(beats, even(meter.length(), second), even(meter.length(), 2 * second));
    }

    private static List<Length> even(Length length, int parts) {
        return IntStream.range(0, parts)
                .mapToObj(part -> length.times(part).dividedBy(parts))
                .toList();
    }
}
