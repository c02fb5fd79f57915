package tactus.core.music.stroke;

/** Which way the hand goes over the strings. */
public enum Direction {
    /** From the lowest-sounding string to the highest. */
    DOWN,
    /** From the highest-sounding string to the lowest. */
    UP;
}
