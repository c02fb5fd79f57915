package tactus.app.player;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import tactus.app.work.Work;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.performance.ClickTrack;
import tactus.core.performance.Mix;
import tactus.core.performance.MixVoice;
import tactus.core.song.Passes;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineStroke;
import tactus.sound.loudness.Trim;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.transport.Transport;

/** What is played and how. The window calls {@link #tick} for every picture it draws. */
public final class PlayerModel {

    private final Work work;
    private final Transport transport;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper(this, "playing");
    private final ReadOnlyBooleanWrapper silent = new ReadOnlyBooleanWrapper(this, "silent");
    private final ReadOnlyDoubleWrapper position = new ReadOnlyDoubleWrapper(this, "position", Double.NaN);
    private final DoubleProperty speed = new SimpleDoubleProperty(this, "speed", 1);
    private final DoubleProperty gain = new SimpleDoubleProperty(this, "gain", 0.5);
    private final BooleanProperty countsIn = new SimpleBooleanProperty(this, "countsIn", true);
    private final MixModel mix = new MixModel();
    private final LoopModel loop = new LoopModel();
    private final BooleanProperty loops = new SimpleBooleanProperty(this, "loops");
    private final IntegerProperty startBar = new SimpleIntegerProperty(this, "startBar", 1);
    private Optional<PatternId> pattern = Optional.empty();
    private Optional<Timeline> timeline = Optional.empty();
    private boolean clickOnly;
    private OptionalInt lastBar = OptionalInt.empty();
    private final BooleanProperty withoutExceptions = new SimpleBooleanProperty(this, "withoutExceptions");
    private int firstBar = 1;
    private double playedFrom;
    private double trim;

    public PlayerModel(Work work, Transport transport) {
        this.work = work;
        this.transport = transport;
        gain.subscribe(loud -> transport.setGain(loud.doubleValue()));
        work.stateProperty().subscribe(_ -> replace());
        speed.subscribe(_ -> replace());
        mix.mixProperty().subscribe(_ -> transport.setMix(mix()));
        mix.voiceProperty().subscribe(_ -> replace());
        mix.layerProperty().subscribe(_ -> replace());
        loops.subscribe(_ -> replace());
        loop.breathProperty().subscribe(_ -> replace());
        loop.heardProperty().subscribe(_ -> replace());
        loop.onlyCountInProperty().subscribe(_ -> replace());
        withoutExceptions.subscribe(_ -> replace());
    }

    /** Plays the song from {@link #startBarProperty}; with the loop on, its section goes round. */
    public void playSong() {
        if (work.timeline().bars().isEmpty()) return;
        pattern = Optional.empty();
        clickOnly = false;
        lastBar = OptionalInt.empty();
        firstBar = firstBar();
        timeline = Optional.of(songTimeline());
        start();
    }

    /** The pick-up belongs to the first bar, so that a song that is played from its start has it. */
    private int firstBar() {
        TimelineBar last = work.timeline().bars().getLast();
        int least = work.timeline().bars().getFirst().number();
        int wanted = startBar.get() == 1 ? least : startBar.get();
        return Math.clamp(wanted, least, last.number());
    }

    /**
     * The song as it is; in a loop without exceptions the section that goes round is as it is written. Bars that were asked for are
     * always those of the song, since what is played along with them is judged by it.
     */
    private Timeline songTimeline() {
        boolean isSection = loops.get() && lastBar.isEmpty();
        if (!withoutExceptions.get() || !isSection) return work.timeline();
        return work.timeline()
                .bar(firstBar)
                .map(bar -> Timeline.of(Passes.withoutExceptions(work.song(), bar.use())))
                .orElse(work.timeline());
    }

    /** Plays the bars {@code from} to {@code to}, which are there, round and round, after a bar counted in. */
    public void playBars(int from, int to) {
        pattern = Optional.empty();
        clickOnly = false;
        firstBar = from;
        lastBar = OptionalInt.of(to);
        timeline = Optional.of(songTimeline());
        start();
    }

    /** Plays one pattern round and round. */
    public void playPattern(Pattern heard) {
        pattern = Optional.of(heard.id());
        clickOnly = false;
        timeline = Optional.of(PatternPreview.of(work.song(), heard));
        start();
    }

