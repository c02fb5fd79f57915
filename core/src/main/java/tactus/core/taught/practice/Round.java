package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.performance.Heard;

/**
 * A round of bars that go round, while somebody plays along: each stroke is judged when it comes, and all of them when it is
 * over. It knows no clock; whoever has one tells it when a stroke came.
 */
public final class Round {

    /** From this score on a round is clean; ours. */
    private static final int CLEAN_SCORE = 90;
    /** So long before a round a stroke belongs to it, in seconds; ours. */
    private static final double EARLY = 0.15;

    /**
     * What is known once a stroke has come.
     *
     * @param take what was played so far
     * @param due everything that is due in the round
     * @param last what the stroke was played for; empty if it belongs to none
     */
    public record Judged(Take take, List<DueStroke> due, Optional<Take.Played> last) {

        public Judged {
            Objects.requireNonNull(take);
            Objects.requireNonNull(last);
            due = List.copyOf(due);
        }
    }

    /**
     * What is known once it is over.
     *
     * @param take empty if nothing was played
     * @param early strokes just before its end that belong to none of its own, as the next round has them
     */
    public record Over(Optional<Take> take, List<Tap> early) {

        public Over {
            Objects.requireNonNull(take);
            early = List.copyOf(early);
        }

        /** Whether it was played well enough to count. */
        public boolean isClean() {
            return take.filter(each -> each.score() >= CLEAN_SCORE).isPresent();
        }
    }

    private final Heard.Bars bars;
    private final double share;
    private final boolean breathes;
    private final double from;
    private final double to;
    private final double next;
    private final LiveTake live;
    private final List<Tap> taps = new ArrayList<>();

    /**
     * @param share of the song's tempo, over 0
     * @param breathes whether a bar is counted before the next round
     */
    public Round(Heard.Bars bars, double share, boolean breathes) {
        this.bars = bars;
        this.share = share;
        this.breathes = breathes;
        var tempo = PlayedTempo.of(bars.timeline(), share);
        int first = bars.range().from();
        int last = bars.range().to();
        from = tempo.played(bars.timeline(), first);
        to = tempo.played(bars.timeline(), last + 1);
        next = to - from + (breathes ? bars.breath() / share : 0);
        live = new LiveTake(DueStroke.of(bars.timeline(), first, last, share));
    }

    /** The same round of bars that have become other, with what was played of it. */
    public Round with(Heard.Bars other) {
        var again = new Round(other, share, breathes);
        taps.forEach(again::tap);
        return again;
    }

    /** What goes round. */
    public Heard.Bars bars() {
        return bars;
    }

    /** At which part of the song's tempo it is played. */
    public double share() {
        return share;
    }

    /** When it begins, in seconds as they are played from the start of bar 1. */
    public double from() {
        return from;
    }

    /** When its bars are over. */
    public double to() {
        return to;
    }

    /** Whether the next one follows without a bar to breathe. */
    public boolean goesStraightOn() {
        return !breathes;
    }

    /** How many seconds after it the next one begins. */
    public double next() {
        return next;
    }

    /** Everything that is due in it. */
    public List<DueStroke> due() {
        return live.due();
    }

    /** Takes a stroke. What is returned is empty for one that seems to be the next round's first. */
    public Optional<Judged> tap(Tap tap) {
        taps.add(tap);
        Optional<Take.Played> last = live.tap(tap);
        if (last.isEmpty() && tap.seconds() > to - EARLY) return Optional.empty();
        return Optional.of(new Judged(live.until(tap.seconds()), due(), last));
    }

    /** Judges all of it. */
    public Over over() {
        List<Double> extra = Take.of(due(), taps).extra();
        List<Tap> early = taps.stream()
                .filter(tap -> tap.seconds() > to - EARLY && extra.contains(tap.seconds()))
                .toList();
        List<Tap> own = taps.stream().filter(tap -> !early.contains(tap)).toList();
        return new Over(
                own.isEmpty() ? Optional.empty() : Optional.of(Take.of(due(), own)),
                early.stream()
                        .map(tap -> new Tap(tap.seconds() - next, tap.way()))
                        .toList());
    }
}
