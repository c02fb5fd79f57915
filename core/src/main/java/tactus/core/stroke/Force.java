package tactus.core.stroke;

/** How hard a stroke is. */
public enum Force {
    PLAIN,
    ACCENTED;

    public boolean isAccented() {
        return this == ACCENTED;
    }
}