    /** Plays the metronome alone, round and round over the beats of {@code beats}, after a bar counted in. */
    public void playClick(Pattern beats) {
        pattern = Optional.of(beats.id());
        clickOnly = true;
        timeline = Optional.of(PatternPreview.of(work.song(), PatternPreview.silent(beats)));
        start();
    }

    /** Where it is now, in seconds at the song's tempo, negative while counting in; empty if nothing is played. */
    public Optional<Double> secondsNow() {
        return playing.get() ? transport.seconds() : Optional.empty();
    }

    /** When the clicks of what is played come, in seconds at the song's tempo. */
    public List<Double> clicks() {
        return timeline.stream()
                .flatMap(played -> ClickTrack.of(played).clicks().stream())
                .map(ClickTrack.Click::seconds)
                .toList();
    }

    private void start() {
        // Measured once, so that an edit while it plays does not make all of it louder or softer.
        trim = Trim.quickly(timeline.orElseThrow());
        transport.setMix(mix());
        transport.play(score());
        playing.set(true);
    }

    private Score score() {
        Timeline played = timeline.orElseThrow();
        Playback playback = playback(played);
        playedFrom = played.tempoMap().position(playback.from());
        return Score.of(mix.of(work.song(), played, trim), playback);
    }

    /** The metronome alone, if that is what is played. */
    private Mix mix() {
        return clickOnly ? Mix.of(MixVoice.CLICK) : mix.mixProperty().get();
    }

    public void stop() {
        transport.stop();
        playing.set(false);
        position.set(Double.NaN);
    }

    /** Goes on with the song as it is now, where it is. */
    private void replace() {
        if (!playing.get()) return;
        if (!stillThere()) {
            stop();
            return;
        }
        timeline = pattern.flatMap(work.song()::pattern)
                .map(heard -> PatternPreview.of(work.song(), clickOnly ? PatternPreview.silent(heard) : heard))
                .or(() -> Optional.of(songTimeline()));
        transport.replace(score());
    }

    private boolean stillThere() {
        return pattern.map(id -> work.song().pattern(id).isPresent())
                .orElseGet(() -> work.timeline().bar(firstBar).isPresent());
    }

    private Playback playback(Timeline played) {
        if (pattern.isPresent()) {
            Pattern heard = work.song().pattern(pattern.get()).orElseThrow();
            Length from = PatternPreview.start(heard);
            Length to = from.plus(heard.frame().pickupLength()).plus(heard.length());
            return playback(played.seconds(from), played.seconds(to), true);
        }
        TimelineBar first = work.timeline().bar(firstBar).orElseThrow();
        if (lastBar.isPresent()) {
            TimelineBar last = work.timeline().bar(lastBar.getAsInt()).orElse(first);
            return new Playback(
                    first.seconds(),
                    played.seconds(last.end()),
                    true,
                    speed.get(),
                    countsIn.get(),
                    loop.breathProperty().get(),
                    loop.heardNow());
        }
        if (!loops.get()) return playback(first.seconds(), played.seconds(), false);
        var section =
                played.bars().stream().filter(bar -> bar.use() == first.use()).toList();
        return playback(
                section.getFirst().seconds(), played.seconds(section.getLast().end()), true);
    }

    private Playback playback(double from, double to, boolean around) {
        return new Playback(from, to, around, speed.get(), clickOnly || countsIn.get());
    }

    /** Asks the transport where it is. */
    public void tick() {
        transport.isSilent().ifPresent(silent::set);
        if (!playing.get()) return;
        if (!transport.isPlaying()) {
            stop();
            return;
        }
        Timeline played = timeline.orElseThrow();
        transport.seconds().ifPresent(seconds -> position.set(played.tempoMap().position(seconds)));
    }

