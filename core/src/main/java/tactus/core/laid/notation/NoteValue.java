package tactus.core.laid.notation;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.time.Length;

/**
 * A note value that is written with one sign.
 *
 * @param type 1 for a whole note, 2 for a half, 4 for a quarter and so on, to 64
 * @param dots 0 or 1
 * @param isTriplet whether three of them last as long as two
 */
public record NoteValue(int type, int dots, boolean isTriplet) {

    private static final int SHORTEST = 64;

    /** How long it lasts. */
    public Length length() {
        Length plain = Length.of(1, type);
        Length dotted = dots == 0 ? plain : plain.times(3).dividedBy(2);
        return isTriplet ? dotted.times(2).dividedBy(3) : dotted;
    }

    /**
     * The values that together last {@code length}, the longest first; they are tied. What is shorter than a triplet of 64th
     * notes or lies between two values is not written: then the sum is a little less, or nothing.
     */
    public static List<NoteValue> of(Length length) {
        var values = new ArrayList<NoteValue>();
        Length rest = length;
        boolean triplets = rest.times(SHORTEST).isWhole()
                ? false
                : rest.times(SHORTEST * 3L).isWhole();
        while (rest.isPositive()) {
            NoteValue next = longest(rest, triplets);
            if (next == null) break;
            values.add(next);
            rest = rest.minus(next.length());
            triplets = rest.isPositive() && !rest.times(SHORTEST).isWhole();
        }
        return values;
    }

    private static NoteValue longest(Length most, boolean triplet) {
        for (int type = 1; type <= SHORTEST; type *= 2) {
            for (int dots = triplet ? 0 : 1; dots >= 0; dots--) {
                var value = new NoteValue(type, dots, triplet);
                boolean fits = !most.isLessThan(value.length());
                // A triplet is written only where what is left can be written as well.
                if (fits && (!triplet || isWritten(most.minus(value.length())))) return value;
            }
        }
        return null;
    }

    private static boolean isWritten(Length rest) {
        return rest.isZero() || rest.times(SHORTEST * 3L).isWhole();
    }
}
