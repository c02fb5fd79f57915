package tactus.sound.score;

import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.performance.CountTrack;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.timeline.Timeline;

/**
 * What there is to be heard of a song.
 *
 * @param layer what the first guitar plays of its part
 * @param drums its groove, where there is one
 * @param counts what a voice says along, where it does
 * @param trim how many decibels louder its guitars are made, see {@link tactus.sound.loudness.Trim}
 */
public record Music(
        Timeline timeline, Layer layer, Optional<DrumTrack> drums, Optional<CountTrack> counts, double trim) {

    public Music {
        Objects.requireNonNull(timeline);
        Objects.requireNonNull(layer);
        Objects.requireNonNull(drums);
        Objects.requireNonNull(counts);
    }

    /** The guitars and the click. */
    public static Music of(Timeline timeline) {
        return new Music(timeline, Layer.WHOLE, Optional.empty(), Optional.empty(), 0);
    }

    /** The same with its guitars so many decibels louder. */
    public Music trimmed(double decibels) {
        return new Music(timeline, layer, drums, counts, decibels);
    }
}
