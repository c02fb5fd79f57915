package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import tactus.app.hand.HandView;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.practice.Ghost;
import tactus.core.taught.practice.HandLoad;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.core.taught.practice.Take;
import tactus.sound.score.Playback;
import tactus.words.Words;

/** The ladder to the song, the step that is practised, and what was played along with it, round by round. */
public final class PracticeModel {

    /** In beats a minute; ours. */
    private static final int USUAL_CLIMB = 4;

    private final Work work;
    private final Settings settings;
    private final PlayerModel player;
    private final ClassModel students;
    private final InputModel input;
    private final ReadOnlyObjectWrapper<List<LadderStep>> steps = new ReadOnlyObjectWrapper<>(this, "steps", List.of());
    private final IntegerProperty chosen = new SimpleIntegerProperty(this, "chosen", 0);
    private final StandInModel standIn = new StandInModel();
    private final TakeModel takes;
    private int roundsAtTempo;
    private final ReadOnlyObjectWrapper<Optional<BarRange>> ownBars =
            new ReadOnlyObjectWrapper<>(this, "ownBars", Optional.empty());
    private final ReadOnlyStringWrapper unkept = new ReadOnlyStringWrapper(this, "unkept", "");
    private double speedBefore = 1;

    PracticeModel(Work work, Settings settings, PlayerModel player, ClassModel students) {
        this.students = students;
        this.work = work;
        this.settings = settings;
        this.player = player;
        takes = new TakeModel(player, standIn);
        takes.onWhole(this::keep);
        takes.onAround(this::climbTempo);
        input = new InputModel(settings, player);
        input.onStroke(ago -> takes.tap(Optional.empty(), ago + input.late()));
        input.follow(standIn);
        chosen.subscribe(_ -> forget());
        // What was played was played by somebody else.
        students.chosenProperty().subscribe((_, _) -> {
            takes.forget();
            unkept.set("");
        });
        player.positionProperty().subscribe(_ -> takes.listen());
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

    /** What is played first in the bars of the step, in the form in which it is played there. */
    Optional<Pattern> pattern() {
        Timeline timeline = work.timeline();
        Optional<TimelineSpan> first = looped().flatMap(looped -> looped.timeline()
                .bar(looped.range().from())
                .flatMap(bar -> looped.timeline().spansIn(bar).stream()
                        .filter(span -> span.pattern().isPresent())
                        .findFirst()));
        return first.flatMap(span -> PlayedForm.of(work.song(), timeline).stream()
                .filter(played ->
                        span.pattern().equals(Optional.of(played.pattern().id()))
                                && played.form().equals(span.played().form()))
                .map(PlayedForm::pattern)
                .findFirst());
    }

    /** What is played along. */
    TakeModel takes() {
        return takes;
    }

    /** Who plays along in place of a student. */
    StandInModel standIn() {
        return standIn;
    }

    /** Where the strokes of this round, or of the last one, fell on the pattern. */
    List<HandView.Fallen> fallen() {
        Optional<Take> shownTake = takes.shown();
        if (shownTake.isEmpty() || pattern().isEmpty()) return List.of();
        Pattern shown = pattern().get();
        List<Slot> slots = shown.grid().slots();
        int bars = Math.max(1, slots.getLast().bar() + 1);
        double whole = work.timeline().tempo().secondsInWhole() / takes.shownSpeed();
        var fallen = new ArrayList<HandView.Fallen>();
        for (Ghost ghost : Ghost.of(shownTake.get(), bars)) {
            for (Slot slot : slots) {
                if (slot.bar() != ghost.bar() || !slot.count().toString().equals(ghost.count())) continue;
                fallen.add(new HandView.Fallen(
                        slot.index(), ghost.late() / whole, ghost.spread() / whole, ghost.played() == 0));
            }
        }
        return fallen;
    }

    /** Goes up or down the ladder. */
    void climb(int by) {
        if (!steps.get().isEmpty())
            chosen.set(Math.clamp((long) chosen.get() + by, 0, steps.get().size() - 1));
    }

    private void forget() {
        ownBars.set(Optional.empty());
        takes.forget();
        if (takes.isRunning() && player.isPlaying()) player.stop();
    }

    /** Plays the bars of the step round and round, at the tempo it begins with, after a bar counted in; or stops. */
    void play() {
        if (player.isPlaying()) {
            player.stop();
            return;
        }
        step().ifPresent(step -> {
            roundsAtTempo = 0;
            speedBefore = player.speedProperty().get();
            player.speedProperty()
                    .set(Math.clamp((double) step.from() / step.to(), Playback.SLOWEST, Playback.FASTEST));
            takes.begin();
            player.playBars(bars(step));
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
    Outcome loopBars(String text) {
        return Outcome.of(() -> {
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

    /** The bars that go round, or would, if there are any. */
    Optional<Heard.Bars> looped() {
        return player.bars()
                .filter(_ -> takes.isRunning())
                .or(() -> step().map(this::bars)
                        .filter(bars -> work.timeline().bar(bars.from()).isPresent())
                        .map(bars -> new Heard.Bars(work.timeline(), bars)));
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
        return takes.isRunning() && player.isPlaying() && step().isPresent()
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
        takes.anew();
        roundsAtTempo = 0;
        tempo(perMinuteNow().getAsInt() + by, 2);
    }

    /** @param most how many times the tempo to reach is the fastest */
    private void tempo(int perMinute, double most) {
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
        if (speed() < 1) perMinuteNow().ifPresent(now -> tempo(now + climb, 1));
    }

    /** Takes a stroke of the student's. */
    void tap(Optional<Direction> way) {
        if (!input.clap(0)) takes.tap(way, input.late());
    }

    /** What the student is heard by. */
    InputModel input() {
        return input;
    }

    private double speed() {
        return player.speedProperty().get();
    }

    private void end() {
        if (!takes.isRunning()) return;
        takes.end();
        player.speedProperty().set(speedBefore);
    }

    /** What the same bars were worth last week, by the student who is chosen. */
    OptionalInt scoreOfLastWeek() {
        return step().map(step -> students.scoreOfLastWeek(
                        SongKey.of(work.song()), bars(step).toString()))
                .orElse(OptionalInt.empty());
    }

    private void keep(BarRange bars, Take judged) {
        students.keep(
                SongKey.of(work.song()),
                bars.toString(),
                (int) Math.round(work.song().facts().tempo().perMinute() * speed()),
                judged,
                kept -> unkept.set(kept.refusal().map(Words::why).orElse("")));
    }

    /** Why the last round is not in the logbook; empty if it is, or belongs to nobody. */
    ReadOnlyStringProperty unkeptProperty() {
        return unkept.getReadOnlyProperty();
    }
}
