package tactus.core.music.stroke;

/** How the hand touches the strings that it makes sound. */
public enum Touch {
    PLAIN,
    /** Slow enough to hear the strings one after another. */
    SWEPT,
    /** The edge of the hand lies on the strings: short, but with a pitch. */
    PALM_MUTED
}
