package tactus.core.music.time;

import java.util.Arrays;
import java.util.List;
import tactus.core.ground.refusal.Refusal;

/** Into how many slots a felt beat is divided. In an additive meter this is meant for its shortest beat. */
public enum Division {
    ONE(1),
    TWO(2),
    THREE(3),
    FOUR(4),
    SIX(6),
    EIGHT(8);

    private final int slots;

    Division(int slots) {
        this.slots = slots;
    }

    /** @throws Refusal unless {@code slots} is 1, 2, 3, 4, 6 or 8 */
    public static Division of(int slots) {
        return Arrays.stream(values())
                .filter(division -> division.slots == slots)
                .findFirst()
                .orElseThrow(() -> new Refusal("division.beat-divided", slots));
    }

    /** The divisions that give every felt beat of {@code meter} a whole number of slots. */
    public static List<Division> in(Meter meter) {
        return Arrays.stream(values()).filter(division -> division.fits(meter)).toList();
    }

    /** The division a pattern in {@code meter} usually starts with: eighths. */
    public static Division usualIn(Meter meter) {
        return switch (meter.kind()) {
            case COMPOUND -> THREE;
            case SIMPLE, ADDITIVE -> TWO;
        };
    }

    /** Into how many slots a felt beat is divided. */
    public int slots() {
        return slots;
    }

    /** How long one slot is in {@code meter}. */
    public Length slotLength(Meter meter) {
        return meter.shortestBeat().dividedBy(slots);
    }

    /** @throws Refusal if it does not fit {@code meter} */
    public void checkFits(Meter meter) {
        if (!fits(meter)) {
            throw new Refusal("division.beats-divide", meter, slots);
        }
    }

    /** Answers whether every felt beat of {@code meter} holds a whole number of these slots. */
    public boolean fits(Meter meter) {
        Length slot = slotLength(meter);
        return meter.beats().stream().allMatch(beat -> beat.isMultipleOf(slot));
    }
}
