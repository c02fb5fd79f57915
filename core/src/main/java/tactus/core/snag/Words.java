package tactus.core.snag;

import tactus.core.time.Length;

/** Numbers with their nouns, as a sentence needs them. */
final class Words {

    private Words() {}

    static String count(long number, String noun) {
        return number + " " + noun + (number == 1 ? "" : "s");
    }

    static String bars(int count) {
        return count(count, "bar");
    }

    /** {@code 3 beats}, {@code 1 beat}, {@code 3/2 beats}. */
    static String beats(Length count) {
        return count + (count.equals(Length.WHOLE) ? " beat" : " beats");
    }
}
