package tactus.app.practice;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.Excerpt;
import tactus.core.laid.timeline.Timeline;
import tactus.core.taught.practice.Round;
import tactus.core.taught.practice.SimulatedPlayer;
import tactus.core.taught.practice.Skill;
import tactus.core.taught.practice.Tap;
import tactus.sound.device.StandInInstrument;
import tactus.sound.device.StandInMicrophone;
import tactus.sound.score.Music;
import tactus.sound.score.Playback;
import tactus.sound.wave.WaveRendering;

/** A made-up learner who plays along in place of a student: how well, and what the program hears of it. */
final class StandInModel {

    /** By what it is heard. */
    enum Way {
        KEYS,
        INSTRUMENT,
        MICROPHONE
    }

    private static final double NANOS = 1e9;
    /** So long before a round begins its strokes are made ready, in seconds: the first may come early. */
    private static final double AHEAD = 0.4;
    /** A stroke that was so long ago is still played, in seconds. */
    private static final double JUST_NOW = 0.1;
    /** What is heard comes so much later than it was reckoned with, in seconds, before the hand follows it: a device stood still. */
    private static final double SLIP = 0.015;
    /** Rings out behind the last stroke, in seconds. */
    private static final double RINGING = 0.5;
    /** An open C chord, in keys (MIDI 1.0): 60 is the middle C. */
    private static final int[] CHORD = {48, 52, 55, 60, 64};

    private final BooleanProperty plays = new SimpleBooleanProperty(this, "plays");
    private final ObjectProperty<Way> way = new SimpleObjectProperty<>(this, "way", Way.KEYS);
    private final ObjectProperty<Skill> skill = new SimpleObjectProperty<>(this, "skill", Skill.LEARNER);
    private final StandInInstrument instrument = new StandInInstrument();
    private StandInMicrophone microphone = new StandInMicrophone();
    /** What is to be struck, at its seconds of the round that is played. */
    private final Deque<Tap> ahead = new ArrayDeque<>();

    private Consumer<Tap> key = _ -> {};
    /** Its strokes come at their time whether the window is busy or not. */
    private ScheduledExecutorService hand = hand();

    private long rounds;
    private boolean isReady;
    private boolean isNextReady;
    private double last = Double.POSITIVE_INFINITY;
    /** When the round that is played is at 0, in nanoseconds of the clock, as it was reckoned with. */
    private long zero;
    /** By how much that was wrong when it was looked at last, in nanoseconds. */
    private long slip;

    StandInModel() {
        // What was made ready is of no use any more.
        plays.subscribe((_, _) -> rest());
        way.subscribe((_, _) -> rest());
    }

    private static ScheduledExecutorService hand() {
        return Executors.newSingleThreadScheduledExecutor(
                Thread.ofPlatform().daemon().name("tactus stand-in").factory());
    }

    /** {@code taken} is told of each key that it presses. */
    void onKey(Consumer<Tap> taken) {
        key = taken;
    }

    /** Whether it plays along. */
    BooleanProperty playsProperty() {
        return plays;
    }

    ObjectProperty<Way> wayProperty() {
        return way;
    }

    ObjectProperty<Skill> skillProperty() {
        return skill;
    }

    /** What plays as a MIDI instrument does. */
    StandInInstrument instrument() {
        return instrument;
    }

    /** A microphone that hears it; each is listened to once. */
    StandInMicrophone microphone() {
        microphone = new StandInMicrophone();
        return microphone;
    }

    /** Goes on to {@code now}, in seconds as {@code round} has them; while it plays. */
    void listen(Round round, double now) {
        listen(round, now, System.nanoTime());
    }

