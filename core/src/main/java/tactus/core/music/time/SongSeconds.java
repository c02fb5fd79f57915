package tactus.core.music.time;

/**
 * A moment of what is laid out, at its own tempo: other seconds than those of whoever plays it slower.
 *
 * @param value in seconds from its start, less than 0 while it is counted in
 */
public record SongSeconds(double value) {

    /** @throws IllegalArgumentException if {@code value} is no number */
    public SongSeconds {
        if (!Double.isFinite(value)) throw new IllegalArgumentException("a moment has seconds, was " + value);
    }
}
