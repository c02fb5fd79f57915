package tactus.core.music.shape;

import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/**
 * Strings next to each other, as a teacher says them: {@code 4-1} are strings 4, 3, 2 and 1.
 *
 * @param lowest the lowest-sounding, the higher number, to 12
 * @param highest the highest-sounding, from 1
 */
public record StringRange(int lowest, int highest) {

    private static final int MOST_STRINGS = 12;
    private static final Pattern FORM = Pattern.compile("\\s*(\\d{1,2})(?:\\s*[-–]\\s*(\\d{1,2}))?\\s*");

    /** @throws Refusal if a string is outside its range or they stand the wrong way round */
    public StringRange {
        if (highest < 1 || lowest > MOST_STRINGS || lowest < highest) {
            throw new Refusal("string-range.strings-said", lowest, highest);
        }
    }

    /**
     * Reads {@code 4-1}, or {@code 3} for one string; either way round.
     *
     * @throws NotationException if the text names no strings
     */
    public static StringRange parse(String text) {
        var match = FORM.matcher(text);
        if (!match.matches()) {
            throw new NotationException("string-range.unread", text, NotationException.stop(match.pattern(), text));
        }
        int one = Integer.parseInt(match.group(1));
        int other = match.group(2) == null ? one : Integer.parseInt(match.group(2));
        try {
            return new StringRange(Math.max(one, other), Math.min(one, other));
        } catch (Refusal wrong) {
            boolean firstFits = one >= 1 && one <= MOST_STRINGS;
            throw new NotationException("string-range.numbered", text, match.start(firstFits ? 2 : 1));
        }
    }

    /** Whether {@code string}, from 1, is in it. */
    public boolean has(int string) {
        return string >= highest && string <= lowest;
    }

    @Override
    public String toString() {
        return lowest == highest ? Integer.toString(lowest) : lowest + "-" + highest;
    }
}
