package tactus.core.music.chord;

import static tactus.core.music.chord.Degree.*;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** A quality while its name is being read: each part of the name changes it. */
final class QualityReading {

    private Degree third = THREE;
    private Degree fifth = FIVE;
    private Degree seventh;
    private boolean majorSeven;
    private boolean diminished;
    private boolean power;
    private boolean altered;
    private boolean flatThirteenth;
    private int number;
    private final Set<Degree> suspended = EnumSet.noneOf(Degree.class);
    private final Set<Degree> added = EnumSet.noneOf(Degree.class);
    private final Set<Degree> omitted = EnumSet.noneOf(Degree.class);

    boolean hasNumber() {
        return number > 0;
    }

    boolean isMinor() {
        return third == FLAT_THREE;
    }

    void minor() {
        third = FLAT_THREE;
    }

    /** The word for major: the seventh that follows is a major one. */
    void major() {
        majorSeven = true;
    }

    /** A sign that says "major seventh" even without the number. */
    void majorSeventh() {
        majorSeven = true;
        if (number == 0) number(7);
    }

    void diminished() {
        third = FLAT_THREE;
        fifth = FLAT_FIVE;
        diminished = true;
    }

    void halfDiminished() {
        third = FLAT_THREE;
        fifth = FLAT_FIVE;
        number(7);
    }

    void augmented() {
        fifth = SHARP_FIVE;
    }

    void power() {
        power = true;
    }

    void altered() {
        altered = true;
        if (number == 0) number(7);
    }

    void suspended(Degree degree) {
        suspended.add(degree);
    }

    /** The number that says how far thirds are stacked: 7, 9, 11 or 13. */
    void number(int stacked) {
        boolean onDiminished = diminished && !majorSeven && number == 0;
        if (majorSeven && seventh == DIMINISHED_SEVEN) added.add(SEVEN);
        else if (majorSeven) seventh = SEVEN;
        else if (seventh == null) seventh = onDiminished ? DIMINISHED_SEVEN : FLAT_SEVEN;
        number = Math.max(number, stacked);
    }

    /** A seventh said to be added: the minor one, or a major one where there is a seventh already. */
    void addSeventh() {
        if (seventh == null) number(7);
        else added.add(SEVEN);
    }

    /** A major seventh said to be added, whatever else there is. */
    void addMajorSeventh() {
        if (seventh == null) {
            major();
            number(7);
        } else {
            added.add(SEVEN);
        }
    }

    void add(Degree degree) {
        added.add(degree);
    }

    void omit(int place) {
        switch (place) {
            case 1 -> omitted.add(ROOT);
            case 3 -> omitted.addAll(EnumSet.of(THREE, FLAT_THREE));
            case 5 -> omitted.addAll(EnumSet.of(FIVE, FLAT_FIVE, SHARP_FIVE));
            default -> omitted.addAll(EnumSet.of(NINE, FLAT_NINE, SHARP_NINE));
        }
    }

    /** A number with a sharp or flat before it. */
    void alter(int place, int sign) {
        switch (place) {
            case 5 -> alterFifth(sign);
            case 2, 9 -> added.add(sign < 0 ? FLAT_NINE : SHARP_NINE);
            case 3 -> minor();
            case 4, 11 -> added.add(SHARP_ELEVEN);
            case 7 -> {
                majorSeven = true;
                number(7);
            }
            default -> {
                added.add(FLAT_THIRTEEN);
                flatThirteenth |= place == 13;
            }
        }
    }

    private void alterFifth(int sign) {
        Degree wanted = sign < 0 ? FLAT_FIVE : SHARP_FIVE;
        if (fifth == FIVE || fifth == wanted) fifth = wanted;
        else added.add(sign < 0 ? SHARP_ELEVEN : FLAT_THIRTEEN);
    }

    Quality quality() {
        var degrees = EnumSet.of(ROOT);
        if (!power && suspended.isEmpty()) degrees.add(third);
        degrees.addAll(suspended);
        if (altered && fifth == FIVE) added.addAll(EnumSet.of(FLAT_NINE, SHARP_NINE, SHARP_ELEVEN, FLAT_THIRTEEN));
        else degrees.add(fifth);
        if (seventh != null) degrees.add(seventh);
        stack(degrees);
        degrees.addAll(added);
        settleSixth(degrees);
        degrees.removeAll(omitted);
        return new Quality(degrees);
    }

    private void stack(Set<Degree> degrees) {
        boolean ninthAltered = added.contains(FLAT_NINE) || added.contains(SHARP_NINE);
        if (number >= 9 && !ninthAltered) degrees.add(NINE);
        if (number == 11 && !added.contains(SHARP_ELEVEN)) {
            degrees.add(ELEVEN);
            // A major third a semitone below the eleventh is left out (common practice).
            degrees.remove(THREE);
        }
        if (number == 13) degrees.add(THIRTEEN);
        if (number == 13 && third == FLAT_THREE && !added.contains(SHARP_ELEVEN)) degrees.add(ELEVEN);
        if (flatThirteenthAlone()) degrees.remove(FIVE);
    }

    /** A flat thirteenth with no other alteration lies a semitone above the fifth and takes its place (common practice). */
    private boolean flatThirteenthAlone() {
        boolean major = third == THREE && suspended.isEmpty() && !omitted.contains(THREE);
        boolean tension = flatThirteenth && number > 0 && major;
        return tension && Collections.disjoint(added, EnumSet.of(FLAT_NINE, SHARP_NINE, SHARP_ELEVEN));
    }

    /** A sixth above a minor seventh is called a thirteenth, a ninth over a suspended second is that second. */
    private static void settleSixth(Set<Degree> degrees) {
        boolean seventh = degrees.contains(FLAT_SEVEN) || degrees.contains(SEVEN);
        if (seventh && degrees.remove(SIX)) degrees.add(THIRTEEN);
        if (!seventh && degrees.contains(FOUR) && degrees.remove(NINE)) degrees.add(TWO);
        if (degrees.contains(SIX)) degrees.remove(THIRTEEN);
        if (degrees.contains(DIMINISHED_SEVEN)) degrees.remove(SIX);
    }
}
