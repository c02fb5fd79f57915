package tactus.core.music.chord;

import static tactus.core.music.chord.Degree.*;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** Writes a quality in our house form: kind, number, suspension, then what is altered, added and left out. */
final class QualityText {

    private final Set<Degree> left;
    private final StringBuilder text = new StringBuilder();
    private boolean hasNumber;
    private boolean minor;
    private boolean flatThirteenthAlone;
    private boolean writeSixth;
    private String omitted = "";

    private QualityText(Quality quality) {
        left = EnumSet.copyOf(quality.degrees());
    }

    static String of(Quality quality) {
        return new QualityText(quality).write();
    }

    private String write() {
        left.remove(ROOT);
        if (left.equals(EnumSet.of(FIVE))) return "5";
        if (take(FLAT_THREE, FLAT_FIVE, DIMINISHED_SEVEN)) write("dim7");
        else writeThird();
        writeRest();
        return text.toString();
    }

    private void write(String part) {
        hasNumber |= part.chars().anyMatch(Character::isDigit);
        text.append(part);
    }

    private boolean take(Degree... wanted) {
        var all = Arrays.asList(wanted);
        if (!left.containsAll(all)) return false;
        all.forEach(left::remove);
        return true;
    }

    private boolean has(Degree degree) {
        return left.contains(degree);
    }

    private void writeThird() {
        minor = take(FLAT_THREE);
        boolean major = !minor && take(THREE);
        boolean diminished = minor && !has(FLAT_SEVEN) && take(FLAT_FIVE);
        boolean augmented = major && !has(FLAT_SEVEN) && !has(SEVEN) && !has(SIX) && take(SHARP_FIVE);
        if (minor) write(diminished ? "dim" : "m");
        if (augmented) write("aug");
        flatThirteenthAlone = major && (has(FLAT_SEVEN) || has(SEVEN)) && has(FLAT_THIRTEEN) && hasNoOtherTension();
        boolean suspended = !minor && !major && (has(TWO) || has(FOUR));
        boolean eleventh = writeNumber(!major && !suspended);
        if (suspended) write((take(TWO) ? "sus2" : "") + (take(FOUR) ? "sus4" : ""));
        if (!minor && !major && !suspended && !eleventh) omitted += "no3";
        boolean fifth = diminished || augmented || take(FIVE) || has(FLAT_FIVE) || has(SHARP_FIVE);
        if (fifth && flatThirteenthAlone) writeSixth = true;
        if (!fifth && !flatThirteenthAlone) omitted += "no5";
    }

    /** Writes the seventh with what is stacked on it, or the sixth; answers whether it is an eleventh. */
    private boolean writeNumber(boolean mayBeEleventh) {
        String seventh = take(FLAT_SEVEN) ? "" : take(SEVEN) ? "maj" : null;
        if (seventh == null) {
            if (take(SIX)) write(take(NINE) ? "69" : "6");
            return false;
        }
        boolean altered = has(FLAT_NINE) || has(SHARP_NINE);
        if (isThirteenth(altered)) {
            write(seventh + "13");
            if (minor && !has(SHARP_ELEVEN)) left.remove(ELEVEN);
            return false;
        }
        boolean eleventh = mayBeEleventh && !altered && !has(SHARP_ELEVEN) && take(NINE, ELEVEN);
        write(seventh + (eleventh ? "11" : !altered && take(NINE) ? "9" : "7"));
        return eleventh;
    }

    /** A thirteenth stands on a ninth, in minor on an eleventh too; it is taken if it is one. */
    private boolean isThirteenth(boolean altered) {
        if (minor && has(ELEVEN) == has(SHARP_ELEVEN)) return false;
        return altered ? !has(NINE) && take(THIRTEEN) : take(NINE, THIRTEEN);
    }

    private void writeRest() {
        for (Degree degree : Degree.values()) {
            if (!left.remove(degree)) continue;
            if (degree.isFifth()) write(hasNumber ? degree.sign() : "(" + degree.sign() + ")");
            else if (degree == FLAT_THIRTEEN && writeSixth) write("b6");
            else if (degree == SEVEN) write("addmaj7");
            else write((hasNumber && isAltered(degree) ? "" : "add") + degree.sign());
        }
        if (!omitted.isEmpty()) write("(" + omitted + ")");
    }

    private boolean hasNoOtherTension() {
        return Collections.disjoint(left, EnumSet.of(FLAT_NINE, SHARP_NINE, SHARP_ELEVEN));
    }

    private static boolean isAltered(Degree degree) {
        return !Character.isDigit(degree.sign().charAt(0));
    }
}
