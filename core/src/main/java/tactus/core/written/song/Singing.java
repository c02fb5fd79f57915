package tactus.core.written.song;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.pitch.Tune;
import tactus.core.music.pitch.VoiceRange;

/**
 * What is known of the singing to which a song is played.
 *
 * @param voice what whoever sings it sings well
 * @param tune what the tune goes over
 */
public record Singing(Optional<VoiceRange> voice, Optional<Tune> tune) {

    public static final Singing UNKNOWN = new Singing(Optional.empty(), Optional.empty());

    public Singing {
        Objects.requireNonNull(voice);
        Objects.requireNonNull(tune);
    }
}
