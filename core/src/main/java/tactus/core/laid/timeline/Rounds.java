package tactus.core.laid.timeline;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.stroke.Miss;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Count;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.FingerMove;

/** The rounds of a pattern over the chord that is laid, with the fingers that move on it. */
final class Rounds {

    private final PassStrokes laid;
    private final BarLines bars;
    private final Forms.Moving moving;
    private final boolean isMuted;
    private final LaidSpan span;
    private final Hold hold;
    private final ChordMoves moves;

    /**
     * @param moving the pattern
     * @param chordStart where the chord begins, at or before its piece that is laid
     * @param isMuted whether the hand lies on the strings, whatever the pattern has
     */
    Rounds(PassStrokes laid, Forms.Moving moving, Length chordStart, boolean isMuted) {
        this.laid = laid;
        this.moving = moving;
        this.isMuted = isMuted;
        bars = laid.bars();
        span = laid.span();
        hold = new Hold(span.chord(), laid.strings(), laid.sounds().known(moving, span.chord()));
        moves = ChordMoves.of(laid.strings().moves(span.chord()), bars, chordStart, span);
        hold.change(moves.before(span.start()));
    }

    /**
     * Lays them.
     *
     * @param from where the first one begins, at or before the chord
     */
    void lay(Length from, Fit fit) {
        boolean rings = fit.way() == Fit.Way.RINGS;
        // A round that began on the chord before counts, if it ends on this one.
        Length wholeRounds = rings ? from.plus(fit.round().times(fit.rounds())) : span.end();
        Length round = from;
        while (round.isLessThan(wholeRounds)) {
            layRound(round);
            round = round.plus(moving.length());
        }
        Length struck = wholeRounds.max(span.start());
        layMoves(struck, 0);
        if (struck.isLessThan(span.end())) laid.addRinging(struck);
    }

    private void layRound(Length round) {
        boolean carries = round.isLessThan(span.start());
        int bar = bars.barAt(round.max(Length.ZERO));
        for (int i = 0; i < moving.slots().size(); i++) {
            Length start = round.plus(moving.starts().get(i));
            if (carries && start.isLessThan(span.start())) continue;
            if (!start.isLessThan(span.end())) return;
            while (bar + 1 < bars.bars() && !start.isLessThan(bars.start(bar + 1))) bar++;
            laySlot(i, start, bar);
        }
    }

    private void laySlot(int index, Length start, int bar) {
        Slot slot = moving.slots().get(index);
        Motion written = moving.motions().get(index);
        Motion motion = isMuted ? written.muted() : written;
        if (!isMuted) layMoves(start, index);
        List<FingerMove> fingers = moves.at(start, motion.moves());
        List<StruckString> moved = hold.change(fingers);
        List<StruckString> struck = isMuted
                ? laid.strings()
                        .struck(
                                span.chord(),
                                motion.stroke(),
                                Optional.of(moving.pattern().id()),
                                Map.of())
                : hold.struck(motion.stroke(), moving.pattern().id(), index);
        Count count = laid.sounds().count(slot, moving.pattern().meter(), bar, start.minus(bars.start(bar)));
        add(
                laid.slot(start, slot.length().min(span.end().minus(start)), count, bar),
                motion,
                new Sounding(
                        struck,
                        isMuted ? List.of() : fingers,
                        moved.isEmpty() ? moved : without(moved, struck),
                        laid.sounds().loudness(start)),
                slot.index());
    }

    /** Fingers that move on the chord before {@code end}, where the pattern has no slot. */
    private void layMoves(Length end, int slot) {
        while (moves.next().filter(at -> at.isLessThan(end)).isPresent()) {
            Length at = moves.next().get();
            int bar = bars.barAt(at);
            List<FingerMove> fingers = moves.at(at, List.of());
            List<StruckString> moved = hold.change(fingers);
            Length unit = bars.meter(bar).unitLength();
            Count count = Counting.at(bars.meter(bar), unit.dividedBy(4), at.minus(bars.start(bar)));
            add(
                    laid.slot(at, end.minus(at).min(unit), count, bar),
                    Motion.event(Miss.MISS),
                    new Sounding(List.of(), fingers, moved, laid.sounds().loudness(at)),
                    slot);
        }
    }

    private void add(PassSlot at, Motion motion, Sounding sound, int slot) {
        var from = new PlayedFrom(Optional.of(moving.pattern().id()), slot);
        laid.strokes().add(new LaidStroke(at, motion, sound, from));
    }

    /** A string that is struck at the same time is not slurred. */
    private static List<StruckString> without(List<StruckString> moved, List<StruckString> struck) {
        return moved.stream()
                .filter(slur -> struck.stream().noneMatch(other -> other.string() == slur.string()))
                .toList();
    }
}
