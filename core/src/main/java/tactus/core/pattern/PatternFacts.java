package tactus.core.pattern;

import tactus.core.stroke.Miss;
import tactus.core.time.Length;
import tactus.core.time.Slot;
import tactus.core.time.Tempo;

/**
 * What can be counted in one round of a pattern.
 *
 * @param strokes how often strings are struck, pitched or dead
 * @param misses how often the hand crosses the strings without touching them
 * @param against how many strokes go against the hand
 * @param kept how many strokes are kept outside the grid
 * @param length how long a round is
 */
public record PatternFacts(int strokes, int misses, int against, int kept, Length length) {

    public static PatternFacts of(Pattern pattern) {
        int strokes = 0;
        int misses = 0;
        int against = 0;
        for (Slot slot : pattern.grid().slots()) {
            if (pattern.at(slot).isStruck()) strokes++;
            if (pattern.isAgainstHand(slot)) against++;
            boolean crosses = pattern.frame().handAt(slot).isPresent();
            if (crosses && pattern.at(slot) instanceof Miss) misses++;
        }
        return new PatternFacts(strokes, misses, against, pattern.outside().size(), pattern.length());
    }

    /** How many strokes fall in a second at {@code tempo}. */
    public double strokesPerSecond(Tempo tempo) {
        return strokes / tempo.seconds(length);
    }
}
