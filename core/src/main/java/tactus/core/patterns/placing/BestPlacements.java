package tactus.core.patterns.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Slot;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.rhythm.Syncopation;

/**
 * Finds the likeliest placements: strokes on felt beats, little syncopation, and halves that are alike. Only the best ways
 * to reach each slot are kept, so many strokes cost little more than few. The weights are ours (from memory).
 */
final class BestPlacements {

    private static final double OFF_THE_BEAT = 0.6;
    private static final double SYNCOPATED = 1;
    private static final double ON_THE_SNARE = 3;
    private static final double HALVES_ALIKE = 2.5;
    private static final int KEPT = 24;

    private final Ways ways;
    private final List<Slot> grid;
    private final Syncopation syncopation;
    private final int strokes;
    private final Set<Integer> snare = new HashSet<>();

    BestPlacements(HandSlots slots, Given given, Ways ways) {
        this.ways = ways;
        grid = slots.slots();
        syncopation = new Syncopation(slots.frame().meter(), slots.frame().grid());
        strokes = ways.room().strokes();
        grid.stream()
                .filter(slot -> given.groove()
                        .filter(groove -> groove.isHit(Drum.SNARE, slot.at()))
                        .isPresent())
                .forEach(slot -> snare.add(slot.index()));
    }

    /** A way to a slot, linked to the way to the slot of the stroke before. */
    private record Path(int slot, double cost, Path before) {}

    List<Placement> best(int most) {
        List<List<Path>> paths = first();
        for (int stroke = 1; stroke < strokes; stroke++) paths = next(stroke, paths);
        return paths.stream()
                .flatMap(List::stream)
                .filter(path -> ways.room().ends(path.slot))
                .map(this::placement)
                .sorted(Comparator.comparingDouble(Placement::cost))
                .limit(most)
                .toList();
    }

    private List<List<Path>> first() {
        var paths = new ArrayList<List<Path>>();
        for (int slot = 0; slot < grid.size(); slot++) {
            boolean possible = ways.count(0, slot).signum() > 0;
            paths.add(possible ? List.of(new Path(slot, onBeat(slot), null)) : List.of());
        }
        return paths;
    }

    private List<List<Path>> next(int stroke, List<List<Path>> before) {
        var paths = new ArrayList<List<Path>>();
        for (int slot = 0; slot < grid.size(); slot++) {
            var reached = new ArrayList<Path>();
            if (ways.count(stroke, slot).signum() > 0) {
                for (int last = 0; last < slot; last++) {
                    if (!ways.room().follows(stroke - 1, last, slot)) continue;
                    double step = onBeat(slot) + SYNCOPATED * syncopation.between(last, slot);
                    for (Path path : before.get(last)) reached.add(new Path(slot, path.cost + step, path));
                }
            }
            reached.sort(Comparator.comparingDouble(Path::cost));
            paths.add(List.copyOf(reached.subList(0, Math.min(KEPT, reached.size()))));
        }
        return paths;
    }

    private double onBeat(int slot) {
        double drawn = snare.contains(slot) ? ON_THE_SNARE : 0;
        return (grid.get(slot).startsBeat() ? 0 : OFF_THE_BEAT) - drawn;
    }

    private Placement placement(Path last) {
        var slots = new ArrayList<Integer>();
        for (Path path = last; path != null; path = path.before) slots.addFirst(path.slot);
        boolean alike = areHalvesAlike(slots);
        double end = SYNCOPATED * syncopation.between(last.slot, grid.size() + slots.getFirst());
        return new Placement(slots, last.cost + end - (alike ? HALVES_ALIKE : 0), reasons(slots, alike));
    }

    private boolean areHalvesAlike(List<Integer> slots) {
        if (grid.size() % 2 != 0 || slots.size() % 2 != 0) return false;
        int half = grid.size() / 2;
        return slots.stream().allMatch(slot -> slots.contains((slot + half) % grid.size()));
    }

    private List<Statement> reasons(List<Integer> slots, boolean alike) {
        var reasons = new ArrayList<Statement>();
        long onBeats =
                slots.stream().filter(slot -> grid.get(slot).startsBeat()).count();
        reasons.add(Statement.of("placement.on-beats", onBeats, slots.size()));
        if (!snare.isEmpty()) {
            long struck = slots.stream().filter(snare::contains).count();
            reasons.add(Statement.of("placement.snare", struck, snare.size()));
        }
        reasons.add(Statement.of("placement.syncopation", syncopation.of(slots)));
        if (alike) reasons.add(Statement.of("placement.halves-alike"));
        return reasons;
    }
}
