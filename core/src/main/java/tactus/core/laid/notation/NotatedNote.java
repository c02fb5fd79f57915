package tactus.core.laid.notation;

import java.util.Objects;
import tactus.core.music.pitch.Pitch;

/**
 * A note on a string.
 *
 * @param string from 1, the highest-sounding
 * @param fret counted from the capo
 * @param pitch what is heard
 * @param isDead whether the string is muted
 * @param isSlurred whether the fretting hand makes it sound
 */
public record NotatedNote(int string, int fret, Pitch pitch, boolean isDead, boolean isSlurred) {

    public NotatedNote {
        Objects.requireNonNull(pitch);
    }
}
