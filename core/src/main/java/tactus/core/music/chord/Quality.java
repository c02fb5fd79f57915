package tactus.core.music.chord;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What kind of chord it is, whatever its root: {@code m7} is the root, the minor third, the fifth and the minor seventh.
 *
 * @param degrees at least one; in the order of {@link Degree}
 */
public record Quality(Set<Degree> degrees) {

    /** Returns the quality with {@code degrees}. */
    public static final Quality MAJOR = of(Degree.ROOT, Degree.THREE, Degree.FIVE);

    /** @throws IllegalArgumentException if there is no degree */
    public Quality {
        if (degrees.isEmpty()) throw new IllegalArgumentException("a chord has at least one note");
        degrees = Collections.unmodifiableSet(EnumSet.copyOf(degrees));
    }

    public static Quality of(Degree... degrees) {
        return new Quality(EnumSet.copyOf(Arrays.asList(degrees)));
    }

    /** Whether the chord has {@code degree}. */
    public boolean has(Degree degree) {
        return degrees.contains(degree);
    }

    /**
     * Notes that may be played though the name does not ask for them: the third in an eleventh chord (often left out,
     * since it rubs with the eleventh), the eleventh in a thirteenth chord (common practice).
     */
    public Set<Degree> tolerated() {
        if (isEleventh()) return Set.of(Degree.THREE);
        boolean seventh = has(Degree.FLAT_SEVEN) || has(Degree.SEVEN);
        boolean thirteenth = has(Degree.THIRTEEN) && seventh && has(Degree.NINE);
        return thirteenth && !has(Degree.FOUR) && !has(Degree.SHARP_ELEVEN) ? Set.of(Degree.ELEVEN) : Set.of();
    }

    /**
     * Notes a hand may leave out without the name becoming wrong: the perfect fifth, the ninth of elevenths and
     * thirteenths (common practice).
     */
    public Set<Degree> dispensable() {
        var set = EnumSet.noneOf(Degree.class);
        if (has(Degree.FIVE) && degrees.size() > 2) set.add(Degree.FIVE);
        if (has(Degree.NINE) && (has(Degree.ELEVEN) || has(Degree.SHARP_ELEVEN) || has(Degree.THIRTEEN))) {
            if (has(Degree.FLAT_SEVEN) || has(Degree.SEVEN)) set.add(Degree.NINE);
        }
        return set;
    }

    private boolean isEleventh() {
        boolean seventh = has(Degree.FLAT_SEVEN) || has(Degree.SEVEN);
        return has(Degree.ELEVEN) && seventh && has(Degree.NINE) && !has(Degree.THREE) && !has(Degree.FLAT_THREE);
    }

    /** The set of its semitones above the root: bit 4 is the major third. */
    public int mask() {
        return mask(degrees);
    }

    static int mask(Set<Degree> degrees) {
        int mask = 0;
        for (Degree degree : degrees) mask |= 1 << degree.semitones();
        return mask;
    }

    /** The suffix of a name in our house form: {@code m7}; empty for a major triad. */
    @Override
    public String toString() {
        return QualityText.of(this);
    }
}
