package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import tactus.app.hand.HandView;
import tactus.app.player.PlayerModel;
import tactus.app.work.Attempt;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.pattern.Pattern;
import tactus.core.practice.DueStroke;
import tactus.core.practice.Ghost;
import tactus.core.practice.HandLoad;
import tactus.core.practice.Ladder;
import tactus.core.practice.LadderStep;
import tactus.core.practice.SimulatedPlayer;
import tactus.core.practice.Skill;
import tactus.core.practice.Take;
import tactus.core.practice.Tap;
import tactus.core.shape.Neck;
import tactus.core.stroke.Direction;
import tactus.core.time.Slot;
import tactus.core.timeline.BarRange;
import tactus.core.timeline.TimelineBar;
import tactus.sound.score.Playback;

/** The ladder to the song, the step that is practised, and what was played along with it, round by round. */
public final class PracticeModel {

    /** From this score on a round is clean; ours. */
    static final int CLEAN_SCORE = 90;
    /** So long before a round a stroke belongs to it, in seconds; ours. */
    private static final double EARLY = 0.15;
    /** In beats a minute; ours. */
    private static final int USUAL_CLIMB = 4;

    private final Work work;
    private final Settings settings;
    private final PlayerModel player;
    private final ClassModel students;
    private final InputModel input;
    private final ReadOnlyObjectWrapper<List<LadderStep>> steps = new ReadOnlyObjectWrapper<>(this, "steps", List.of());
    private final IntegerProperty chosen = new SimpleIntegerProperty(this, "chosen", 0);
    private final ReadOnlyObjectWrapper<Optional<Take>> take =
            new ReadOnlyObjectWrapper<>(this, "take", Optional.empty());
    private final ReadOnlyBooleanWrapper isEarly = new ReadOnlyBooleanWrapper(this, "early");
    private final ReadOnlyIntegerWrapper clean = new ReadOnlyIntegerWrapper(this, "clean");
    private final List<Tap> taps = new ArrayList<>();
    private final BooleanProperty simulates = new SimpleBooleanProperty(this, "simulates");
    private double playedSpeed = 1;
    private long round;
    private int roundsAtTempo;
    private final ReadOnlyObjectWrapper<Optional<BarRange>> ownBars =
            new ReadOnlyObjectWrapper<>(this, "ownBars", Optional.empty());
    private boolean isOurs;
    private double speedBefore = 1;
    private double last = Double.NEGATIVE_INFINITY;

    PracticeModel(Work work, Settings settings, PlayerModel player, ClassModel students) {
        this.students = students;
        this.work = work;
        this.settings = settings;
        this.player = player;
        input = new InputModel(settings, player);
        input.onStroke(ago -> tap(Optional.empty(), ago));
        chosen.subscribe(_ -> forget());
        player.positionProperty().subscribe(_ -> listen());
        player.playingProperty().subscribe((_, playing) -> {
            if (!playing) end();
        });
    }

    /** Computes the ladder anew from the song as it is shown. */
    void refresh() {
        List<LadderStep> ladder = Ladder.of(
                        work.song(),
                        work.timeline(),
                        neck(),
                        settings.handProperty().get())
                .steps();
        if (!ladder.equals(steps.get())) steps.set(ladder);
        // Bars that the song no longer has cannot go round.
        if (ownBars.get().filter(own -> own.to() > lastBar()).isPresent()) forget();
        if (chosen.get() >= ladder.size()) chosen.set(Math.max(0, ladder.size() - 1));
    }

    private Neck neck() {
        return settings.neck(work.song().facts().capo());
    }

    HandLoad load() {
        return HandLoad.of(
                work.song(), work.timeline(), neck(), settings.handProperty().get());
    }

    ReadOnlyObjectProperty<List<LadderStep>> stepsProperty() {
        return steps.getReadOnlyProperty();
    }

    /** The index of the step that is practised, from 0. */
    IntegerProperty chosenProperty() {
        return chosen;
    }

    Optional<LadderStep> step() {
        int index = chosen.get();
        return index >= 0 && index < steps.get().size()
                ? Optional.of(steps.get().get(index))
                : Optional.empty();
    }

    /** The pattern that is played first in the bars of the step. */
    Optional<Pattern> pattern() {
        return step().flatMap(step -> work.timeline().bar(bars(step).from()))
                .flatMap(bar -> work.timeline().spansIn(bar).stream()
                        .flatMap(span -> span.pattern().stream())
                        .findFirst())
                .flatMap(work.song()::pattern);
    }

