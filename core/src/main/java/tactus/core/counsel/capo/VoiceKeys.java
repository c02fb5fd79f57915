package tactus.core.counsel.capo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tune;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Singing;

/**
 * In which keys the singer has every note of the tune, each with the easiest way to play the song in it.
 *
 * @param now the key the song sounds in
 * @param outside by how many semitones the tune goes above the voice in it, or below if negative
 * @param keys those that fit, the nearest first
 */
public record VoiceKeys(Key now, int outside, List<Fitting> keys) {

    /**
     * A key that fits.
     *
     * @param semitones how far the tune is from where it is sung now
     * @param place the easiest way to play it; empty if no hand can
     */
    public record Fitting(Key key, int semitones, Optional<CapoChoice> place) {

        public Fitting {
            Objects.requireNonNull(key);
            Objects.requireNonNull(place);
        }
    }

    public VoiceKeys {
        Objects.requireNonNull(now);
        keys = List.copyOf(keys);
    }

    /** Compares all twelve keys; empty unless {@code facts} say what the singer and what the tune goes over. */
    public static Optional<VoiceKeys> of(Facts facts, CapoPlan plan) {
        Singing singing = facts.singing();
        return singing.voice().flatMap(voice -> singing.tune().map(tune -> of(facts.key(), tune, voice, plan)));
    }

    private static VoiceKeys of(Key now, Tune tune, VoiceRange voice, CapoPlan plan) {
        Tune.Sung here = tune.in(now, voice);
        var keys = new ArrayList<Fitting>();
        IntStream.range(0, 12).mapToObj(now::plus).forEach(key -> {
            Tune.Sung sung = tune.in(key, voice);
            int up = Math.floorMod(key.tonic() - now.tonic(), 12);
            if (sung.outside() == 0) keys.add(new Fitting(key, sung.semitones() - here.semitones(), easiest(plan, up)));
        });
        keys.sort(Comparator.comparingInt(fitting -> Math.abs(fitting.semitones())));
        return new VoiceKeys(now, here.outside(), keys);
    }

    /** The easiest of a plan's choices where the song sounds {@code up} semitones higher, as a capo elsewhere makes it. */
    private static Optional<CapoChoice> easiest(CapoPlan plan, int up) {
        return plan.choices().stream()
                .filter(choice -> choice.tunedDown() == 0)
                .flatMap(choice -> IntStream.of(choice.capo() + up, choice.capo() + up - 12)
                        .filter(capo -> capo >= 0 && capo <= Instrument.HIGHEST_CAPO)
                        .mapToObj(choice::withCapo))
                .min(Comparator.comparingDouble(CapoChoice::cost));
    }

    /** Whether the singer has the tune as it is, and in which keys otherwise. */
    public Statement statement() {
        if (keys.isEmpty()) return Statement.of("voice-keys.none");
        List<Statement> others = keys.stream()
                .filter(fitting -> !fitting.key().equals(now))
                .map(VoiceKeys::said)
                .toList();
        if (outside == 0)
            return others.isEmpty()
                    ? Statement.of("voice-keys.only", now)
                    : Statement.of("voice-keys.fits", now, others);
        return Statement.of(outside > 0 ? "voice-keys.too-high" : "voice-keys.too-low", now, Math.abs(outside), others);
    }

    private static Statement said(Fitting fitting) {
        return fitting.place()
                .map(place -> Statement.of("voice-keys.key-played", fitting.key(), CapoAdvice.place(place)))
                .orElseGet(() -> Statement.of("voice-keys.key", fitting.key()));
    }
}
