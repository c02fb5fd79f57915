package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Tempo;
import tactus.core.music.time.TempoMap;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Stretch.Bounds;

/**
 * The tempo on one pass: how much longer or shorter than at the song's tempo each part of it lasts, its pauses included.
 * A pace that changes does so beat by beat.
 */
final class Pacing {

    /** Lengths in time are rounded to this part of a whole note, a tenth of a millisecond at a usual tempo. */
    private static final int GRAIN = 12_288;

    /**
     * A piece of the pass that goes at a pace of its own.
     *
     * @param before the tempo without what changes it, in beats a minute
     * @param over the place over which a pace that changes does so
     */
    private record Paced(Bounds at, Pace pace, double before, Bounds over) {

        double perMinute(Length position) {
            Length length = over.to().minus(over.from());
            return pace.at(position.minus(over.from()).dividedBy(length).toDouble(), before);
        }
    }

    private final LaidPass pass;
    private final BarLines bars;
    private final double usual;
    private final List<Paced> paced = new ArrayList<>();

    private Pacing(LaidPass pass, double usual) {
        this.pass = pass;
        this.usual = usual;
        bars = pass.bars();
        for (Piece piece : pass.frame().plan().pieces()) find(piece);
    }

    private static boolean isPaced(LaidPass pass) {
        return pass.frame().rules().stream().anyMatch(rule -> rule.play().pace().isPresent());
    }

    /** The pauses of {@code pass} and what goes slower or faster, from its start, in order and none within another. */
    static List<TempoMap.Pause> of(LaidPass pass, Tempo tempo) {
        List<TempoMap.Pause> pauses = Pauses.of(pass.frame().rules(), pass);
        return isPaced(pass) ? new Pacing(pass, tempo.perMinute()).with(pauses) : pauses;
    }

    /** Where the pace becomes another one, from the start of the pass on. */
    static List<Margin.PaceAt> changes(LaidPass pass) {
        var changes = new ArrayList<Margin.PaceAt>();
        changes.add(new Margin.PaceAt(Length.ZERO, Optional.empty()));
        if (!isPaced(pass)) return changes;
        Length end = Length.ZERO;
        for (Paced each : new Pacing(pass, Tempo.SLOWEST).paced) {
            if (end.isLessThan(each.at.from())) changes.add(new Margin.PaceAt(end, Optional.empty()));
            changes.add(new Margin.PaceAt(each.at.from(), Optional.of(each.pace)));
            end = each.at.to();
        }
        if (end.isLessThan(pass.bars().length())) changes.add(new Margin.PaceAt(end, Optional.empty()));
        return changes;
    }

    private void find(Piece piece) {
        List<Rule> saying = PassPlan.holding(pass.frame().rules(), pass.frame().numbered(), piece).stream()
                .filter(rule -> rule.play().pace().isPresent())
                .toList();
        if (saying.isEmpty()) return;
        Rule winner = saying.getFirst();
        double before = saying.stream()
                .map(rule -> rule.play().pace().orElseThrow())
                .filter(pace -> pace.way() == Pace.Way.STEADY)
                .findFirst()
                .map(Pace::perMinute)
                .orElse(usual);
        Bounds over = winner.where()
                .part()
                .flatMap(part -> PassPlan.bounds(part, pass.frame().numbered()))
                .orElse(
                        winner.where().part().isPresent()
                                ? new Bounds(piece.start(), piece.end())
                                : new Bounds(Length.ZERO, bars.length()));
        paced.add(new Paced(
                new Bounds(piece.start(), piece.end()), winner.play().pace().orElseThrow(), before, over));
    }

    private List<TempoMap.Pause> with(List<TempoMap.Pause> pauses) {
        List<Length> edges = List.copyOf(edges(pauses));
        var all = new ArrayList<TempoMap.Pause>();
        for (int i = 0; i + 1 < edges.size(); i++) {
            Length from = edges.get(i);
            Length to = edges.get(i + 1);
            Optional<TempoMap.Pause> held = pauses.stream()
                    .filter(pause -> !from.isLessThan(pause.from()) && from.isLessThan(pause.to()))
                    .findFirst();
            double slower = usual / perMinute(from, to);
            double length = to.minus(from).toDouble();
            double longer = held.map(pause -> pause.extra()
                            .dividedBy(pause.to().minus(pause.from()))
                            .toDouble())
                    .orElse(0.0);
            Length extra = Length.of(Math.round(GRAIN * length * (slower * (1 + longer) - 1)), GRAIN);
            if (!extra.isZero()) all.add(new TempoMap.Pause(from, to, extra, held.isPresent()));
        }
        return all;
    }

    private TreeSet<Length> edges(List<TempoMap.Pause> pauses) {
        var edges = new TreeSet<Length>();
        edges.add(Length.ZERO);
        edges.add(bars.length());
        for (TempoMap.Pause pause : pauses) {
            edges.add(pause.from());
            edges.add(pause.to());
        }
        for (Paced each : paced) {
            edges.add(each.at.from());
            edges.add(each.at.to());
            if (each.pace.way() != Pace.Way.STEADY) addBeats(each.at, edges);
        }
        return edges;
    }

    private void addBeats(Bounds at, TreeSet<Length> edges) {
        long beats = bars.beatsBefore(bars.length()).wholesOf(Length.WHOLE);
        for (long beat = 0; beat < beats; beat++) {
            Length start = bars.afterBeats(Length.ZERO, Length.of(beat));
            if (at.from().isLessThan(start) && start.isLessThan(at.to())) edges.add(start);
        }
    }

    /** The tempo in the middle of a part over which it is taken to be the same. */
    private double perMinute(Length from, Length to) {
        Length middle = from.plus(to).dividedBy(2);
        return paced.stream()
                .filter(each -> !from.isLessThan(each.at.from()) && from.isLessThan(each.at.to()))
                .findFirst()
                .map(each -> each.perMinute(middle))
                .orElse(usual);
    }
}
