package tactus.core.music.time;

import java.util.List;

/**
 * Names the slots of a bar in the number school: {@code 1 & 2 &}; sixteenths {@code 1 e & a}; triplets {@code 1 & a};
 * 6/8 as {@code 1 2 3 4 5 6}. The syllables are common practice; {@code ta} between them, for sixths and eighths of a
 * count, is from memory.
 */
public final class Counting {

    private static final String[][] SYLLABLES = {
        {""},
        {"", "&"},
        {"", "&", "a"},
        {"", "e", "&", "a"},
        {},
        {"", "ta", "&", "ta", "a", "ta"},
        {},
        {"", "ta", "e", "ta", "&", "ta", "a", "ta"}
    };

    private Counting() {}

    /**
     * Returns the name of the slot at {@code inBar}. The numbers count the meter's unit, so that 6/8 and 7/8 count
     * eighths.
     *
     * @param slot the length of the slots of the bar
     * @param inBar the distance from the start of the bar, not negative
     */
    public static Count at(Meter meter, Length slot, Length inBar) {
        Length unit = meter.unitLength();
        int number = Math.toIntExact(inBar.wholesOf(unit)) + 1;
        Length within = inBar.remainderOver(unit).dividedBy(unit);
        return new Count(number, syllable(unit.dividedBy(slot), within));
    }

    /**
     * What is said in {@code school} at {@code inBar}.
     *
     * @param slot the length of the slots there
     */
    public static String said(CountSchool school, Meter meter, Length slot, Length inBar) {
        if (school == CountSchool.NUMBERS) return at(meter, slot, inBar).spoken();
        int beat = 0;
        Length start = Length.ZERO;
        List<Length> beats = meter.beats();
        while (beat + 1 < beats.size() && !inBar.isLessThan(start.plus(beats.get(beat)))) {
            start = start.plus(beats.get(beat++));
        }
        int slots = Math.toIntExact(Math.max(1, beats.get(beat).wholesOf(slot)));
        int place = Math.toIntExact(inBar.minus(start).wholesOf(slot));
        String[] names = school == CountSchool.TAKADIMI ? takadimi(slots) : beatNames(meter, slots);
        String name = place < names.length ? names[place] : "ta";
        return name.isEmpty() ? Integer.toString(beat + 1) : name;
    }

    private static String[] takadimi(int slots) {
        return switch (slots) {
            case 1 -> new String[] {"ta"};
            case 2 -> new String[] {"ta", "di"};
            case 3 -> new String[] {"ta", "ki", "da"};
            case 4 -> new String[] {"ta", "ka", "di", "mi"};
            case 6 -> new String[] {"ta", "va", "ki", "di", "da", "ma"};
            // Deeper levels are not in the published table; the places between are said as beats are (ours).
            default -> new String[] {"ta", "ta", "ka", "ta", "di", "ta", "mi", "ta"};
        };
    }

    private static String[] beatNames(Meter meter, int slots) {
        boolean compound = meter.kind() == Meter.Kind.COMPOUND;
        return switch (slots) {
            case 3 -> compound ? new String[] {"", "la", "li"} : new String[] {"", "trip", "let"};
            case 6 -> new String[] {"", "ta", "la", "ta", "li", "ta"};
            default ->
                slots <= SYLLABLES.length && SYLLABLES[slots - 1].length > 0 ? SYLLABLES[slots - 1] : new String[] {""};
        };
    }

    private static String syllable(Length slotsInUnit, Length within) {
        if (within.isZero()) return "";
        int parts = Math.toIntExact(slotsInUnit.isWhole() ? slotsInUnit.over() : within.under());
        Length part = within.times(parts);
        boolean named = parts <= SYLLABLES.length && SYLLABLES[parts - 1].length > 0 && part.isWhole();
        return named ? SYLLABLES[parts - 1][Math.toIntExact(part.over())] : "ta";
    }
}
