package tactus.core.music.time;

/** How the slots of a bar are counted aloud. */
public enum CountSchool {
    /** {@code 1 & 2 &}, {@code 1 e & a}, triplets {@code 1 & a}, 6/8 as {@code 1 2 3 4 5 6} (common practice). */
    NUMBERS,
    /** Felt beats numbered: 6/8 as {@code 1 la li 2 la li}, triplets {@code 1 trip let} (common practice). */
    BEATS,
    /**
     * {@code ta di}, {@code ta ka di mi}, {@code ta ki da}, {@code ta va ki di da ma}: Hoffman, Pelto and White, "Takadimi: A
     * Beat-Oriented System of Rhythm Pedagogy", Journal of Music Theory Pedagogy 10, 1996.
     */
    TAKADIMI
}
