package tactus.core.music.time;

import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/**
 * How the two slots of a pair share their time: {@code 1:1} straight, {@code 2:1} triplet swing, {@code 3:2} light
 * swing. Feel moves when the second slot sounds, never its name. Beats in threes are not swung.
 *
 * @param longer the share of the first slot, from {@code shorter} to 3 times it
 * @param shorter the share of the second, from 1 to 9
 */
public record Feel(int longer, int shorter) {

    public static final Feel STRAIGHT = new Feel(1, 1);
    public static final Feel TRIPLET_SWING = new Feel(2, 1);
    public static final Feel LIGHT_SWING = new Feel(3, 2);

    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d)\\s*:\\s*(\\d)\\s*");

    /** @throws Refusal if a share is outside its range */
    public Feel {
        if (shorter < 1 || shorter > 9 || longer < shorter || longer > 3 * shorter) {
            throw new Refusal("feel.swing-straight", longer, shorter);
        }
    }

    /**
     * Reads {@code 2:1}.
     *
     * @throws NotationException if the text is no such ratio
     */
    public static Feel parse(String text) {
        var match = WRITTEN.matcher(text);
        if (!match.matches()) {
            throw new NotationException("feel.unread", text, NotationException.stop(match.pattern(), text));
        }
        try {
            return new Feel(Integer.parseInt(match.group(1)), Integer.parseInt(match.group(2)));
        } catch (Refusal outside) {
            throw new NotationException(
                    "feel.impossible", text, match.start(match.group(2).equals("0") ? 2 : 1), outside.reason());
        }
    }

    /** Whether slots are played as they are written. */
    public boolean isStraight() {
        return longer == shorter;
    }

    /** How much later than written {@code slot} sounds, in a beat that is divided into {@code inBeat} slots. */
    public Length delay(Slot slot, int inBeat) {
        boolean second = inBeat % 2 == 0 && slot.inBeat() % 2 == 1;
        if (isStraight() || !second) return Length.ZERO;
        return slot.length().times(2).times(Length.of(longer, longer + shorter)).minus(slot.length());
    }

    @Override
    public String toString() {
        return longer + ":" + shorter;
    }
}
