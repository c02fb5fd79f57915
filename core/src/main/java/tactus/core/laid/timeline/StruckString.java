package tactus.core.laid.timeline;

import java.util.Objects;
import tactus.core.music.pitch.Pitch;

/**
 * A string that a stroke makes sound.
 *
 * @param string from 1, the highest-sounding
 * @param pitch what is heard, with tuning, capo and fret
 */
public record StruckString(int string, Pitch pitch) {

    public StruckString {
        Objects.requireNonNull(pitch);
    }
}
