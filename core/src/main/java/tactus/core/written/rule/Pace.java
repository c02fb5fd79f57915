package tactus.core.written.rule;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Tempo;

/**
 * How fast a part of a song goes, where that is not the song's tempo.
 *
 * @param perMinute beats of the song's tempo a minute; of a pace that changes, those it ends with
 */
public record Pace(Way way, double perMinute) {

    /** How the tempo is come to. */
    public enum Way {
        /** From the first beat on. */
        STEADY,
        /** Evenly slower, beat by beat, from the tempo that is there. */
        SLOWING,
        /** Evenly quicker, beat by beat, from the tempo that is there. */
        GAINING
    }

    /** @throws Refusal if {@code perMinute} is no tempo */
    public Pace {
        Objects.requireNonNull(way);
        if (!(perMinute >= Tempo.SLOWEST && perMinute <= Tempo.FASTEST)) {
            String said =
                    perMinute == Math.rint(perMinute) ? Long.toString((long) perMinute) : Double.toString(perMinute);
            throw new Refusal("tempo.beats-minute", said);
        }
    }

    /** The tempo at {@code part} of the way, 0 to 1, where it was {@code before}. */
    public double at(double part, double before) {
        return way == Way.STEADY ? perMinute : before + (perMinute - before) * Math.clamp(part, 0, 1);
    }
}
