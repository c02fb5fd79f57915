package tactus.core.written.song;

import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Groove;

/**
 * How a song goes on.
 *
 * @param meter the usual meter; bars may have another
 * @param pickup felt beats in front of the first bar line, fewer than a bar has
 * @param groove what the drums play, if anybody has listened to them
 */
public record Pulse(Tempo tempo, Meter meter, int pickup, Optional<Groove> groove) {

    /** @throws Refusal if the pick-up is as long as a bar */
    public Pulse {
        Objects.requireNonNull(tempo);
        Objects.requireNonNull(groove);
        int inBar = meter.beats().size();
        if (pickup < 0 || pickup >= inBar) {
            throw new Refusal("facts.pick-up", meter, inBar - 1, pickup);
        }
    }

    Pulse withTempo(Tempo other) {
        return new Pulse(other, meter, pickup, groove);
    }

    Pulse withMeter(Meter other) {
        int fitting = Math.min(pickup, other.beats().size() - 1);
        return new Pulse(Tempo.of(tempo.perMinute(), other), other, fitting, groove);
    }

    Pulse withPickup(int beats) {
        return new Pulse(tempo, meter, beats, groove);
    }

    Pulse withGroove(Optional<Groove> other) {
        return new Pulse(tempo, meter, pickup, other);
    }
}
