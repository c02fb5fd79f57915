package tactus.core.dictation;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.pattern.PatternFrame;
import tactus.core.time.Slot;

/** Finds the question whose two answers leave the fewest placements, however it is answered. */
final class Questions {

    private static final List<String> ORDINALS =
            List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth");

    private final Dictation dictation;
    private final List<Slot> slots;
    private final Ways ways;

    Questions(Dictation dictation, PatternFrame frame, Ways ways) {
        this.dictation = dictation;
        slots = frame.grid().slots();
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
        List<Integer> possible = IntStream.range(0, slots.size())
                .filter(slot -> ways.count(stroke, slot).signum() > 0)
                .boxed()
                .toList();
        List<Integer> earlier =
                possible.stream().filter(slot -> slot <= lastEarlier).toList();
        List<Integer> later =
                possible.stream().filter(slot -> slot > lastEarlier).toList();
        String text = "is the " + named(stroke) + " on " + name(earlier.getLast())
                + (earlier.size() > 1 ? " or earlier" : "")
                + (earlier.size() + later.size() > 2 ? ", or on " : " or on ")
                + name(later.getFirst()) + (later.size() > 1 ? " or later" : "") + "?";
        return new Question(text, stroke, earlier.getLast());
    }

    /** {@code second up}, {@code third stroke}. */
    private String named(int stroke) {
        String word = dictation.strokes().get(stroke).word();
        int nth = 0;
        for (int i = 0; i <= stroke; i++) if (dictation.strokes().get(i).word().equals(word)) nth++;
        return ordinal(nth) + " " + word;
    }

    static String ordinal(int number) {
        return number <= ORDINALS.size() ? ORDINALS.get(number - 1) : number + "th";
    }

    private String name(int slot) {
        Slot found = slots.get(slot);
        boolean severalBars = slots.getLast().bar() > 0;
        return (severalBars ? "bar " + (found.bar() + 1) + ", " : "") + found.count();
    }
}
