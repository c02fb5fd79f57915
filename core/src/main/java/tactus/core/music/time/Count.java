package tactus.core.music.time;

import java.util.Objects;

/**
 * The name of a slot in the number school: {@code 2} on the beat, {@code 2&} half way after it.
 *
 * @param number the number last counted, from 1
 * @param syllable what is said after the number, empty on the number itself
 */
public record Count(int number, String syllable) {

    public Count {
        Objects.requireNonNull(syllable);
    }

    /** Whether it is a number, so that a felt beat begins there. */
    public boolean isNumber() {
        return syllable.isEmpty();
    }

    /** What is said at this slot: the number, or the syllable alone. */
    public String spoken() {
        return isNumber() ? Integer.toString(number) : syllable;
    }

    /** Returns the name that is unique in its bar: {@code 2&}. */
    @Override
    public String toString() {
        return number + syllable;
    }
}
