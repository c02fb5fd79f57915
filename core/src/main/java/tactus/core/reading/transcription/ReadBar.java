package tactus.core.reading.transcription;

import java.util.List;
import java.util.Objects;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/**
 * A bar as it was read.
 *
 * @param chords those that begin in it, in order
 * @param strokes those that are struck in it, in order, each at another place
 */
public record ReadBar(Meter meter, List<ChordAt> chords, List<StrokeAt> strokes) {

    /**
     * A chord that begins.
     *
     * @param at from the start of the bar
     * @param name of its shape
     */
    public record ChordAt(Length at, String name) {
        public ChordAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(name);
        }
    }

    /**
     * A stroke.
     *
     * @param at from the start of the bar
     */
    public record StrokeAt(Length at, Stroke stroke) {
        public StrokeAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(stroke);
        }
    }

    public ReadBar {
        Objects.requireNonNull(meter);
        chords = List.copyOf(chords);
        strokes = List.copyOf(strokes);
    }
}