    /** The stroke that sounds or passes now, if the song is playing. */
    public Optional<TimelineStroke> strokeNow() {
        if (pattern.isPresent() || !playing.get()) return Optional.empty();
        double at = position.get();
        List<TimelineStroke> strokes = timeline.orElseThrow().strokes();
        int low = 0;
        int high = strokes.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (strokes.get(middle).start().toDouble() > at + 1e-9) high = middle - 1;
            else low = middle;
        }
        return strokes.isEmpty() || strokes.get(low).start().toDouble() > at
                ? Optional.empty()
                : Optional.of(strokes.get(low));
    }

    /** Answers whether the bar that is counted in front is not over yet. */
    public boolean isCountingIn() {
        return playing.get() && position.get() < playedFrom - 1e-9;
    }

    /**
     * The bar that is playing, if the song is: as the shown song has it, or, where that leaves the bar out, as it
     * sounds.
     */
    public Optional<TimelineBar> barNow() {
        return soundingBar().map(bar -> shown(bar).orElse(bar));
    }

    private Optional<TimelineBar> soundingBar() {
        if (pattern.isPresent() || !playing.get()) return Optional.empty();
        double at = position.get();
        return timeline.orElseThrow().bars().stream()
                .filter(bar ->
                        bar.start().toDouble() <= at + 1e-9 && at < bar.end().toDouble())
                .findFirst();
    }

    /** The same bar of the same pass in the song as it is shown. */
    private Optional<TimelineBar> shown(TimelineBar sounding) {
        return work.timeline().barsOf(sounding.use(), sounding.pass()).stream()
                .filter(bar -> bar.inSection().equals(sounding.inSection()))
                .findFirst();
    }

    /** Where the song as it is shown is being played, in whole notes from its start; not a number if it is nowhere. */
    public double positionInSong() {
        return soundingBar()
                .flatMap(bar -> shown(bar)
                        .map(same -> same.start().toDouble()
                                + position.get()
                                - bar.start().toDouble()))
                .orElse(Double.NaN);
    }

    /** Where {@code shown} is being played, in whole notes from its start; not a number if it is not. */
    public double positionIn(Pattern shown) {
        if (pattern.isPresent()) {
            double start = PatternPreview.start(shown).toDouble();
            return pattern.get().equals(shown.id()) ? position.get() - start : Double.NaN;
        }
        return strokeNow()
                .filter(stroke -> stroke.pattern().equals(Optional.of(shown.id())))
                .filter(stroke -> stroke.slot() < shown.grid().size())
                .map(stroke -> shown.grid().slots().get(stroke.slot()).at().toDouble()
                        + position.get()
                        - stroke.start().toDouble())
                .orElse(Double.NaN);
    }

    /** Answers whether one pattern is playing, not the song. */
    public boolean isPlayingPattern() {
        return playing.get() && pattern.isPresent();
    }

    public boolean isPlaying() {
        return playing.get();
    }

    public ReadOnlyBooleanProperty playingProperty() {
        return playing.getReadOnlyProperty();
    }

    /** Whether nothing can be heard because the machine has no loudspeaker. */
    public ReadOnlyBooleanProperty silentProperty() {
        return silent.getReadOnlyProperty();
    }

    /** In whole notes from the start of what is played, negative while counting in; not a number if nothing is. */
    public ReadOnlyDoubleProperty positionProperty() {
        return position.getReadOnlyProperty();
    }

    /** 1 at the song's tempo, 0.25 to 1.5. */
    public DoubleProperty speedProperty() {
        return speed;
    }

    /** How loud, 0 to 1. */
    public DoubleProperty gainProperty() {
        return gain;
    }

    public BooleanProperty countsInProperty() {
        return countsIn;
    }

    /** See {@link MixModel#clicksProperty}. */
    public BooleanProperty clicksProperty() {
        return mix.clicksProperty();
    }

    /** How bars go round and round. */
    public LoopModel loopModel() {
        return loop;
    }

    /** What is heard. */
    public MixModel mixModel() {
        return mix;
    }

    public BooleanProperty loopsProperty() {
        return loops;
    }

    /** Whether a section that goes round in a loop is played without what is other in that entry. */
    public BooleanProperty withoutExceptionsProperty() {
        return withoutExceptions;
    }

    /** The bar, from 1, that the song is played from. */
    public IntegerProperty startBarProperty() {
        return startBar;
    }
}
