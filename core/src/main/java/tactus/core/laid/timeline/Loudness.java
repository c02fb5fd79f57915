package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Assigned;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Swell;
import tactus.core.written.section.Stretch.Bounds;

/** How loud each place of a pass is. A swell takes the bars that its rule speaks of, or else the whole pass. */
final class Loudness {

    private record Level(Length end, Swell swell, Bounds over) {}

    private final List<Level> levels = new ArrayList<>();
    private int last;

    Loudness(PassFrame frame) {
        PassPlan plan = frame.plan();
        var whole = new Bounds(Length.ZERO, frame.bars().length());
        for (int i = 0; i < plan.pieces().size(); i++) {
            Piece piece = plan.pieces().get(i);
            Assigned assigned = plan.assigned().get(i);
            Bounds over = Optional.of(assigned.swell())
                    .filter(swell -> !swell.isSteady())
                    .flatMap(_ -> assigned.swellPart())
                    .flatMap(part -> PassPlan.bounds(part, frame.numbered()))
                    .orElse(whole);
            levels.add(new Level(piece.end(), assigned.swell(), over));
        }
    }

    /** Where it starts and where it becomes another swell, from the start of the pass. */
    List<Margin.SwellAt> changes() {
        var changes = new ArrayList<Margin.SwellAt>();
        Length start = Length.ZERO;
        for (Level level : levels) {
            boolean other = changes.isEmpty() || !changes.getLast().swell().equals(level.swell);
            if (other) changes.add(new Margin.SwellAt(start, level.swell));
            start = level.end;
        }
        return changes;
    }

    /** The level at {@code at}, as {@link Swell#at} has it. */
    double at(Length at) {
        if (levels.isEmpty()) return Swell.USUAL.at(0);
        if (last > 0 && at.isLessThan(levels.get(last - 1).end())) last = 0;
        while (last + 1 < levels.size() && !at.isLessThan(levels.get(last).end())) last++;
        Level level = levels.get(last);
        if (level.swell.isSteady()) return level.swell.at(0);
        Length length = level.over.to().minus(level.over.from());
        return level.swell.at(at.minus(level.over.from()).dividedBy(length).toDouble());
    }
}
