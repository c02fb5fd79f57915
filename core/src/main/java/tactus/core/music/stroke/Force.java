package tactus.core.music.stroke;

/** How hard a stroke is. */
public enum Force {
    SOFT,
    PLAIN,
    ACCENTED;

    /** Whether it stands out. */
    public boolean isAccented() {
        return this == ACCENTED;
    }

    /** Whether it stands back. */
    public boolean isSoft() {
        return this == SOFT;
    }
}
