package tactus.core.patterns.rhythm;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;

/**
 * The smallest cell that a pattern repeats, and what comes after the repeats.
 *
 * @param slots how many slots the cell has
 * @param times how often it comes whole, one after the other, at least twice
 * @param length how long the cell is
 * @param rest how long what comes after the last whole cell is
 * @param goesOn whether the rest is the cell once more, cut short: 3+3+2
 * @param share the part of the time that whole cells fill, over 0 to 1
 */
public record Cells(int slots, int times, Length length, Length rest, boolean goesOn, Length share) {

    public Cells {
        Objects.requireNonNull(length);
        Objects.requireNonNull(rest);
        Objects.requireNonNull(share);
    }

    private static final Length LEAST_SHARE = Length.of(1, 2);

    /** The cell of {@code pattern}; empty if nothing is repeated over at least half of its time. */
    public static Optional<Cells> of(Pattern pattern) {
        List<Slot> slots = pattern.grid().slots();
        boolean even = slots.stream().map(Slot::length).distinct().count() == 1;
        if (!even || pattern.played().stream().noneMatch(Stroke::isStruck)) return Optional.empty();
        Cells best = null;
        for (int period = 1; period <= slots.size() / 2; period++) {
            Optional<Cells> found =
                    at(period, pattern.played(), slots.getFirst().length());
            if (found.isPresent() && (best == null || found.get().isBetterThan(best))) best = found.get();
        }
        return Optional.ofNullable(best);
    }

    /**
     * Whether {@code pattern} is whole when it ends early at {@code end}, from its start: at the end of one of its cells, or
     * where nothing is struck any more.
     */
    public static boolean endsWhole(Pattern pattern, Length end) {
        boolean isOver = pattern.grid().slots().stream()
                .filter(slot -> !slot.at().isLessThan(end))
                .noneMatch(slot -> pattern.at(slot).isStruck());
        return isOver
                || of(pattern)
                        .filter(cells -> end.remainderOver(cells.length).isZero()
                                && !cells.length.times(cells.times).isLessThan(end))
                        .isPresent();
    }

    private static Optional<Cells> at(int period, List<Stroke> strokes, Length slot) {
        int alike = period;
        while (alike < strokes.size() && strokes.get(alike).equals(strokes.get(alike - period))) alike++;
        int times = alike / period;
        Length share = Length.of((long) times * period, strokes.size());
        boolean struck = strokes.subList(0, period).stream().anyMatch(Stroke::isStruck);
        if (times < 2 || !struck || share.isLessThan(LEAST_SHARE)) return Optional.empty();
        int rest = strokes.size() - times * period;
        boolean goesOn = rest > 0 && alike == strokes.size();
        return Optional.of(new Cells(period, times, slot.times(period), slot.times(rest), goesOn, share));
    }

    /** What explains the whole is better than what explains a part, then what explains more, then what is shorter. */
    private boolean isBetterThan(Cells other) {
        boolean whole = goesOn || rest.isZero();
        boolean otherWhole = other.goesOn || other.rest.isZero();
        if (whole != otherWhole) return whole;
        return share.compareTo(other.share) > 0 && !whole;
    }

    /** Whether the cell begins anywhere else than on a felt beat when it comes again. */
    public boolean crossesBeats(Pattern pattern) {
        return pattern.grid().slots().stream()
                .filter(slot -> slot.index() < times * slots && slot.index() % slots == 0)
                .anyMatch(slot -> !slot.startsBeat());
    }
}
