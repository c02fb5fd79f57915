package tactus.core.patterns.placing;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Dictation;

/** Finds the question whose two answers leave the fewest placements, however it is answered. */
final class Questions {

    private final Dictation dictation;
    private final List<Slot> slots;
    private final Ways ways;

    Questions(Dictation dictation, List<Slot> slots, Ways ways) {
        this.dictation = dictation;
        this.slots = slots;
        this.ways = ways;
    }

    /** The question; empty if there is nothing to ask. */
    Optional<Question> best() {
        BigInteger all = ways.count();
        if (all.compareTo(BigInteger.ONE) <= 0) return Optional.empty();
        BigInteger least = null;
        int[] found = null;
        for (int stroke = 0; stroke < dictation.strokes().size(); stroke++) {
            BigInteger earlier = BigInteger.ZERO;
            for (int slot = 0; slot < slots.size() - 1; slot++) {
                earlier = earlier.add(ways.count(stroke, slot));
                BigInteger larger = earlier.max(all.subtract(earlier));
                if (larger.compareTo(all) < 0 && (least == null || larger.compareTo(least) < 0)) {
                    least = larger;
                    found = new int[] {stroke, slot};
                }
            }
        }
        return Optional.ofNullable(found).map(place -> question(place[0], place[1]));
    }

    private Question question(int stroke, int lastEarlier) {
        List<Slot> possible = slots.stream()
                .filter(slot -> ways.count(stroke, slot.index()).signum() > 0)
                .toList();
        return new Question.OfPlace(
                stroke,
                dictation.strokes().get(stroke),
                nth(stroke),
                possible.stream().filter(slot -> slot.index() <= lastEarlier).toList(),
                possible.stream().filter(slot -> slot.index() > lastEarlier).toList(),
                slots.getLast().bar() + 1);
    }

    /** Which of the strokes that are said alike it is: the second up, the third stroke. */
    private int nth(int stroke) {
        List<Dictation.Said> said = dictation.said();
        return (int) said.subList(0, stroke + 1).stream()
                .filter(said.get(stroke)::equals)
                .count();
    }
}
