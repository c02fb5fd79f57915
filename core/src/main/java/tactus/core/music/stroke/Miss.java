package tactus.core.music.stroke;

/** The hand moves past the strings without touching them. What sounded goes on. */
public record Miss() implements Stroke {
    public static final Miss MISS = new Miss();
}
