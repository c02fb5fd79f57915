package tactus.app.player;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.core.laid.performance.CountTrack;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.sound.score.Music;

/** What is heard when something is played: the voices and how loud they are, what is counted aloud, and what of the part is played. */
public final class MixModel {

    private final ObjectProperty<Mix> mix = new SimpleObjectProperty<>(this, "mix", Mix.USUAL);
    private final ObjectProperty<CountVoice> voice = new SimpleObjectProperty<>(this, "voice", CountVoice.USUAL);
    private final ObjectProperty<Layer> layer = new SimpleObjectProperty<>(this, "layer", Layer.WHOLE);
    private final BooleanProperty clicks = new SimpleBooleanProperty(this, "clicks");

    /** The guitars alone, to begin with. */
    public MixModel() {
        clicks.subscribe(on -> mix.set(mix.get().withMuted(MixVoice.CLICK, !on)));
        mix.subscribe(now -> clicks.set(!now.muted().contains(MixVoice.CLICK)));
    }

    /**
     * What there is to be heard of {@code song}.
     *
     * @param trim how many decibels louder its guitars are made
     */
    Music of(Song song, Timeline timeline, double trim) {
        return new Music(
                timeline,
                layer.get(),
                Optional.of(DrumTrack.of(song, timeline)),
                Optional.of(CountTrack.of(timeline, voice.get())),
                trim);
    }

    /** Lets {@code voice} be heard, or not. */
    public void hear(MixVoice voice, boolean isHeard) {
        mix.set(mix.get().withMuted(voice, !isHeard));
    }

    public ObjectProperty<Mix> mixProperty() {
        return mix;
    }

    /** What the counting voice says. */
    public ObjectProperty<CountVoice> voiceProperty() {
        return voice;
    }

    /** What of the first guitar's part is played. */
    public ObjectProperty<Layer> layerProperty() {
        return layer;
    }

    /** Whether the metronome goes along. */
    public BooleanProperty clicksProperty() {
        return clicks;
    }
}
