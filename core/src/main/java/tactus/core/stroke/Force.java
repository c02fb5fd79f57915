package tactus.core.stroke;

/** How hard a stroke is. */
public enum Force {
    SOFT,
    PLAIN,
    ACCENTED;

    public boolean isAccented() {
        return this == ACCENTED;
    }

    public boolean isSoft() {
        return this == SOFT;
    }
}