    /** The last round that was played along. */
    ReadOnlyObjectProperty<Optional<Take>> takeProperty() {
        return take.getReadOnlyProperty();
    }

    /** Where the strokes of the last round fell on the pattern. */
    List<HandView.Fallen> fallen() {
        if (take.get().isEmpty() || pattern().isEmpty()) return List.of();
        Pattern shown = pattern().get();
        List<Slot> slots = shown.grid().slots();
        int bars = Math.max(1, slots.getLast().bar() + 1);
        double whole = work.timeline().tempo().secondsInWhole() / playedSpeed;
        var fallen = new ArrayList<HandView.Fallen>();
        for (Ghost ghost : Ghost.of(take.get().get(), bars)) {
            for (Slot slot : slots) {
                if (slot.bar() != ghost.bar() || !slot.count().toString().equals(ghost.count())) continue;
                fallen.add(new HandView.Fallen(
                        slot.index(), ghost.late() / whole, ghost.spread() / whole, ghost.played() == 0));
            }
        }
        return fallen;
    }

    /** Whether the stand-in plays along in place of a student. */
    BooleanProperty simulatesProperty() {
        return simulates;
    }

    /** How many clean rounds there were in a row. */
    ReadOnlyIntegerProperty cleanProperty() {
        return clean.getReadOnlyProperty();
    }

    /** Whether a stroke came while nothing is played that it could belong to. */
    ReadOnlyBooleanProperty earlyProperty() {
        return isEarly.getReadOnlyProperty();
    }

    /** Goes up or down the ladder. */
    void climb(int by) {
        if (!steps.get().isEmpty())
            chosen.set(Math.clamp((long) chosen.get() + by, 0, steps.get().size() - 1));
    }

    private void forget() {
        taps.clear();
        ownBars.set(Optional.empty());
        take.set(Optional.empty());
        clean.set(0);
        if (isOurs && player.isPlaying()) player.stop();
    }

    /** Plays the bars of the step round and round, at the tempo it begins with, after a bar counted in; or stops. */
    void play() {
        if (player.isPlaying()) {
            player.stop();
            return;
        }
        isEarly.set(false);
        step().ifPresent(step -> {
            taps.clear();
            last = Double.NEGATIVE_INFINITY;
            roundsAtTempo = 0;
            speedBefore = player.speedProperty().get();
            player.speedProperty()
                    .set(Math.clamp((double) step.from() / step.to(), Playback.SLOWEST, Playback.FASTEST));
            isOurs = true;
            player.playBars(bars(step).from(), bars(step).to());
        });
    }

    /** The bars that go round: those that were asked for, or the step's. */
    private BarRange bars(LadderStep step) {
        return ownBars.get().orElse(step.bars());
    }

    /** Other bars than the step's, if they were asked for; they count until another step is chosen. */
    ReadOnlyObjectProperty<Optional<BarRange>> ownBarsProperty() {
        return ownBars.getReadOnlyProperty();
    }

    /**
     * Loops the bars that {@code text} says, {@code 5-8}, in place of the step's; nothing means the step's again.
     *
     * @return what is wrong with it
     */
    Optional<String> loopBars(String text) {
        return Attempt.of(() -> {
            Optional<BarRange> wanted =
                    text.isBlank() ? Optional.empty() : Optional.of(BarRange.parse(text, lastBar()));
            if (wanted.equals(ownBars.get())) return;
            forget();
            ownBars.set(wanted);
        });
    }

    private int lastBar() {
        List<TimelineBar> bars = work.timeline().bars();
        return bars.isEmpty() ? 0 : bars.getLast().number();
    }

    /** The bars that go round, if there are any. */
    Optional<BarRange> looped() {
        return step().map(this::bars);
    }

    /** The part of the song's tempo at which they go round: now, or when they are begun. */
    double loopSpeed() {
        return step().map(step -> perMinuteNow().isPresent()
                        ? speed()
                        : Math.clamp((double) step.from() / step.to(), Playback.SLOWEST, Playback.FASTEST))
                .orElse(1.0);
    }

    /** How fast it is played now, in felt beats a minute; empty if nothing of the ladder is. */
    OptionalInt perMinuteNow() {
        return isOurs && player.isPlaying() && step().isPresent()
                ? OptionalInt.of((int) Math.round(step().get().to() * speed()))
                : OptionalInt.empty();
    }

    ReadOnlyBooleanProperty playingNowProperty() {
        return player.playingProperty();
    }

