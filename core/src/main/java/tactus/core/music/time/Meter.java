package tactus.core.music.time;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/**
 * A time signature with its grouping: {@code 4/4}, {@code 6/8}, or {@code 2+2+3/8} for a 7/8 that is felt as two short
 * beats and a long one.
 *
 * @param groups how many units belong together, in order; each 1 to 4, in sum 1 to 32
 * @param unit the note value printed below: 1, 2, 4, 8, 16 or 32
 */
public record Meter(List<Integer> groups, int unit) {

    /** How the beat of a meter is felt. */
    public enum Kind {
        /** One group of up to four; the unit is the beat: 2/4, 3/4, 4/4, 3/8. */
        SIMPLE,
        /** Groups of three only; the group is the beat: 6/8, 9/8, 12/8, 6/4. */
        COMPOUND,
        /** Anything else; groups of eighths or shorter are the beats, longer units are beats themselves. */
        ADDITIVE
    }

    private static final int MOST_UNITS = 32;
    private static final Pattern WRITTEN =
            Pattern.compile("\\s*(-?\\d{1,4}(?:\\s*\\+\\s*\\d{1,4})*)\\s*/\\s*(-?\\d{1,4})\\s*");

    /** @throws Refusal if a group, their sum or the unit is outside its range */
    public Meter {
        groups = List.copyOf(groups);
        int count = groups.stream().mapToInt(Integer::intValue).sum();
        if (count < 1 || count > MOST_UNITS) {
            throw new Refusal("meter.upper-number", count);
        }
        if (groups.stream().anyMatch(group -> group < 1 || group > 4)) {
            throw new Refusal("meter.group", groups);
        }
        if (!isUnit(unit)) {
            throw new Refusal("meter.lower-number", unit);
        }
    }

    /**
     * Returns a meter with its usual grouping: threes where they come out even, 2+2+3 for seven, otherwise threes
     * followed by twos (common practice).
     *
     * @throws Refusal if {@code count} or {@code unit} is outside its range
     */
    public static Meter of(int count, int unit) {
        if (count < 1 || count > MOST_UNITS) {
            throw new Refusal("meter.upper-number", count);
        }
        return new Meter(usualGroups(count), unit);
    }

    /** Whether there is a meter with these numbers. */
    public static boolean isPossible(int count, int unit) {
        return count >= 1 && count <= MOST_UNITS && isUnit(unit);
    }

    private static boolean isUnit(int unit) {
        return unit >= 1 && unit <= 32 && Integer.bitCount(unit) == 1;
    }

    /**
     * Reads {@code 6/8} or {@code 2+2+3/8}.
     *
     * @throws NotationException if the text is no meter
     */
    public static Meter parse(String text) {
        var match = WRITTEN.matcher(text);
        if (!match.matches()) {
            throw new NotationException("meter.unread", text, NotationException.stop(match.pattern(), text));
        }
        try {
            var groups = List.of(match.group(1).split("\\s*\\+\\s*")).stream()
                    .map(Integer::valueOf)
                    .toList();
            int unit = Integer.parseInt(match.group(2));
            return groups.size() == 1 ? of(groups.getFirst(), unit) : new Meter(groups, unit);
        } catch (Refusal wrong) {
            int at = isUnit(Integer.parseInt(match.group(2))) ? match.start(1) : match.start(2);
            throw new NotationException("meter.impossible", text, at, wrong.reason());
        }
    }

    private static List<Integer> usualGroups(int count) {
        if (count <= 4) return List.of(count);
        if (count == 7) return List.of(2, 2, 3);
        int twos = switch (count % 3) {
            case 1 -> 2;
            case 2 -> 1;
            default -> 0;
        };
        var groups = new ArrayList<>(Collections.nCopies((count - 2 * twos) / 3, 3));
        groups.addAll(Collections.nCopies(twos, 2));
        return groups;
    }

    /** The number printed on top. */
    public int count() {
        int count = 0;
        for (int group : groups) count += group;
        return count;
    }

    /** How long one unit is: an eighth in 6/8. */
    public Length unitLength() {
        return Length.of(1, unit);
    }

    /** How long a bar is. */
    public Length length() {
        return Length.of(count(), unit);
    }

    /** Whether it is simple, compound or additive. */
    public Kind kind() {
        if (groups.size() == 1) return Kind.SIMPLE;
        return groups.stream().allMatch(group -> group == 3) ? Kind.COMPOUND : Kind.ADDITIVE;
    }

    /** The felt beats of a bar, in order: two dotted quarters in 6/8; quarter, quarter, dotted quarter in 2+2+3/8. */
    public List<Length> beats() {
        boolean unitsAreBeats = kind() == Kind.SIMPLE || kind() == Kind.ADDITIVE && unit < 8;
        return unitsAreBeats
                ? Collections.nCopies(count(), unitLength())
                : groups.stream().map(group -> unitLength().times(group)).toList();
    }

    /** The shortest felt beat; what a division is counted against. */
    public Length shortestBeat() {
        return Collections.min(beats());
    }

    /** Returns the signature on one line; the grouping is written only where it is not the usual one. */
    @Override
    public String toString() {
        return groups.equals(usualGroups(count())) ? count() + "/" + unit : grouped();
    }

    /** Returns the signature with its grouping: {@code 2+2+3/8}. */
    public String grouped() {
        return String.join("+", groups.stream().map(String::valueOf).toList()) + "/" + unit;
    }

    /** As for every record, only quicker: bars are compared at every stroke, and mostly have the same meter. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Meter meter && unit == meter.unit && groups.equals(meter.groups);
    }

    @Override
    public int hashCode() {
        return 31 * groups.hashCode() + unit;
    }
}
