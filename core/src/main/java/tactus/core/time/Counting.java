package tactus.core.time;

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

    private static String syllable(Length slotsInUnit, Length within) {
        if (within.isZero()) return "";
        int parts = Math.toIntExact(slotsInUnit.isWhole() ? slotsInUnit.over() : within.under());
        Length part = within.times(parts);
        boolean named = parts <= SYLLABLES.length && SYLLABLES[parts - 1].length > 0 && part.isWhole();
        return named ? SYLLABLES[parts - 1][Math.toIntExact(part.over())] : "ta";
    }
}
