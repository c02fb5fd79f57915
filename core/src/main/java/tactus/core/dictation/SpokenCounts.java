package tactus.core.dictation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import tactus.core.pattern.PatternFrame;
import tactus.core.refusal.NotationException;
import tactus.core.time.Slot;

/** Puts strokes whose counts were said on their slots. */
final class SpokenCounts {

    private final Dictation dictation;
    private final List<Slot> slots;

    SpokenCounts(Dictation dictation, PatternFrame frame) {
        this.dictation = dictation;
        slots = frame.grid().slots();
    }

    /**
     * Returns {@code bounds} with every counted stroke on its slot. A count is looked for behind the one before it, so
     * "and" after an "and" is that of the next number.
     *
     * @throws NotationException if a count does not come in these beats
     */
    Bounds within(Bounds bounds) {
        Bounds fixed = bounds;
        int last = -1;
        for (int stroke = 0; stroke < dictation.strokes().size(); stroke++) {
            SpokenStroke spoken = dictation.strokes().get(stroke);
            if (spoken.count().isEmpty()) continue;
            for (String part : spoken.count().get().split(" ")) last = find(part, last, spoken.index());
            fixed = fixed.on(stroke, last);
        }
        return dictation.counts().isEmpty() ? fixed : alone(fixed);
    }

    /** Counts said on their own: one for each stroke, more with silent ones among them, or fewer that are all struck. */
    private Bounds alone(Bounds bounds) {
        var counted = new ArrayList<Integer>();
        int last = -1;
        for (SpokenCount count : dictation.counts()) {
            last = find(count.said(), last, count.index());
            if (!count.isBracketed()) counted.add(last);
        }
        int strokes = dictation.strokes().size();
        if (counted.size() < strokes) return fewer(bounds, counted);
        Bounds known = bounds;
        if (counted.size() == strokes) {
            for (int stroke = 0; stroke < strokes; stroke++) known = known.on(stroke, counted.get(stroke));
            return known;
        }
        Set<Integer> closed = new HashSet<>();
        slots.forEach(slot -> closed.add(slot.index()));
        counted.forEach(closed::remove);
        return known.startingOn(counted.getFirst()).withClosed(closed);
    }

    /** Numbers alone only count the beats; with syllables among them they say where strokes are. */
    private Bounds fewer(Bounds bounds, List<Integer> counted) {
        if (dictation.counts().stream().allMatch(SpokenCount::isNumber)) return bounds;
        Set<Integer> struck = new TreeSet<>(bounds.struck());
        struck.addAll(counted);
        return bounds.withStruck(struck);
    }

    private int find(String part, int last, int index) {
        for (Slot slot : slots) {
            boolean same = slot.count().spoken().equals(part);
            if (slot.index() > last && same) return slot.index();
        }
        int at = Math.min(index, dictation.text().length());
        throw last < 0
                ? new NotationException("spoken-counts.missing", dictation.text(), at, part)
                : new NotationException(
                        "spoken-counts.not-behind",
                        dictation.text(),
                        at,
                        part,
                        slots.get(last).count());
    }
}
