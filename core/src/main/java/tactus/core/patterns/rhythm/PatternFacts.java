package tactus.core.patterns.rhythm;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;

/**
 * What can be counted in one round of a pattern.
 *
 * @param strokes how often strings are struck, pitched or dead
 * @param misses how often the hand crosses the strings without touching them
 * @param against how many strokes go against the hand
 * @param kept how many strokes are kept outside the grid
 * @param syncopation of the strokes as they go round, after Longuet-Higgins and Lee; see {@link Syncopation}
 * @param length how long a round is
 */
public record PatternFacts(int strokes, int misses, int against, int kept, int syncopation, Length length) {

    public PatternFacts {
        Objects.requireNonNull(length);
    }

    /** Counts {@code pattern}. */
    public static PatternFacts of(Pattern pattern) {
        List<Slot> slots = pattern.grid().slots();
        int against = 0;
        int misses = 0;
        for (Slot slot : slots) {
            Stroke stroke = pattern.at(slot);
            if (pattern.isAgainstHand(slot)) against++;
            if (stroke instanceof Miss && pattern.frame().handAt(slot).isPresent()) misses++;
        }
        List<Integer> struck = struck(pattern);
        int syncopation = struck.isEmpty() ? 0 : new Syncopation(pattern.meter(), pattern.grid()).of(struck);
        return new PatternFacts(
                struck.size(), misses, against, pattern.outside().size(), syncopation, pattern.length());
    }

    /** The slots of {@code pattern} where strings are struck. */
    public static List<Integer> struck(Pattern pattern) {
        List<Stroke> played = pattern.played();
        return IntStream.range(0, played.size())
                .filter(slot -> played.get(slot).isStruck())
                .boxed()
                .toList();
    }

    /** How many strokes fall in a bar of {@code pattern}'s meter. */
    public double strokesPerBar(Pattern pattern) {
        return strokes * pattern.meter().length().dividedBy(length).toDouble();
    }

    /** How many strokes fall in a second at {@code tempo}. */
    public double strokesPerSecond(Tempo tempo) {
        return strokes / tempo.seconds(length);
    }
}
