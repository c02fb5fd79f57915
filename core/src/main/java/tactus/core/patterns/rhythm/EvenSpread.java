package tactus.core.patterns.rhythm;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Strokes that lie as evenly over the slots as they can: three over eight are 3+3+2 (Toussaint, "The Euclidean algorithm
 * generates traditional musical rhythms", 2005). Which of its rotations a rhythm is makes no difference.
 */
public final class EvenSpread {

    private EvenSpread() {}

    /**
     * The distances from stroke to stroke of {@code strokes} spread over {@code slots}, in one of their rotations.
     *
     * @throws IllegalArgumentException if there are no strokes, or more than slots
     */
    public static List<Integer> gaps(int strokes, int slots) {
        if (strokes < 1 || strokes > slots) {
            throw new IllegalArgumentException(
                    "1 to " + slots + " strokes are spread over " + slots + " slots, not " + strokes);
        }
        var gaps = new ArrayList<Integer>();
        for (int stroke = 0; stroke < strokes; stroke++) {
            gaps.add(place(stroke + 1, strokes, slots) - place(stroke, strokes, slots));
        }
        return gaps;
    }

    /** Where a stroke falls when the slots are shared out evenly and rounded up. */
    private static int place(int stroke, int strokes, int slots) {
        return (stroke * slots + strokes - 1) / strokes;
    }

    /** Whether strokes at {@code struck}, in order, that go round over {@code slots} are as even as they can be. */
    public static boolean isEven(List<Integer> struck, int slots) {
        if (struck.isEmpty()) return false;
        var gaps = gaps(struck, slots);
        var even = gaps(struck.size(), slots);
        for (int turn = 0; turn < gaps.size(); turn++) {
            if (gaps.equals(even)) return true;
            Collections.rotate(gaps, 1);
        }
        return false;
    }

    private static List<Integer> gaps(List<Integer> struck, int slots) {
        var gaps = new ArrayList<Integer>();
        for (int i = 0; i < struck.size(); i++) {
            int next = i + 1 < struck.size() ? struck.get(i + 1) : struck.getFirst() + slots;
            gaps.add(next - struck.get(i));
        }
        return gaps;
    }
}
