package tactus.core.music.chord;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** For every set of semitones above a root, the qualities it may be called. */
final class NamingTable {

    /**
     * A way to call a set of semitones.
     *
     * @param missing notes of the quality that are not there
     * @param cost how far the quality is from being the plain name; 0 for a whole major triad
     */
    record Variant(Quality quality, Set<Degree> missing, double cost) {

        boolean isWhole() {
            return missing.isEmpty();
        }

        boolean isRootless() {
            return missing.contains(Degree.ROOT);
        }
    }

    // The costs keep the order that teachers keep: whole names first, then those without their fifth, then the rest.
    private static final double NO_FIFTH = 1.9;
    private static final double NO_NINTH = 0.8;
    private static final double TOLERATED = 0.2;
    private static final double NO_ROOT = 7;

    private static final List<List<Variant>> TABLE = build();

    private NamingTable() {}

    private static List<List<Variant>> build() {
        List<List<Variant>> table = IntStream.range(0, 4096)
                .<List<Variant>>mapToObj(_ -> new ArrayList<>())
                .toList();
        for (Vocabulary.Entry entry : Vocabulary.entries()) {
            for (Set<Degree> missing : omissions(entry.quality())) {
                add(table, entry, missing, Set.of());
                if (!entry.quality().tolerated().isEmpty()) {
                    add(table, entry, missing, entry.quality().tolerated());
                }
            }
        }
        return table;
    }

    private static void add(List<List<Variant>> table, Vocabulary.Entry entry, Set<Degree> missing, Set<Degree> extra) {
        var there = EnumSet.copyOf(entry.quality().degrees());
        there.removeAll(missing);
        there.addAll(extra);
        double cost = entry.rarity() + (extra.isEmpty() ? 0 : TOLERATED);
        for (Degree degree : missing) {
            cost += switch (degree) {
                case ROOT -> NO_ROOT;
                case NINE -> NO_NINTH;
                default -> NO_FIFTH;
            };
        }
        table.get(Quality.mask(there)).add(new Variant(entry.quality(), missing, cost));
    }

    /** Every set of notes that may be missing: what is dispensable, and the root where enough is left to know it. */
    private static List<Set<Degree>> omissions(Quality quality) {
        List<Set<Degree>> sets = new ArrayList<>(List.of(EnumSet.noneOf(Degree.class)));
        for (Degree degree : quality.dispensable()) sets.addAll(withEach(sets, degree));
        boolean known = quality.degrees().stream().anyMatch(Degree::isThird)
                && quality.degrees().stream().anyMatch(Degree::isSeventh);
        if (known) sets.addAll(withEach(sets, Degree.ROOT));
        return sets;
    }

    private static List<Set<Degree>> withEach(List<Set<Degree>> sets, Degree degree) {
        return sets.stream()
                .<Set<Degree>>map(set -> {
                    var more = EnumSet.copyOf(set);
                    more.add(degree);
                    return more;
                })
                .toList();
    }

    /** @param mask bit n set for a note n semitones above the root */
    static List<Variant> of(int mask) {
        return TABLE.get(mask);
    }
}
