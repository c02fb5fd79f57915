package tactus.core.music.stroke;

/** Everything that sounds is silenced. */
public record Stop() implements Stroke {
    public static final Stop STOP = new Stop();
}
