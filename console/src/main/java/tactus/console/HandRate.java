package tactus.console;

import java.util.Locale;
import java.util.Map;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;

/** A hand as it is said on the command line: {@code eighths}, {@code all-down sixteenths}. */
final class HandRate {

    private static final Map<String, Length> RATES = Map.of(
            "quarters", Length.QUARTER,
            "eighths", Length.EIGHTH,
            "sixteenths", Length.SIXTEENTH,
            "triplets", Length.QUARTER.dividedBy(3));

    private HandRate() {}

    /** @throws Refusal if it is none */
    static Hand parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        boolean allDown = plain.startsWith("all-down");
        Length rate = RATES.get(allDown ? plain.substring("all-down".length()).strip() : plain);
        if (rate == null) {
            throw new Refusal("command.hand", text);
        }
        return allDown ? Hand.allDown(rate) : Hand.pendulum(rate);
    }
}
