package tactus.sound.score;

/**
 * Which part of a song is played and how.
 *
 * @param from where it starts, in seconds at the song's tempo
 * @param to where it ends, after {@code from}
 * @param loops whether it starts again at its end
 * @param speed how fast, 1 at the song's tempo, {@link #SLOWEST} to {@link #FASTEST}
 * @param countsIn whether a bar is counted in front
 */
public record Playback(double from, double to, boolean loops, double speed, boolean countsIn) {

    public static final double SLOWEST = 0.25;
    public static final double FASTEST = 1.5;

    /** @throws IllegalArgumentException if a value is outside its range */
    public Playback {
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException("playing must end after it starts, was " + from + " to " + to);
        }
        if (!(speed >= SLOWEST && speed <= FASTEST)) {
            throw new IllegalArgumentException("the speed must be 0.25 to 1.5, was " + speed);
        }
    }
}
