package tactus.core.patterns.library;

/** For whom a pattern is. */
public enum Level {
    FIRST_LESSONS,
    EASY,
    MIDDLE,
    ADVANCED
}
