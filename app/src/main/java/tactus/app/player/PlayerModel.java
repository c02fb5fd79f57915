package tactus.app.player;

import java.util.List;
import java.util.Optional;
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
import tactus.core.laid.performance.ClickTrack;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Song;
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
    private Optional<Heard> heard = Optional.empty();
    private final BooleanProperty withoutExceptions = new SimpleBooleanProperty(this, "withoutExceptions");
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
        if (!work.timeline().bars().isEmpty()) play(song(firstBar()));
    }

    /** The pick-up belongs to the first bar, so that a song that is played from its start has it. */
    private TimelineBar firstBar() {
        TimelineBar last = work.timeline().bars().getLast();
        int least = work.timeline().bars().getFirst().number();
        int wanted = startBar.get() == 1 ? least : startBar.get();
        return work.timeline().bar(Math.clamp(wanted, least, last.number())).orElseThrow();
    }

    private Heard song(TimelineBar first) {
        return loops.get()
                ? Heard.OneEntry.of(work.song(), work.timeline(), first, withoutExceptions.get())
                : new Heard.FromBar(work.timeline(), first);
    }

    /** Plays bars, the first of which is there, round and round, after a bar counted in. */
    public void playBars(BarRange range) {
        play(new Heard.Bars(work.timeline(), range));
    }

    /** Plays one pattern round and round. */
    public void playPattern(Pattern pattern) {
        play(Heard.OnePattern.of(work.song(), pattern));
    }

    /** Plays the metronome alone, round and round over the beats of {@code beats}, after a bar counted in. */
    public void playClick(Pattern beats) {
        play(Heard.ClickAlone.of(work.song(), beats));
    }

    /** Where it is now; empty if nothing is played. */
    public Optional<Transport.Place> place() {
        return playing.get() ? transport.place() : Optional.empty();
    }

    /** The bars that go round, if that is what is played. */
    public Optional<Heard.Bars> bars() {
        return heard.filter(Heard.Bars.class::isInstance).map(Heard.Bars.class::cast);
    }

    /** When the clicks of what is played come, in seconds at the song's tempo. */
    public List<Double> clicks() {
        return heard.stream()
                .flatMap(played -> ClickTrack.of(played.timeline()).clicks().stream())
                .map(ClickTrack.Click::seconds)
                .toList();
    }

    /** What was played before is over. */
    private void play(Heard wanted) {
        if (playing.get()) stop();
        heard = Optional.of(wanted);
        start();
    }

    private void start() {
        // Measured once, so that an edit while it plays does not make all of it louder or softer.
        trim = Trim.quickly(heard.orElseThrow().timeline());
        transport.setMix(mix());
        transport.play(score());
        playing.set(true);
    }

    private Score score() {
        Heard played = heard.orElseThrow();
        playedFrom = played.timeline().tempoMap().position(played.from());
        return Score.of(mix.of(work.song(), played.timeline(), trim), playback(played));
    }

    /** The metronome alone, if that is what is played. */
    private Mix mix() {
        return isClickAlone() ? Mix.of(MixVoice.CLICK) : mix.mixProperty().get();
    }

    private boolean isClickAlone() {
        return heard.filter(Heard.ClickAlone.class::isInstance).isPresent();
    }

    public void stop() {
        transport.stop();
        playing.set(false);
        position.set(Double.NaN);
    }

    /** Goes on with the song as it is now, where it is. */
    private void replace() {
        if (!playing.get()) return;
        heard = heard.flatMap(this::now);
        if (heard.isPresent()) transport.replace(score());
        else stop();
    }

    /** The same in the song as it is now; from the song to a loop of its section and back. */
    private Optional<Heard> now(Heard before) {
        Song song = work.song();
        Timeline timeline = work.timeline();
        return switch (before) {
            case Heard.FromBar begun -> timeline.bar(begun.first().number()).map(this::song);
            case Heard.OneEntry entry -> timeline.bar(entry.begun().number()).map(this::song);
            case Heard.Bars bars -> timeline.bar(bars.range().from()).map(_ -> new Heard.Bars(timeline, bars.range()));
            case Heard.OnePattern alone ->
                song.pattern(alone.pattern().id()).map(now -> Heard.OnePattern.of(song, now));
            case Heard.ClickAlone click ->
                song.pattern(click.beats().pattern().id()).map(now -> Heard.ClickAlone.of(song, now));
        };
    }

    private Playback playback(Heard played) {
        boolean isLoop = played instanceof Heard.Bars;
        return new Playback(
                played.from(),
                played.to(),
                played.goesRound(),
                speed.get(),
                isClickAlone() || countsIn.get(),
                isLoop && loop.breathProperty().get(),
                isLoop ? loop.heardNow() : Optional.empty());
    }

    /** Asks the transport where it is. */
    public void tick() {
        transport.isSilent().ifPresent(silent::set);
        if (!playing.get()) return;
        if (!transport.isPlaying()) {
            stop();
            return;
        }
        Timeline played = heard.orElseThrow().timeline();
        transport
                .place()
                .ifPresent(place ->
                        position.set(played.tempoMap().position(place.at().value())));
    }

    /** The stroke that sounds or passes now, if the song is playing. */
    public Optional<TimelineStroke> strokeNow() {
        if (!isPlayingSong()) return Optional.empty();
        double at = position.get();
        List<TimelineStroke> strokes = heard.orElseThrow().timeline().strokes();
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
        if (!isPlayingSong()) return Optional.empty();
        double at = position.get();
        return heard.orElseThrow().timeline().bars().stream()
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
        Optional<Pattern> alone = heard.flatMap(Heard::alone);
        if (alone.isPresent()) {
            double start = Heard.OnePattern.start(shown).toDouble();
            return alone.get().id().equals(shown.id()) ? position.get() - start : Double.NaN;
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
        return playing.get() && heard.flatMap(Heard::alone).isPresent();
    }

    private boolean isPlayingSong() {
        return playing.get() && heard.flatMap(Heard::alone).isEmpty();
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
