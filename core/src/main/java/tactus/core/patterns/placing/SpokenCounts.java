package tactus.core.patterns.placing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenCount;
import tactus.core.patterns.dictation.SpokenStroke;

/** Puts strokes whose counts were said on their slots. */
final class SpokenCounts {

    private final Dictation dictation;
    private final List<Slot> slots;

    SpokenCounts(Dictation dictation, HandSlots slots) {
        this.dictation = dictation;
        this.slots = slots.slots();
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
            last = behind(last, spoken.count().get(), spoken.index());
            fixed = fixed.on(stroke, last);
        }
        return accented(dictation.counts().isEmpty() ? fixed : alone(fixed));
    }

    /** What is accented is struck. */
    private Bounds accented(Bounds bounds) {
        if (dictation.accents().isEmpty()) return bounds;
        Set<Integer> struck = new TreeSet<>(bounds.struck());
        for (String accent : dictation.accents()) {
            List<Integer> there = slots.stream()
                    .filter(slot -> isOn(slot, accent))
                    .map(Slot::index)
                    .toList();
            if (there.isEmpty()) throw new NotationException("spoken-counts.missing", dictation.text(), 0, accent);
            // That of every beat is accented where it is struck.
            if (Character.isDigit(accent.charAt(0))) struck.addAll(there);
        }
        return bounds.withStruck(struck);
    }

    private static boolean isOn(Slot slot, String accent) {
        return accent.equals(slot.count().toString())
                || accent.equals(slot.count().syllable());
    }

    /** Whether {@code dictation} says that what falls on {@code slot} is accented. */
    static boolean isAccented(Dictation dictation, Slot slot) {
        return dictation.accents().stream().anyMatch(accent -> isOn(slot, accent));
    }

    /** Counts said on their own: one for each stroke, more with silent ones among them, or fewer that are all struck. */
    private Bounds alone(Bounds bounds) {
        var counted = new ArrayList<Integer>();
        int last = -1;
        for (SpokenCount count : dictation.counts()) {
            last = behind(last, count.said(), count.index());
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

    /** The slot of a count that may have several words: {@code 2 &} can come right behind {@code 2}. */
    private int behind(int last, String said, int index) {
        for (Slot slot : slots) {
            if (slot.index() > last && slot.count().toString().equals(said.replace(" ", ""))) return slot.index();
        }
        int found = last;
        for (String part : said.split(" ")) found = find(part, found, index);
        return found;
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
