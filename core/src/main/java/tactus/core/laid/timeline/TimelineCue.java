package tactus.core.laid.timeline;

import java.util.Objects;
import tactus.core.music.time.Length;

/**
 * Words at a beat.
 *
 * @param at where they stand; negative in front of the song
 * @param bar the number of the bar they are shown at
 */
public record TimelineCue(Length at, int bar, String text) {

    public TimelineCue {
        Objects.requireNonNull(at);
        Objects.requireNonNull(text);
    }
}
