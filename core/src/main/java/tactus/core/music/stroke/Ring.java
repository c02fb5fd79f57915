package tactus.core.music.stroke;

/** Nothing is struck and the last sound is meant to be heard on. */
public record Ring() implements Stroke {
    public static final Ring RING = new Ring();
}
