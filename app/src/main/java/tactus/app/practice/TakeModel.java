package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.performance.ClickTrack;
import tactus.core.practice.DueStroke;
import tactus.core.practice.LiveTake;
import tactus.core.practice.Take;
import tactus.core.practice.Tap;
import tactus.core.stroke.Direction;
import tactus.core.timeline.BarRange;
import tactus.core.timeline.TimelineBar;

/** What is played along with the bars that go round: each stroke when it comes, and every round as a whole. */
final class TakeModel {

    /** From this score on a round is clean; ours. */
    static final int CLEAN_SCORE = 90;
    /** So long before a round a stroke belongs to it, in seconds; ours. */
    private static final double EARLY = 0.15;
    /** Back by so much, in seconds at the song's tempo, is the next round. */
    private static final double BACK = 0.25;

    /**
     * The round that is played now.
     *
     * @param take what was played of it so far
     * @param due everything that is due in it
     * @param last what the last stroke was played for; empty if it belongs to none
     */
    record Now(Take take, List<DueStroke> due, Optional<Take.Played> last) {}

    private final Work work;
    private final PlayerModel player;
    private final StandInModel standIn;
    private final ReadOnlyObjectWrapper<Optional<Take>> take =
            new ReadOnlyObjectWrapper<>(this, "take", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Now>> now = new ReadOnlyObjectWrapper<>(this, "now", Optional.empty());
    private final ReadOnlyIntegerWrapper clean = new ReadOnlyIntegerWrapper(this, "clean");
    private final ReadOnlyBooleanWrapper isEarly = new ReadOnlyBooleanWrapper(this, "early");
    private final List<Tap> taps = new ArrayList<>();
    private BiConsumer<BarRange, Take> whole = (_, _) -> {};
    private Optional<BarRange> bars = Optional.empty();
    private Optional<LiveTake> live = Optional.empty();
    private double liveSpeed;
    private int wholeRounds;
    private double playedSpeed = 1;
    private double last = Double.NEGATIVE_INFINITY;
    private Runnable around = () -> {};

    TakeModel(Work work, PlayerModel player, StandInModel standIn) {
        this.work = work;
        this.player = player;
        this.standIn = standIn;
        standIn.onKey(tap -> take(tap.way(), tap.seconds()));
    }

    /** {@code kept} is told of every whole round that a student played. */
    void onWhole(BiConsumer<BarRange, Take> kept) {
        whole = kept;
    }

    /** {@code next} is done whenever another round begins. */
    void onAround(Runnable next) {
        around = next;
    }

    /** The last round that was played along. */
    ReadOnlyObjectProperty<Optional<Take>> takeProperty() {
        return take.getReadOnlyProperty();
    }

    /** The round that is played now, from its first stroke on. */
    ReadOnlyObjectProperty<Optional<Now>> nowProperty() {
        return now.getReadOnlyProperty();
    }

    /** The round that is played now as far as it is, otherwise the last one. */
    Optional<Take> shown() {
        return now.get().map(Now::take).or(take::get);
    }

    /** At which part of the song's tempo {@link #shown} was played. */
    double shownSpeed() {
        return now.get().isPresent() ? liveSpeed : playedSpeed;
    }

    /** How many clean rounds there were in a row. */
    ReadOnlyIntegerProperty cleanProperty() {
        return clean.getReadOnlyProperty();
    }

    /** Whether a stroke came while nothing is played that it could belong to. */
    ReadOnlyBooleanProperty earlyProperty() {
        return isEarly.getReadOnlyProperty();
    }

    boolean isRunning() {
        return bars.isPresent();
    }

    /** Listens to what is played along with {@code range}, which goes round from now on. */
    void begin(BarRange range) {
        isEarly.set(false);
        last = Double.NEGATIVE_INFINITY;
        bars = Optional.of(range);
        wholeRounds = 0;
        anew();
    }

    /** What was played of this round is let go. */
    void anew() {
        drop();
        standIn.rest();
    }

    /** Forgets what was played. */
    void forget() {
        anew();
        take.set(Optional.empty());
        clean.set(0);
    }

    /** Takes a stroke that was so many seconds ago. */
    void tap(Optional<Direction> way, double ago) {
        isEarly.set(bars.isEmpty());
        if (bars.isEmpty()) return;
        player.secondsNow().ifPresent(seconds -> take(way, (seconds - start()) / speed() - ago));
    }

    private void take(Optional<Direction> way, double seconds) {
        // At another tempo everything before lies elsewhere.
        if (live.isPresent() && liveSpeed != speed()) drop();
        var tap = new Tap(seconds, way);
        taps.add(tap);
        LiveTake judging = live();
        Optional<Take.Played> what = judging.tap(tap);
        // A stroke just before the end is the next round's first.
        if (what.isEmpty() && seconds > seconds(bars.orElseThrow().to() + 1) - EARLY) return;
        now.set(Optional.of(new Now(judging.until(seconds), judging.due(), what)));
    }

    private LiveTake live() {
        if (live.isEmpty()) {
            liveSpeed = speed();
            live = Optional.of(new LiveTake(due()));
        }
        return live.get();
    }

    private List<DueStroke> due() {
        BarRange range = bars.orElseThrow();
        return DueStroke.of(work.timeline(), range.from(), range.to(), speed());
    }

    private double speed() {
        return player.speedProperty().get();
    }

    private double start() {
        return work.timeline().bar(1).map(TimelineBar::seconds).orElse(0.0);
    }

    /** A round is over when the player is back at its start, or at the bar to breathe before it. */
    void listen() {
        if (bars.isEmpty() || !player.isPlaying()) return;
        double seconds = player.secondsNow().orElse(last);
        if (seconds < last - BACK) {
            double back = seconds(bars.get().to() + 1) - seconds(bars.get().from()) + breath();
            List<Tap> early = judge();
            standIn.around(back);
            early.forEach(tap -> take(tap.way(), tap.seconds() - back));
            double before = speed();
            around.run();
            if (speed() != before) standIn.rest();
        }
        if (standIn.playsProperty().get()) standIn.listen(round(), (seconds - start()) / speed());
        last = seconds;
    }

    private StandInModel.Round round() {
        BarRange range = bars.orElseThrow();
        return new StandInModel.Round(
                work.timeline(), range, due(), seconds(range.from()), seconds(range.to() + 1), speed(), breath() == 0);
    }

    /** How long the bar to breathe before a round is, in seconds as they are played; 0 if there is none. */
    private double breath() {
        if (!player.loopModel().breathProperty().get()) return 0;
        return work.timeline()
                .bar(bars.orElseThrow().from())
                .map(bar -> ClickTrack.countInSeconds(work.timeline(), bar) / speed())
                .orElse(0.0);
    }

    /** The player has stopped. A round that is broken off is shown only if none was played to its end before it. */
    void end() {
        if (bars.isEmpty()) return;
        if (wholeRounds == 0) now.get().ifPresent(each -> show(each.take()));
        drop();
        bars = Optional.empty();
        standIn.rest();
    }

    /** When a bar begins, or the song ends, at the tempo that is played, from the start of bar 1. */
    private double seconds(int bar) {
        double at = work.timeline()
                .bar(bar)
                .map(TimelineBar::seconds)
                .orElse(work.timeline().seconds());
        return (at - start()) / speed();
    }

    /**
     * Judges a round that was played to its end.
     *
     * @return what came just before its end and belongs to none of its strokes: it was meant for the next round
     */
    private List<Tap> judge() {
        double end = seconds(bars.orElseThrow().to() + 1);
        List<DueStroke> due = due();
        List<Double> extra = Take.of(due, taps).extra();
        List<Tap> early = taps.stream()
                .filter(tap -> tap.seconds() > end - EARLY && extra.contains(tap.seconds()))
                .toList();
        taps.removeAll(early);
        if (!taps.isEmpty()) {
            Take judged = Take.of(due, taps);
            wholeRounds++;
            show(judged);
            clean.set(judged.score() >= CLEAN_SCORE ? clean.get() + 1 : 0);
            if (!standIn.playsProperty().get()) whole.accept(bars.orElseThrow(), judged);
        }
        drop();
        return early;
    }

    private void show(Take judged) {
        playedSpeed = speed();
        take.set(Optional.of(judged));
    }

    private void drop() {
        taps.clear();
        live = Optional.empty();
        now.set(Optional.empty());
    }
}