    /** @param at when it is {@code now}, in nanoseconds of the clock */
    void listen(Round round, double now, long at) {
        if (way.get() == Way.KEYS) while (isDue(now)) key.accept(ahead.poll());
        else while (isDue((at - zero) / NANOS)) ahead.poll();
        // A device that has just been opened does not play yet; from when it does is known when time goes on.
        boolean goesOn = now > last && now - last < AHEAD;
        last = now;
        long begun = at - nanos(now);
        if (isReady) follow(begun);
        if (!isReady && goesOn) {
            isReady = true;
            zero = begun;
            slip = 0;
            make(round, now, 0);
        }
        if (round.goesStraightOn() && !isNextReady && now > round.to() - AHEAD) {
            isNextReady = true;
            make(round, now, round.next());
        }
    }

    private boolean isDue(double now) {
        return !ahead.isEmpty() && ahead.peek().seconds() <= now;
    }

    /** One who plays along hears when the music stands still, and goes on with it. Looked at twice: the first may be a busy machine. */
    private void follow(long begun) {
        long before = slip;
        slip = begun - zero;
        if (Math.min(Math.abs(before), Math.abs(slip)) < nanos(SLIP) || (before < 0) != (slip < 0)) return;
        long by = slip;
        zero = begun;
        slip = 0;
        switch (way.get()) {
            case KEYS -> {}
            case INSTRUMENT -> {
                hand.shutdownNow();
                hand = hand();
                ahead.forEach(this::strike);
            }
            case MICROPHONE -> {
                StandInMicrophone heardBy = microphone;
                // Behind what is made ready, if it is not yet.
                hand.execute(() -> heardBy.delay(by));
            }
        }
    }

    /** The next round has begun: what was so many seconds ahead of its start is as many nearer. */
    void around(double by) {
        List<Tap> left = List.copyOf(ahead);
        ahead.clear();
        left.forEach(tap -> ahead.add(new Tap(tap.seconds() - by, tap.way())));
        zero += nanos(by);
        isReady = isNextReady;
        isNextReady = false;
    }

    /** Takes its hands away. */
    void rest() {
        ahead.clear();
        isReady = false;
        isNextReady = false;
        last = Double.POSITIVE_INFINITY;
        microphone.hush();
        hand.shutdownNow();
        hand = hand();
    }

    /**
     * Makes the strokes of a round ready.
     *
     * @param later so many seconds after the round that is played
     */
    private void make(Round round, double now, double later) {
        var player = new SimulatedPlayer(skill.get(), rounds++);
        if (way.get() == Way.MICROPHONE) {
            StandInMicrophone heardBy = microphone;
            long begins = zero + nanos(later + round.from());
            hand.execute(() -> heardBy.hear(rendered(round, player), begins));
            return;
        }
        for (Tap tap : player.taps(round.due())) {
            var stroke = new Tap(tap.seconds() + later, tap.way());
            // What was to be played before it began to play along is let go.
            if (stroke.seconds() <= now - JUST_NOW) continue;
            ahead.add(stroke);
            if (way.get() == Way.INSTRUMENT) strike(stroke);
        }
    }

    /** Strikes the instrument when it is time. */
    private void strike(Tap stroke) {
        long in = zero + nanos(stroke.seconds()) - System.nanoTime();
        hand.schedule(() -> instrument.strike(CHORD), Math.max(0, in), TimeUnit.NANOSECONDS);
    }

    private static long nanos(double seconds) {
        return (long) (seconds * NANOS);
    }

    /** The strings as they sound when it plays the round. */
    private static float[] rendered(Round round, SimulatedPlayer player) {
        Timeline played =
                player.played(Excerpt.of(round.bars().timeline(), round.bars().range()), round.share());
        var all = new Playback(0, played.seconds(), false, round.share(), false);
        int frames = (int) ((round.to() - round.from() + RINGING) * StandInMicrophone.RATE);
        float[] both = WaveRendering.of(Music.of(played), all, Mix.of(MixVoice.GUITAR), 1)
                .render(frames);
        var mono = new float[frames];
        for (int i = 0; i < frames; i++) mono[i] = (both[2 * i] + both[2 * i + 1]) / 2;
        return mono;
    }
}
