package tactus.core.patterns.rhythm;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.Pattern;

/**
 * A pattern explained from its cell.
 *
 * @param made what it is made of, and how its strokes are spread where that is worth saying
 * @param cell how many slots its cell has, or the whole pattern where nothing is repeated; 0 where nothing is played
 * @param steps how to practise it, in order
 * @param warning what a drill would teach wrongly, if it would
 */
public record Explanation(List<Statement> made, int cell, List<Statement> steps, Optional<Statement> warning) {

    public Explanation {
        made = List.copyOf(made);
        steps = List.copyOf(steps);
        Objects.requireNonNull(warning);
    }

    /** Explains {@code played} from its first bar line on; a pick-up is only said with it. */
    public static Explanation of(Pattern played) {
        Pattern pattern = played.withFrame(played.frame().withPickup(0));
        if (PatternFacts.struck(pattern).isEmpty()) {
            return new Explanation(List.of(Statement.of("explain.nothing")), 0, List.of(), Optional.empty());
        }
        Optional<Cells> cells = Cells.of(pattern);
        var made = new ArrayList<Statement>();
        made.add(cells.map(found -> made(pattern, found)).orElse(Statement.of("explain.no-cell")));
        spread(pattern).ifPresent(made::add);
        return new Explanation(
                made,
                cells.map(Cells::slots).orElse(pattern.grid().size()),
                steps(played, pattern, cells),
                cells.flatMap(found -> warning(pattern, found)));
    }

    /** Said where the strokes do not simply divide the slots. */
    private static Optional<Statement> spread(Pattern pattern) {
        List<Integer> struck = PatternFacts.struck(pattern);
        int slots = pattern.grid().size();
        boolean divides = slots % struck.size() == 0;
        return struck.size() < 3 || divides || !EvenSpread.isEven(struck, slots)
                ? Optional.empty()
                : Optional.of(Statement.of("explain.spread", Quantity.strokes(struck.size()), slots));
    }

    private static Statement made(Pattern pattern, Cells cells) {
        String signs = signs(pattern, cells);
        Quantity length = beats(pattern, cells.length());
        var times = Quantity.of(Quantity.Unit.TIME, cells.times());
        if (cells.rest().isZero()) return Statement.of("explain.cell", signs, length, times);
        long share = Math.round(cells.share().toDouble() * 100);
        return cells.goesOn()
                ? Statement.of("explain.cut-short", signs, length, times, sum(pattern, cells), share)
                : Statement.of("explain.tail", signs, length, times, share, beats(pattern, cells.rest()));
    }

    /** The beats of each time and of the rest: 1½, 1½ and 1. */
    private static List<Length> sum(Pattern pattern, Cells cells) {
        Length beat = pattern.meter().shortestBeat();
        var parts = new ArrayList<>(
                Collections.nCopies(cells.times(), cells.length().dividedBy(beat)));
        parts.add(cells.rest().dividedBy(beat));
        return parts;
    }

    private static String signs(Pattern pattern, Cells cells) {
        var signs = new StringBuilder();
        pattern.grid()
                .slots()
                .subList(0, cells.slots())
                .forEach(slot -> signs.append(
                        StrokeLine.format(pattern.at(slot), pattern.frame().usualAt(slot))));
        return signs.toString();
    }

    private static Quantity beats(Pattern pattern, Length length) {
        return Quantity.beats(length.dividedBy(pattern.meter().shortestBeat()));
    }

    private static List<Statement> steps(Pattern played, Pattern pattern, Optional<Cells> cells) {
        var steps = new ArrayList<Statement>();
        steps.add(Statement.of("practise.damped"));
        steps.add(Statement.of("practise.say", played));
        cells.filter(found -> found.slots() > 1)
                .ifPresent(found -> steps.add(
                        found.crossesBeats(pattern)
                                ? Statement.of("practise.cell-in-bar")
                                : Statement.of("practise.cell", beats(pattern, found.length()))));
        cells.filter(found -> !found.rest().isZero()).ifPresent(_ -> steps.add(Statement.of("practise.tail")));
        steps.add(Statement.of("practise.one-chord"));
        return steps;
    }

    /** A cell that is no whole number of beats drifts when it is looped alone. */
    private static Optional<Statement> warning(Pattern pattern, Cells cells) {
        if (!cells.crossesBeats(pattern)) return Optional.empty();
        long longer = cells.length().wholesOf(pattern.meter().shortestBeat()) + 1;
        return Optional.of(
                Statement.of("practise.wrong-loop", Quantity.beats(Length.of(longer)), beats(pattern, cells.length())));
    }
}
