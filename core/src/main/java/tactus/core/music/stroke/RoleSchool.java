package tactus.core.music.stroke;

/** How the fingers of the picking hand are called. */
public enum RoleSchool {
    /** {@code p i m a}. */
    LETTERS,
    /** {@code T 1 2 3}. */
    NUMBERS
}
