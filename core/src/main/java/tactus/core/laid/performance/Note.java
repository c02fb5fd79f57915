package tactus.core.laid.performance;

import java.util.Objects;
import tactus.core.music.pitch.Pitch;

/**
 * One string sounding.
 *
 * @param string from 1, the highest-sounding
 * @param start when it is struck, in seconds from the start of the song
 * @param end when it stops sounding, after {@code start}
 * @param velocity how hard it is struck, over 0 to 1; its level is 40 times the logarithm of it, in decibels below the strongest
 *     stroke, as players of MIDI files take velocities (General MIDI Level 2, MIDI Manufacturers Association 1999)
 * @param isDead whether the string is damped so that it has no pitch
 */
public record Note(int string, Pitch pitch, double start, double end, double velocity, boolean isDead) {

    public Note {
        Objects.requireNonNull(pitch);
    }

    /** The same note, let go at {@code other} seconds. */
    public Note endingAt(double other) {
        return new Note(string, pitch, start, other, velocity, isDead);
    }
}
