package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.written.harmony.ChordMove;

/** The fingers that move on a chord, one after the other, counted anew from every bar that it lasts. */
final class ChordMoves {

    private record At(Length time, FingerMove move) {}

    private static final ChordMoves NONE = new ChordMoves(List.of());

    private final List<At> all;
    private int next;

    private ChordMoves(List<At> all) {
        this.all = all;
    }

    /** @param from where the chord begins, at or before {@code span} */
    static ChordMoves of(List<ChordMove> moves, BarLines bars, Length from, LaidSpan span) {
        if (moves.isEmpty()) return NONE;
        var all = new ArrayList<At>();
        Length round = from;
        while (round.isLessThan(span.end())) {
            int bar = bars.barAt(round);
            Length next = round.plus(bars.meter(bar).length());
            for (ChordMove each : moves) {
                Length time = round.plus(bars.meter(bar).unitLength().times(each.after()));
                if (time.isLessThan(next) && time.isLessThan(span.end())) all.add(new At(time, each.move()));
            }
            round = next;
        }
        return new ChordMoves(List.copyOf(all));
    }

    /** When the next one moves. */
    Optional<Length> next() {
        return next < all.size() ? Optional.of(all.get(next).time) : Optional.empty();
    }

    /** Those that move before {@code end} and have not yet been asked for. */
    List<FingerMove> before(Length end) {
        var moves = new ArrayList<FingerMove>();
        while (next < all.size() && all.get(next).time.isLessThan(end)) moves.add(all.get(next++).move);
        return moves;
    }

    /** Those that move at {@code time}, and then those of the pattern. */
    List<FingerMove> at(Length time, List<FingerMove> ofPattern) {
        if (next == all.size() || !all.get(next).time.equals(time)) return ofPattern;
        var moves = new ArrayList<FingerMove>();
        while (next < all.size() && all.get(next).time.equals(time)) moves.add(all.get(next++).move);
        moves.addAll(ofPattern);
        return moves;
    }
}