    ReadOnlyDoubleProperty speedNowProperty() {
        return player.speedProperty();
    }

    /** Takes the tempo up by {@code by} beats a minute, or down; what was played of the round is let go. */
    void changeTempo(int by) {
        if (perMinuteNow().isEmpty()) return;
        taps.clear();
        roundsAtTempo = 0;
        take(perMinuteNow().getAsInt() + by, 2);
    }

    /** @param most how many times the tempo to reach is the fastest */
    private void take(int perMinute, double most) {
        step().ifPresent(step -> player.speedProperty()
                .set(Math.clamp(perMinute / (double) step.to(), Playback.SLOWEST, Math.min(Playback.FASTEST, most))));
    }

    /** By how much a key changes the tempo: as it climbs, or by four beats a minute. */
    int tempoStep() {
        int climb = player.loopModel().climbProperty().get();
        return climb > 0 ? climb : USUAL_CLIMB;
    }

    /** After so many rounds it gets faster, up to the tempo to reach. */
    private void climbTempo() {
        int climb = player.loopModel().climbProperty().get();
        if (climb == 0 || ++roundsAtTempo < player.loopModel().roundsProperty().get()) return;
        roundsAtTempo = 0;
        if (speed() < 1) perMinuteNow().ifPresent(now -> take(now + climb, 1));
    }

    /** Takes a stroke of the student's. */
    void tap(Optional<Direction> way) {
        if (!input.clap(0)) tap(way, 0);
    }

    /** @param ago how many seconds ago it was */
    private void tap(Optional<Direction> way, double ago) {
        isEarly.set(!isOurs);
        if (!isOurs) return;
        double late = ago + input.late();
        player.secondsNow().ifPresent(seconds -> taps.add(new Tap((seconds - start()) / speed() - late, way)));
    }

    /** What the student is heard by. */
    InputModel input() {
        return input;
    }

    private double speed() {
        return player.speedProperty().get();
    }

    private double start() {
        return work.timeline().bar(1).map(TimelineBar::seconds).orElse(0.0);
    }

    /** A round is over when the player is back at its start. */
    private void listen() {
        if (!isOurs || !player.isPlaying()) return;
        double now = player.secondsNow().orElse(last);
        if (now < last - 0.25) {
            List<Tap> early = early();
            judge(true);
            taps.addAll(early);
            climbTempo();
        }
        last = now;
    }

    private void end() {
        if (!isOurs) return;
        judge(false);
        isOurs = false;
        player.speedProperty().set(speedBefore);
    }

    /** Takes what came just before the end of a round out of it: it was meant for the next one. */
    private List<Tap> early() {
        return step().map(step -> {
                    double from = seconds(bars(step).from());
                    double length = seconds(bars(step).to() + 1) - from;
                    List<Tap> late = taps.stream()
                            .filter(tap -> tap.seconds() > from + length - EARLY)
                            .toList();
                    taps.removeAll(late);
                    return late.stream()
                            .map(tap -> new Tap(tap.seconds() - length, tap.way()))
                            .toList();
                })
                .orElse(List.of());
    }

    /** When a bar begins, or the song ends, at the tempo that is played, from the start of bar 1. */
    private double seconds(int bar) {
        double at = work.timeline()
                .bar(bar)
                .map(TimelineBar::seconds)
                .orElse(work.timeline().seconds());
        return (at - start()) / speed();
    }

    /** @param isWhole whether the round was played to its end: only then the stand-in plays it, and the logbook has it */
    private void judge(boolean isWhole) {
        step().ifPresent(step -> {
            List<DueStroke> due =
                    DueStroke.of(work.timeline(), bars(step).from(), bars(step).to(), speed());
            if (isWhole && simulates.get()) taps.addAll(new SimulatedPlayer(Skill.LEARNER, round++).taps(due));
            if (taps.isEmpty()) return;
            Take judged = Take.of(due, taps);
            playedSpeed = speed();
            take.set(Optional.of(judged));
            clean.set(judged.score() >= CLEAN_SCORE ? clean.get() + 1 : 0);
            if (isWhole && !simulates.get()) keep(step, judged);
        });
        taps.clear();
    }

    private void keep(LadderStep step, Take judged) {
        students.keep(
                work.song().facts().title(),
                work.song().versions().shown().orElse(""),
                bars(step).toString(),
                (int) Math.round(work.song().facts().tempo().perMinute() * speed()),
                judged);
    }
}
